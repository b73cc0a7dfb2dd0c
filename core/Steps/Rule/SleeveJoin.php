<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Rule;

use BenchGlow\Steps\Before;
use BenchGlow\Steps\StepList;

final class SleeveJoin implements Before
{
    public function id(): string
    {
        return 'sleeve.join';
    }

    public function because(): string
    {
        return 'it can\'t go on afterwards';
    }

    public function pairs(StepList $steps): iterable
    {
        foreach ($steps->of('sleeve') as $sleeve) {
            $join = $steps->get("join:{$sleeve->subject}");
            if ($join !== null) {
                yield [$sleeve, $join];
            }
        }
    }
}
