<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Rule;

use BenchGlow\Steps\Before;
use BenchGlow\Steps\StepList;

final class CloseClosedTest implements Before
{
    public function id(): string
    {
        return 'close.closed_test';
    }

    public function because(): string
    {
        return 'closing pulls plugs and pinches wires';
    }

    public function pairs(StepList $steps): iterable
    {
        foreach ($steps->of('closed_test') as $test) {
            foreach ($steps->of('close', 'tighten') as $close) {
                yield [$close, $test];
            }
            foreach ($steps->of('open_test') as $open) {
                if (StepList::meets($open, $test)) {
                    yield [$open, $test];
                }
            }
        }
        foreach ($steps->of('host_again') as $again) {
            foreach ($steps->of('close', 'tighten', 'closed_test', 'open_test') as $first) {
                yield [$first, $again];
            }
        }
    }
}
