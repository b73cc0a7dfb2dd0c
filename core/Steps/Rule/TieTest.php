<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Rule;

use BenchGlow\Steps\Before;
use BenchGlow\Steps\StepList;

final class TieTest implements Before
{
    public function id(): string
    {
        return 'tie.test';
    }

    public function because(): string
    {
        return 'what is tied later is hurt later';
    }

    public function pairs(StepList $steps): iterable
    {
        foreach ($steps->of('tie') as $tie) {
            foreach ($steps->of('shorts') as $shorts) {
                if (StepList::meets($tie, $shorts) && ($tie->side === $shorts->side || $tie->side === null)) {
                    yield [$tie, $shorts];
                }
            }
            foreach (["run:{$tie->subject}", "far_end:{$tie->subject}"] as $key) {
                $first = $steps->get($key);
                if ($first !== null) {
                    yield [$first, $tie];
                }
            }
        }
    }
}
