<?php

declare(strict_types=1);

namespace BenchGlow\Check\HandOver;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\ReadsHandOver;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;

/** What a controller is set to is not written down. */
final class SettingsMissingRule implements ReadsHandOver, Rule
{
    public function id(): string
    {
        return 'handover.settings_missing';
    }

    public function check(Analysis $analysis): array
    {
        return Gaps::of($analysis, 'settings_missing', $this->id(), Severity::Note);
    }
}
