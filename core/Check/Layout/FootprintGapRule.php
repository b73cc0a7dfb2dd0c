<?php

declare(strict_types=1);

namespace BenchGlow\Check\Layout;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\ReadsLayouts;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Light\Footprint;
use BenchGlow\Quantity\Extreme;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;

/** Dark between two lamps (light.md 3). */
final class FootprintGapRule implements ReadsLayouts, Rule
{
    public function id(): string
    {
        return 'footprint.gap';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach (LaidOut::counting($analysis, 'footprint') as $laid) {
            $lit = LaidOut::lit($analysis, $laid);
            if ($lit === null || count($lit->lamps) < 2 || $lit->isDark()) {
                continue;
            }
            $print = Footprint::of($lit, $laid->fields);
            $share = $print->between === [] ? 1.0 : min($print->between) / max(1e-9, Extreme::greatest($print->under));
            if (! $print->band && $share < self::DARK) {
                $findings[] = LaidOut::found(
                    $this->id(),
                    Severity::Note,
                    $laid,
                    Words::first($laid->label).
                        ' is '.
                        Shown::percent($share).
                        ' as bright between its lamps as under them: they read as single puddles.',
                );
            }
        }

        return $findings;
    }

    private const DARK = 0.5;
}
