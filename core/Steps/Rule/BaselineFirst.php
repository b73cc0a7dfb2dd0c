<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Rule;

use BenchGlow\Steps\Before;
use BenchGlow\Steps\StepList;

final class BaselineFirst implements Before
{
    public function id(): string
    {
        return 'baseline.first';
    }

    public function because(): string
    {
        return 'a fault found later must not be yours';
    }

    public function pairs(StepList $steps): iterable
    {
        foreach ($steps->of('baseline') as $first) {
            foreach ($steps->of('open', 'tap', 'ground', 'land', 'drill', 'unplug') as $after) {
                yield [$first, $after];
            }
        }
    }
}
