<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Rule;

use BenchGlow\Steps\Before;
use BenchGlow\Steps\StepList;

final class BenchFix implements Before
{
    public function id(): string
    {
        return 'bench.fix';
    }

    public function because(): string
    {
        return 'a dead part is found before it is fitted';
    }

    public function pairs(StepList $steps): iterable
    {
        foreach ($steps->of('bench', 'assemble') as $first) {
            foreach ($steps->about($first->subject, 'dry', 'stick', 'fix', 'land', 'trial') as $after) {
                yield [$first, $after];
            }
            foreach ($first->verb === 'assemble' ? $steps->about($first->subject, 'bench') : [] as $after) {
                yield [$first, $after];
            }
        }
    }
}
