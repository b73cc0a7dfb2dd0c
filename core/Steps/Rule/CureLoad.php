<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Rule;

use BenchGlow\Steps\Before;
use BenchGlow\Steps\StepList;

final class CureLoad implements Before
{
    public function id(): string
    {
        return 'cure.load';
    }

    public function because(): string
    {
        return 'it holds only after a while';
    }

    public function pairs(StepList $steps): iterable
    {
        foreach ($steps->all as $step) {
            foreach ($step->cureS > 0.0 ? $steps->of('use') : [] as $load) {
                yield [$step, $load, $step->cureS];
            }
        }
    }
}
