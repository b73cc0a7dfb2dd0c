<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Rule;

use BenchGlow\Steps\Before;
use BenchGlow\Steps\StepList;

final class PanelBehind implements Before
{
    public function id(): string
    {
        return 'panel.behind';
    }

    public function because(): string
    {
        return 'the outer one is in its way';
    }

    public function pairs(StepList $steps): iterable
    {
        foreach ($steps->job->panels() as $panel) {
            foreach ($panel->behind as $outer) {
                $first = $steps->get("open:{$outer}");
                $then = $steps->get("open:{$panel->id}");
                if ($first !== null && $then !== null) {
                    yield [$first, $then];
                }
            }
        }
    }
}
