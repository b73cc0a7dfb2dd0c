<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Rule;

use BenchGlow\Steps\Before;
use BenchGlow\Steps\StepList;

final class OldLast implements Before
{
    public function id(): string
    {
        return 'old.last';
    }

    public function because(): string
    {
        return 'light to work by, and a way back';
    }

    public function pairs(StepList $steps): iterable
    {
        $proofs = $steps->of('open_test') ?: $steps->of('closed_test');
        foreach ($steps->of('own') as $own) {
            // Taking an old light out is the builder's own step; it waits for proof of the new one.
            foreach (preg_match('/\bold\b/i', $own->title) === 1 ? $proofs : [] as $proven) {
                yield [$proven, $own];
            }
        }
    }
}
