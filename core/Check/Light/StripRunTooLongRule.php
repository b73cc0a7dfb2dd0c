<?php

declare(strict_types=1);

namespace BenchGlow\Check\Light;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\FeedBothEnds;
use BenchGlow\Options\FeedOptions;
use BenchGlow\Quantity\Words;

/** More strip from one feed than its maker allows (electrics.md 3). */
final class StripRunTooLongRule implements Rule
{
    public function id(): string
    {
        return 'strip.run_too_long';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->build->lights as $light) {
            $limit = $light->kind === 'strip' ? $light->part->numberOrNull('max_run_m') : null;
            if ($limit === null) {
                continue;
            }
            $units = $light->fit()->units;
            $marks = FeedOptions::marks($analysis->harness, $light->id);
            $longest = $marks === [] ? 0.0 : $this->longestRun($marks, $units) * $light->strip()->pitchM();
            if ($longest > $limit + 1e-9) {
                $findings[] = new Finding(
                    $this->id(),
                    Severity::Warning,
                    $light->circuit,
                    $light->id,
                    Words::first($light->label).
                        ' runs '.
                        $analysis->length($longest).
                        ' from one feed; its maker allows '.
                        $analysis->length($limit).
                        '.',
                    count($marks) === 1 ? 'Feed both ends' : null,
                    count($marks) === 1 ? new FeedBothEnds($light->id) : null,
                );
            }
        }

        return $findings;
    }

    /**
     * Units from a feed to the farthest unit it serves: the whole way to an open end, half way to the next feed.
     *
     * @param  list<int>  $marks
     */
    private function longestRun(array $marks, int $units): float
    {
        $longest = max($marks[0], $units - $marks[count($marks) - 1]);
        foreach (array_slice($marks, 1) as $i => $mark) {
            $longest = max($longest, ($mark - $marks[$i]) / 2);
        }

        return $longest;
    }
}
