<?php

declare(strict_types=1);

namespace BenchGlow\Check\HandOver;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\ReadsHandOver;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;

/** A build that is handed over has a panel off. */
final class PanelOpenRule implements ReadsHandOver, Rule
{
    public function id(): string
    {
        return 'handover.panel_open';
    }

    public function check(Analysis $analysis): array
    {
        return Gaps::of($analysis, 'panel_open', $this->id(), Severity::Danger);
    }
}
