<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Rule;

use BenchGlow\Steps\Before;
use BenchGlow\Steps\StepList;

final class TrialFix implements Before
{
    public function id(): string
    {
        return 'trial.fix';
    }

    public function because(): string
    {
        return 'a sensor\'s place is found, not measured';
    }

    public function pairs(StepList $steps): iterable
    {
        foreach ($steps->of('trial') as $trial) {
            foreach ($steps->about($trial->subject, 'clean', 'stick', 'fix') as $after) {
                yield [$trial, $after];
            }
        }
    }
}
