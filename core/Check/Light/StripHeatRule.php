<?php

declare(strict_types=1);

namespace BenchGlow\Check\Light;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Facts;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;

/** Watts per metre want metal behind them (electrics.md 10). */
final class StripHeatRule implements Rule
{
    public function id(): string
    {
        return 'strip.heat';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->build->lights as $light) {
            $watts = $light->kind === 'strip' ? $light->strip()->wattsPerM : 0.0;
            $surface = $light->fields->text('surface') ?: Facts::surface($analysis->build->document, $light->circuit ?? '');
            if ($watts <= self::bearsWPerM(strtolower($surface))) {
                continue;
            }
            $findings[] = new Finding(
                $this->id(),
                $watts > 10.0 ? Severity::Warning : Severity::Note,
                $light->circuit,
                $light->id,
                Words::first($light->label).
                    ' makes '.
                    Shown::plain($watts, 1).
                    ' W a metre: '.
                    ($watts > 10.0 ? 'stick it into an aluminium channel.' : 'stick it on metal.').
                    ' Say what it sits on and this goes.',
            );
        }

        return $findings;
    }

    /** Watts a metre that what it sits on takes away (electrics.md 4). */
    private static function bearsWPerM(string $surface): float
    {
        return match (true) {
            str_contains($surface, 'channel'), str_contains($surface, 'profile') => INF,
            preg_match('/metal|steel|alumin|brass|copper/', $surface) === 1 => 10.0,
            default => 5.0,
        };
    }
}
