<?php

declare(strict_types=1);

namespace BenchGlow\Check\HandOver;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\ReadsHandOver;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;

/** Something was left open at handing over. */
final class OpenPointsRule implements ReadsHandOver, Rule
{
    public function id(): string
    {
        return 'handover.open_points';
    }

    public function check(Analysis $analysis): array
    {
        return Gaps::of($analysis, 'open_points', $this->id(), Severity::Note);
    }
}
