<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Rule;

use BenchGlow\Steps\Before;
use BenchGlow\Steps\StepList;

final class FarEndSource implements Before
{
    public function id(): string
    {
        return 'far_end.source';
    }

    public function because(): string
    {
        return 'a wire can be hurt while it is pulled';
    }

    public function pairs(StepList $steps): iterable
    {
        foreach ($steps->job->assemblies->all as $key => $one) {
            $run = $steps->get("run:{$key}");
            $far = $steps->get("far_end:{$key}");
            if ($far === null || $run === null) {
                continue;
            }
            yield [$run, $far];
            foreach ($steps->sourceLandings($one) as $land) {
                yield [$far, $land];
            }
        }
    }
}
