<?php

declare(strict_types=1);

namespace BenchGlow\Prove;

/** All suspicions of a circuit: its faults, grouped where no test parts them. */
final class Suspects
{
    /** Volts within so much are the same to a meter beside the work. */
    public const WITHIN_V = 0.3;

    /** @return list<Suspect> in the order of the faults */
    public static function of(FaultTable $table): array
    {
        $rows = $groups = [];
        foreach ($table->all() as $key => $row) {
            $at = count($rows);
            foreach ($rows as $n => $seen) {
                if (self::same($row, $seen)) {
                    $at = $n;
                    break;
                }
            }
            $rows[$at] ??= $row;
            $groups[$at][] = $table->faults[$key];
        }
        $all = [];
        foreach ($groups as $n => $faults) {
            // What shows nothing anywhere is no suspicion: the circuit is as it should be.
            if (! self::same($rows[$n], $table->right)) {
                usort($faults, fn (Fault $a, Fault $b): int => $b->weight <=> $a->weight);
                $all[] = new Suspect($faults, $rows[$n]);
            }
        }

        return $all;
    }

    /**
     * @param  list<Seen>  $a
     * @param  list<Seen>  $b
     */
    private static function same(array $a, array $b): bool
    {
        foreach ($a as $n => $seen) {
            if (! $seen->isLike($b[$n], self::WITHIN_V)) {
                return false;
            }
        }

        return true;
    }
}
