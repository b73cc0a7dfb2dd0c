<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Rule;

use BenchGlow\Steps\Before;
use BenchGlow\Steps\StepList;

final class DryCleanStick implements Before
{
    public function id(): string
    {
        return 'dry.clean.stick';
    }

    public function because(): string
    {
        return 'tape holds only on a face cleaned just now';
    }

    public function pairs(StepList $steps): iterable
    {
        foreach ($steps->of('stick') as $stick) {
            $dry = $steps->get("dry:{$stick->subject}");
            $clean = $steps->get("clean:{$stick->subject}");
            if ($dry !== null && $clean !== null) {
                yield [$dry, $clean];
                yield [$clean, $stick];
            }
        }
    }
}
