<?php

declare(strict_types=1);

namespace BenchGlow\Check\Work;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\ReadsWork;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\PlanBy;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\Words;
use BenchGlow\Steps\Step;

/** Acts that want two, planned for one: each shows how one does it, in half as much time again. */
final class HelperNeededRule implements ReadsWork, Rule
{
    /** From so many on a helper for an hour is worth it. */
    private const MANY = 6;

    public function id(): string
    {
        return 'build.helper_needed';
    }

    public function check(Analysis $analysis): array
    {
        $seen = WorkSeen::of($analysis);
        if (! $seen->isBegun() || $seen->steps->job->choices->people > 1) {
            return [];
        }
        $two = array_filter($seen->steps->all, fn (Step $s): bool => $s->hands > 1 && ! $seen->isDone($s->key));
        if (count($two) < self::MANY) {
            return [];
        }
        $minutes = array_sum(array_map(fn (Step $s): float => $s->minutes / 3, $two));

        return [
            new Finding(
                $this->id(),
                Severity::Note,
                null,
                'build',
                Words::count(count($two), 'act').
                    ' want two hands more; alone they take '.
                    (int) round($minutes).
                    ' min more.',
                'We are two',
                new PlanBy(new Fields(['people' => 2])),
            ),
        ];
    }
}
