<?php

declare(strict_types=1);

namespace BenchGlow\Check\Light;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Facts;
use BenchGlow\Build\Light;
use BenchGlow\Build\Supply;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Quantity\Extreme;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;
use BenchGlow\Scene\EmitterState;

/** Watts per metre want metal behind them (electrics.md 10). */
final class StripHeatRule implements Rule
{
    private const LED_W = 0.5;

    public function id(): string
    {
        return 'strip.heat';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->build->lights as $light) {
            $surface = strtolower(
                $light->fields->text('surface') ?: Facts::surface($analysis->build->document, $light->circuit ?? ''),
            );
            $finding =
                $light->kind === 'leds'
                    ? $this->row($analysis, $light, $surface)
                    : $this->perMetre($analysis, $light, $surface);
            if ($finding !== null) {
                $findings[] = $finding;
            }
        }

        return $findings;
    }

    /** Strip by its cut length, modules by their spacing: watts as solved at the highest supply (electrics.md 11 g). */
    private function perMetre(Analysis $analysis, Light $light, string $surface): ?Finding
    {
        $metres =
            $light->kind === 'strip'
                ? $light->fit()->cutM
                : ($light->count() > 1
                    ? $light->count() * $light->fields->number('spacing_m')
                    : 0.0);
        $watts = $metres > 0.0 ? self::solvedW($analysis, $light) / $metres : 0.0;
        if ($watts <= self::bearsWPerM($surface)) {
            return null;
        }

        return new Finding(
            $this->id(),
            $watts > 10.0 ? Severity::Warning : Severity::Note,
            $light->circuit,
            $light->id,
            Words::first($light->label).
                ' makes '.
                Shown::plain($watts, 1).
                ' W a metre'.
                self::at($analysis).
                ': '.
                ($watts > 10.0 ? 'stick it into an aluminium channel.' : 'stick it on metal.').
                ' Say what it sits on and this goes.',
        );
    }

    /** LEDs that each make as much heat as keeps a resistor off plastic (electrics.md 10). */
    private function row(Analysis $analysis, Light $light, string $surface): ?Finding
    {
        $watts = self::solvedW($analysis, $light) / max(1, $light->count());
        if ($watts <= self::LED_W || self::bearsWPerM($surface) > 5.0) {
            return null;
        }

        return new Finding(
            $this->id(),
            Severity::Note,
            $light->circuit,
            $light->id,
            'Each LED of '.
                Words::within($light->label).
                ' makes '.
                Shown::watts($watts).
                self::at($analysis).
                ': screw it on metal. Say what it sits on and this goes.',
        );
    }

    private static function solvedW(Analysis $analysis, Light $light): float
    {
        $emitters = $analysis->litState($light->id, 'max')->lights[$light->id] ?? [];

        return array_sum(array_map(fn (EmitterState $e): float => $e->watts, $emitters));
    }

    private static function at(Analysis $analysis): string
    {
        $most = Extreme::greatest(array_map(fn (Supply $s): float => $s->maxV, $analysis->build->supplies));

        return ' at '.Shown::volts($most);
    }

    /** Watts a metre that what it sits on takes away (electrics.md 10). */
    private static function bearsWPerM(string $surface): float
    {
        return match (true) {
            str_contains($surface, 'channel'), str_contains($surface, 'profile') => INF,
            preg_match('/metal|steel|alumin|brass|copper/', $surface) === 1 => 10.0,
            default => 5.0,
        };
    }
}
