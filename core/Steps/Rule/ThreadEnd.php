<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Rule;

use BenchGlow\Steps\Before;
use BenchGlow\Steps\StepList;
use BenchGlow\Steps\Thread;

final class ThreadEnd implements Before
{
    public function id(): string
    {
        return 'thread.end';
    }

    public function because(): string
    {
        return 'it does not go through the hole';
    }

    public function pairs(StepList $steps): iterable
    {
        foreach ($steps->job->assemblies->all as $key => $one) {
            $run = $steps->get("run:{$key}");
            if ($run === null) {
                continue;
            }
            foreach ($one->plugs() as $plug) {
                $made = $steps->get("plug:{$plug}");
                if ($made !== null && Thread::isThreaded($steps->job, $one, $plug)) {
                    yield [$run, $made];
                }
            }
        }
    }
}
