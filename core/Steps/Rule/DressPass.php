<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Rule;

use BenchGlow\Steps\Before;
use BenchGlow\Steps\StepList;

final class DressPass implements Before
{
    public function id(): string
    {
        return 'dress.pass';
    }

    public function because(): string
    {
        return 'never through a bare edge';
    }

    public function pairs(StepList $steps): iterable
    {
        foreach ($steps->of('drill', 'dress') as $step) {
            $for = $steps->job->build->holes[$step->subject]->for;
            foreach ($steps->about($for, 'stick', 'fix', 'dry', 'trial', 'run') as $through) {
                yield [$step, $through];
            }
            foreach ($steps->job->assemblies->all as $key => $one) {
                $run = $steps->get("run:{$key}");
                if ($run !== null && in_array($for, $one->stretches, true)) {
                    yield [$step, $run];
                }
            }
        }
    }
}
