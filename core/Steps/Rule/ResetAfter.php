<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Rule;

use BenchGlow\Steps\Before;
use BenchGlow\Steps\StepList;

final class ResetAfter implements Before
{
    public function id(): string
    {
        return 'reset.after';
    }

    public function because(): string
    {
        return 'it forgot while the power was off';
    }

    public function pairs(StepList $steps): iterable
    {
        foreach ($steps->of('reset') as $reset) {
            foreach ($steps->of('tap', 'ground', 'land', 'unplug', 'couple', 'fuse') as $dead) {
                if ($dead->power !== 'any') {
                    yield [$dead, $reset];
                }
            }
            foreach ($steps->of('host_again') as $again) {
                yield [$reset, $again];
            }
        }
    }
}
