<?php

declare(strict_types=1);

namespace BenchGlow\Ways\Ready;

use BenchGlow\Ways\Plan;
use BenchGlow\Ways\Section;
use BenchGlow\Ways\Way;

/** What the ways of two levels begin with: a switch for low and one for high. */
abstract class TwoLevels extends Way
{
    public function section(): string
    {
        return Section::WHOLE;
    }

    /** @return array{string, string} inputs for low and high */
    protected function levels(Plan $p): array
    {
        $low = $p->input('Low', 'hand');
        $high = $p->input('High', 'hand');
        $p->hand('low', 'rocker_plain', $low);
        $p->hand('high', 'rocker_plain', $high);
        $p->device('j', 'joint');
        $p->lead($p->plus(), 'j', ['fuse'], 'To the switches');
        $p->lead('j', 'low.in');
        $p->lead('j', 'high.in');

        return [$low, $high];
    }
}
