<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Rule;

use BenchGlow\Steps\Before;
use BenchGlow\Steps\StepList;

final class CloseReverse implements Before
{
    public function id(): string
    {
        return 'close.reverse';
    }

    public function because(): string
    {
        return 'the last that came off goes back first';
    }

    public function pairs(StepList $steps): iterable
    {
        foreach ($steps->job->panels() as $panel) {
            $close = $steps->get("close:{$panel->id}");
            $tighten = $steps->get("tighten:{$panel->id}");
            if ($close === null) {
                continue;
            }
            foreach (["open:{$panel->id}", "couple:{$panel->id}"] as $key) {
                $first = $steps->get($key);
                if ($first !== null) {
                    yield [$first, $close];
                }
            }
            if ($tighten !== null) {
                yield [$close, $tighten];
            }
            foreach ($panel->behind as $outer) {
                $later = $steps->get("close:{$outer}");
                if ($later !== null) {
                    yield [$tighten ?? $close, $later];
                }
            }
        }
    }
}
