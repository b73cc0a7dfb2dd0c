<?php

declare(strict_types=1);

namespace BenchGlow\Prove;

/** Two faults at once, where none alone explains what was seen: the likeliest taken two by two (probe-prove.md 14). */
final class Pairs
{
    private const OF = 12;

    private const SHOWN = 3;

    /**
     * @param  list<Observation>  $seen
     * @return list<Suspect> the likeliest first; [] where no two explain it better than something nobody thought of
     */
    public static function of(FaultTable $table, Finder $finder, array $seen): array
    {
        $best = array_slice(array_column($finder->ranked(), 0), 0, self::OF);
        $total = max(1e-9, array_sum(array_map(fn (Suspect $s): float => $s->weight(), $finder->suspects)));
        $least = log(Finder::SOMETHING_ELSE ** 2);
        foreach ($seen as $one) {
            $least += log($one->elsewise());
        }
        $all = [];
        foreach ($best as $n => $a) {
            foreach (array_slice($best, $n + 1) as $b) {
                $pair = self::both($table, $a, $b);
                $likely = log(($a->weight() * $b->weight()) / $total ** 2);
                foreach ($seen as $one) {
                    // What is behind a fuse with both in it is not solved: it says nothing for or against.
                    $given =
                        $one->kind === 'ohms'
                            ? $one->elsewise()
                            : $one->given($pair, $table->right[$one->state] ?? null);
                    $likely += log(max(1e-12, $given));
                }
                $likely > $least ? ($all[] = [$likely, $pair]) : null;
            }
        }
        usort($all, fn (array $a, array $b): int => $b[0] <=> $a[0]);

        return array_slice(array_column($all, 1), 0, self::SHOWN);
    }

    private static function both(FaultTable $table, Suspect $a, Suspect $b): Suspect
    {
        [$one, $two] = [$a->faults[0], $b->faults[0]];
        $fault = new Fault(
            "{$one->key} {$two->key}",
            'pair',
            [...$one->places, ...$two->places],
            $one->says.', and '.lcfirst($two->says),
            $one->weight * $two->weight,
            $one->overlay->and($two->overlay),
        );

        return new Suspect([$fault], $table->rowOf($fault));
    }
}
