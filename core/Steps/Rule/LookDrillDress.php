<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Rule;

use BenchGlow\Steps\Before;
use BenchGlow\Steps\StepList;

final class LookDrillDress implements Before
{
    public function id(): string
    {
        return 'look.drill.dress';
    }

    public function because(): string
    {
        return 'something vital may lie there, and a bare edge cuts wires';
    }

    public function pairs(StepList $steps): iterable
    {
        foreach ($steps->job->build->holes as $hole) {
            $last = null;
            foreach (['mark', 'look', 'drill', 'dress'] as $verb) {
                $step = $steps->get("{$verb}:{$hole->id}");
                if ($last !== null && $step !== null) {
                    yield [$last, $step];
                }
                $last = $step ?? $last;
            }
        }
    }
}
