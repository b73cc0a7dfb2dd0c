<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Rule;

use BenchGlow\Steps\Before;
use BenchGlow\Steps\Step;
use BenchGlow\Steps\StepList;

final class DustAway implements Before
{
    public function id(): string
    {
        return 'dust.away';
    }

    public function because(): string
    {
        return 'swarf gets under tape and into contacts';
    }

    public function pairs(StepList $steps): iterable
    {
        foreach ($steps->of('drill', 'dress') as $dusty) {
            foreach ($steps->of('clean', 'stick', 'couple') as $clean) {
                if (self::near($dusty, $clean)) {
                    yield [$dusty, $clean];
                }
            }
        }
    }

    /**
     * At the same place or behind the same panel; where neither is said, of the same circuit. The second side is drilled once
     * the first is proven, so its dust can't be waited for.
     */
    private static function near(Step $a, Step $b): bool
    {
        return StepList::meets($a, $b) &&
            $a->side === $b->side &&
            ($a->place === $b->place || array_intersect($a->panels, $b->panels) !== [] || $a->panels === []);
    }
}
