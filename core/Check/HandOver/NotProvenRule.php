<?php

declare(strict_types=1);

namespace BenchGlow\Check\HandOver;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\ReadsHandOver;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;

/** A build that is handed over has a circuit nobody has seen to work. */
final class NotProvenRule implements ReadsHandOver, Rule
{
    public function id(): string
    {
        return 'handover.not_proven';
    }

    public function check(Analysis $analysis): array
    {
        return Gaps::of($analysis, 'not_proven', $this->id(), Severity::Danger);
    }
}
