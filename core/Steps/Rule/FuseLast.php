<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Rule;

use BenchGlow\Steps\Before;
use BenchGlow\Steps\StepList;

final class FuseLast implements Before
{
    public function id(): string
    {
        return 'fuse.last';
    }

    public function because(): string
    {
        return 'power is the last of the wiring';
    }

    public function pairs(StepList $steps): iterable
    {
        foreach ($steps->of('fuse') as $fuse) {
            foreach ($steps->of('open_test', 'closed_test', 'pair', 'set', 'night', 'use') as $live) {
                if (StepList::meets($fuse, $live)) {
                    yield [$fuse, $live];
                }
            }
        }
        foreach ($steps->of('shorts', 'set', 'pair') as $first) {
            foreach ($steps->of('open_test', 'closed_test') as $test) {
                $side = $first->side === null || $first->side === $test->side || $test->verb === 'closed_test';
                if ($side && StepList::meets($first, $test)) {
                    yield [$first, $test];
                }
            }
            foreach ($first->verb === 'pair' ? $steps->about($first->subject, 'set') : [] as $set) {
                yield [$first, $set];
            }
        }
    }
}
