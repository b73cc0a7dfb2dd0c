<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Rule;

use BenchGlow\Steps\Before;
use BenchGlow\Steps\StepList;

final class KitComplete implements Before
{
    public function id(): string
    {
        return 'kit.complete';
    }

    public function because(): string
    {
        return 'a missing drill or fuse stops a job half done';
    }

    public function pairs(StepList $steps): iterable
    {
        foreach ($steps->of('kit') as $kit) {
            foreach ($steps->of('cut', 'mark', 'drill', 'assemble', 'open', 'tap') as $after) {
                yield [$kit, $after];
            }
        }
    }
}
