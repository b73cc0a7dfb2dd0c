<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Rule;

use BenchGlow\Steps\Before;
use BenchGlow\Steps\StepList;

final class SideFirst implements Before
{
    public function id(): string
    {
        return 'side.first';
    }

    public function because(): string
    {
        return 'what the first side taught is used on the second';
    }

    public function pairs(StepList $steps): iterable
    {
        foreach ($steps->job->choices->sides === 'one_first' ? $steps->all : [] as $begins) {
            if ($begins->side === null || ! in_array($begins->verb, self::BEGINS, true)) {
                continue;
            }
            $second = $steps->job->build->lights[$begins->side];
            $first = $steps->job->build->lights[$second->fields->text('mirror_of')];
            $proven = $steps->get("open_test:{$first->circuit}");
            // Proven only when all is closed, a first side of the same circuit can't wait for itself.
            $proven ??= $first->circuit === $second->circuit ? null : $steps->get("shorts:{$first->circuit}");
            if ($proven !== null) {
                yield [$proven, $begins];
            }
        }
    }

    /** What a side begins with on the host; the bench makes both. */
    private const BEGINS = ['mark', 'look', 'drill', 'dress', 'dry', 'clean', 'stick', 'fix', 'run'];
}
