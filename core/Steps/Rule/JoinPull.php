<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Rule;

use BenchGlow\Steps\Before;
use BenchGlow\Steps\StepList;

final class JoinPull implements Before
{
    public function id(): string
    {
        return 'join.pull';
    }

    public function because(): string
    {
        return 'proven before it is hidden';
    }

    public function pairs(StepList $steps): iterable
    {
        foreach ($steps->of('join') as $join) {
            $pull = $steps->get("pull:{$join->subject}");
            $seal = $steps->get("seal:{$join->subject}");
            if ($pull !== null) {
                yield [$join, $pull];
            }
            if ($seal !== null) {
                yield [$pull ?? $join, $seal];
            }
        }
    }
}
