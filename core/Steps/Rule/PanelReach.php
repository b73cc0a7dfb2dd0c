<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Rule;

use BenchGlow\Steps\Before;
use BenchGlow\Steps\StepList;

final class PanelReach implements Before
{
    public function id(): string
    {
        return 'panel.reach';
    }

    public function because(): string
    {
        return 'it is behind it';
    }

    public function pairs(StepList $steps): iterable
    {
        foreach ($steps->all as $step) {
            foreach ($step->panels as $panel) {
                $open = $steps->get("open:{$panel}");
                $close = $steps->get("close:{$panel}");
                if ($open === null || $close === null || $open === $step) {
                    continue;
                }
                yield [$open, $step];
                if ($step->verb !== 'open') {
                    yield [$step, $close];
                }
            }
        }
    }
}
