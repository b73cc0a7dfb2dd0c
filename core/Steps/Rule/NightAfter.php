<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Rule;

use BenchGlow\Steps\Before;
use BenchGlow\Steps\StepList;

final class NightAfter implements Before
{
    public function id(): string
    {
        return 'night.after';
    }

    public function because(): string
    {
        return 'what is finished is looked at in the dark, and then used';
    }

    public function pairs(StepList $steps): iterable
    {
        $finished = $steps->of('closed_test', 'open_test', 'host_again', 'close', 'tighten', 'reset');
        foreach ($steps->of('night', 'tidy') as $after) {
            foreach ($finished as $first) {
                yield [$first, $after];
            }
        }
        foreach ($steps->of('use') as $use) {
            foreach ($steps->of('night', 'tidy') as $first) {
                yield [$first, $use];
            }
        }
    }
}
