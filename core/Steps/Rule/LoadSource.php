<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Rule;

use BenchGlow\Steps\Before;
use BenchGlow\Steps\StepList;

final class LoadSource implements Before
{
    public function id(): string
    {
        return 'load.source';
    }

    public function because(): string
    {
        return 'no live feed into an open end';
    }

    public function pairs(StepList $steps): iterable
    {
        foreach ($steps->job->assemblies->all as $one) {
            $far = $steps->farLandings($one);
            foreach ($steps->sourceLandings($one) as $source) {
                // Grounds are made when they can be: they feed nothing.
                foreach ($source->verb === 'ground' ? [] : $far as $first) {
                    yield [$first, $source];
                }
            }
            foreach ($one->plugs() as $plug) {
                foreach ($steps->about($plug, 'couple') as $couple) {
                    foreach ($far as $first) {
                        yield [$first, $couple];
                    }
                }
            }
        }
    }
}
