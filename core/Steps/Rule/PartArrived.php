<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Rule;

use BenchGlow\Steps\Before;
use BenchGlow\Steps\StepList;

final class PartArrived implements Before
{
    public function id(): string
    {
        return 'part.arrived';
    }

    public function because(): string
    {
        return 'it is not here yet';
    }

    public function pairs(StepList $steps): iterable
    {
        // What comes late has a time, not a step before it: the calendar keeps back what uses it (see Arrivals).
        return [];
    }
}
