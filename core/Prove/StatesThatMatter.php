<?php

declare(strict_types=1);

namespace BenchGlow\Prove;

/** The fewest states in which every fault that any state shows to the eye is shown: a greedy cover, rest first. */
final readonly class StatesThatMatter
{
    private const MOST = 8;

    /**
     * @param  list<int>  $states  of the table
     * @param  list<string>  $seen  faults they show
     * @param  list<string>  $visible  faults that some state shows
     */
    private function __construct(public array $states, public array $seen, public array $visible)
    {
    }

    public static function of(FaultTable $table): self
    {
        $shows = [];
        foreach ($table->all() as $key => $row) {
            foreach ($row as $n => $seen) {
                if (! $seen->looksLike($table->right[$n])) {
                    $shows[$n][$key] = true;
                }
            }
        }
        $visible = array_keys(array_merge([], ...array_values($shows)));
        $states = $table->states === [] ? [] : [0];
        $covered = $shows[0] ?? [];
        while (count($states) < self::MOST) {
            $best = null;
            foreach ($shows as $n => $faults) {
                $new = count(array_diff_key($faults, $covered));
                if ($new > 0 && ($best === null || $new > $best[1])) {
                    $best = [$n, $new];
                }
            }
            if ($best === null) {
                break;
            }
            $states[] = $best[0];
            $covered += $shows[$best[0]];
        }
        sort($states);

        return new self($states, array_map(strval(...), array_keys($covered)), array_map(strval(...), $visible));
    }
}
