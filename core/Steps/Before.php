<?php

declare(strict_types=1);

namespace BenchGlow\Steps;

/** Why one step comes before another: a rule of the closed list (build-handover.md 5). */
interface Before
{
    public function id(): string;

    public function because(): string;

    /** @return iterable<array{0: Step, 1: Step, 2?: float}> before, after, seconds that pass between them */
    public function pairs(StepList $steps): iterable;
}
