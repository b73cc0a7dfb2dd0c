<?php

declare(strict_types=1);

namespace BenchGlow\Check\Light;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Light;
use BenchGlow\Build\Supply;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;

/** A strip or module made for other volts than its supply gives. */
final class LightVoltageRule implements Rule
{
    public function id(): string
    {
        return 'light.wrong_voltage';
    }

    /** Over this share of its rated volts a resistor-fed light overheats; under it, it is a ghost of itself. */
    private const HIGH = 1.3;

    private const LOW = 0.8;

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->build->lights as $light) {
            $supply = $this->supply($analysis, $light->id);
            $range = $supply === null ? null : $this->range($light);
            if ($supply === null || $range === null) {
                continue;
            }
            [$made, $least, $most] = $range;
            if ($supply->maxV > $most) {
                $findings[] = new Finding(
                    $this->id(),
                    Severity::Danger,
                    $light->circuit,
                    $light->id,
                    Words::first($light->label).
                        " is made for {$made}; {$supply->label} gives up to ".
                        Shown::volts($supply->maxV).
                        '. It overheats. Take a part for these volts.',
                );
            } elseif ($supply->nominalV < $least) {
                $findings[] = new Finding(
                    $this->id(),
                    Severity::Warning,
                    $light->circuit,
                    $light->id,
                    Words::first($light->label).
                        " is made for {$made}; {$supply->label} gives ".
                        Shown::volts($supply->nominalV).
                        '. It stays dim or dark. Take a part for these volts.',
                );
            }
        }

        return $findings;
    }

    private function supply(Analysis $analysis, string $light): ?Supply
    {
        foreach ($analysis->harness->wiredPins($light) as $pin) {
            $feed = $analysis->paths->feed($pin);
            if ($feed !== null && $feed !== []) {
                return $analysis->build->supplies[explode('.', $feed[0]->from)[0]] ?? null;
            }
        }

        return null;
    }

    /** @return array{string, float, float}|null made for, least and most supply volts */
    private function range(Light $light): ?array
    {
        if ($light->kind === 'strip') {
            $v = $light->strip()->nominalV;

            return [Shown::volts($v), self::LOW * $v, self::HIGH * $v];
        }
        foreach ($light->kind === 'module' ? $light->part->objects('inside') : [] as $branch) {
            $range = match ($branch->text('kind')) {
                'string' => $this->around(
                    $branch->integer('series_leds', 1) * $branch->number('vf_v') +
                        $branch->number('ohm') * $branch->number('if_a'),
                ),
                'linear' => [
                    Shown::volts($branch->number('dropout_v')).' and more',
                    $branch->number('dropout_v'),
                    INF,
                ],
                'switching' => [
                    Shown::volts($branch->number('from_v')).' to '.Shown::volts($branch->number('to_v')),
                    $branch->number('from_v'),
                    $branch->number('to_v'),
                ],
                default => null,
            };
            if ($range !== null) {
                return $range;
            }
        }

        return null;
    }

    /** @return array{string, float, float} */
    private function around(float $v): array
    {
        // What sits before the string inside a lamp (a diode, a resistor for the dim level) adds to its own volts.
        return [Shown::volts(round($v)), self::LOW * $v, self::HIGH * round($v)];
    }
}
