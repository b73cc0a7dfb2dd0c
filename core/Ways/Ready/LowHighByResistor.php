<?php

declare(strict_types=1);

namespace BenchGlow\Ways\Ready;

use BenchGlow\Build\Light;
use BenchGlow\Sizing\Preferred;
use BenchGlow\Ways\Plan;

final class LowHighByResistor extends TwoLevels
{
    private const LOW = 0.2;

    private const KEPT_BACK = 0.8;

    private const DIODE_V = 0.45;

    public function name(): string
    {
        return 'Low and high by a resistor';
    }

    public function rightWhen(): string
    {
        return 'One run, two switches; the resistor gets warm.';
    }

    public function failure(): string
    {
        return 'A diode fails shorted: high feeds back into low.';
    }

    public function holes(): int
    {
        return 2;
    }

    public function school(): string
    {
        return 'Some dim in pulses: no heat, but a module more.';
    }

    public function lay(Plan $p): void
    {
        $p->onlyOneChannel();
        [$low, $high] = $this->levels($p);
        $p->device('meet', 'joint');
        $p->lead('low.out', 'meet', ['resistor '.$this->lowOhm($p), 'diode'], 'Low');
        $p->lead('high.out', 'meet', ['diode'], 'High');
        $p->feed('meet');
        $p->back($p->minus());
        $p->want(['input' => $high], 'high');
        $p->want(['input' => $low], 'low');
    }

    /** Leaves a fifth of the current, a diode counted; the next preferred value up. */
    private function lowOhm(Plan $p): float
    {
        $volts = $p->setting->build->supplies[$p->setting->supply]->nominalV;
        $headroom = INF;
        $amps = 0.0;
        foreach ($p->setting->lights as $light) {
            [$drop, $a] = $this->load($light['light'], $volts);
            $headroom = min($headroom, $volts - $drop);
            $amps += $a;
        }
        $ohm =
            $amps > 0.0 && is_finite($headroom)
                ? (self::KEPT_BACK * max(0.5, $headroom) - self::DIODE_V) / (self::LOW * $amps)
                : 100.0;

        return Preferred::from($p->setting->build->settings->resistorSeries)->atLeast(max(1.0, $ohm)) ?? 100.0;
    }

    /** @return array{float, float} volts across its LEDs, amps at full light */
    private function load(Light $light, float $volts): array
    {
        if ($light->kind === 'strip') {
            $part = $light->part;
            $vf = $part->objects('channels')[0]->number('vf_v');

            return [
                $part->integer('series_leds', $part->integer('leds_per_cut', 1)) * $vf,
                $light->strip()->unitA() * $light->fit()->units,
            ];
        }
        if ($light->kind === 'leds') {
            $per = max(1, min($light->count(), $light->fields->integer('per_string', 1)));

            return [$per * $light->led()->vfV, $light->led()->ifA * ceil($light->count() / $per)];
        }
        foreach ($light->part->objects('inside') as $branch) {
            if ($branch->isA('string')) {
                return [
                    $branch->integer('series_leds', 1) * $branch->number('vf_v'),
                    $branch->number('if_a') * $light->count(),
                ];
            }
        }

        return [0.6 * $volts, 0.1 * $light->count()];
    }
}
