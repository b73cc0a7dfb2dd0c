<?php

declare(strict_types=1);

namespace BenchGlow\Check\Switching;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Device\RelayDevice;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Check\Situation;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;
use BenchGlow\Scene\RemarkKind;

/** A coil between its pull-in and its drop-out volts (solving.md D4). */
final class CoilUnderDrivenRule implements Rule
{
    /** A coil at 85 °C against a cold one: copper gains 0.39 % a kelvin. */
    private const HOT = 1.25;

    public function id(): string
    {
        return 'coil.under_driven';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->scenes() as $scene) {
            foreach ($scene->remarks as $remark) {
                if ($remark->is(RemarkKind::UnderDriven)) {
                    $sense = $analysis->bodies->senses[$remark->senses[0]];
                    $device = $sense->thing;
                    $findings[$device] ??= new Finding(
                        $this->id(),
                        Severity::Warning,
                        ($analysis->build->devices[$device] ?? null)?->circuit(),
                        $device,
                        Words::first(Situation::said($analysis, $scene->inputs)).
                            ", the coil of `{$device}` gets ".
                            Shown::volts((float) $remark->volts).
                            ' at the '.
                            ['min' => 'low', 'nominal' => 'normal', 'max' => 'high'][$scene->supply].
                            ' supply; it pulls in at '.
                            Shown::volts($sense->pullInV).
                            ' and lets go at '.
                            Shown::volts($sense->dropOutV).
                            '. Feed it straight, or take a solid-state switch.',
                    );
                }
            }
        }

        return array_values($findings + $this->hot($analysis));
    }

    /**
     * A hot coil pulls in later, by a quarter at 85 °C (electrics.md 11 e): judged at the lowest supply.
     *
     * @return array<string, Finding>
     */
    private function hot(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->scenes() as $scene) {
            foreach ($scene->supply === 'min' ? array_keys($scene->pulled) : [] as $id) {
                $sense = $analysis->bodies->senses[$id];
                $device = $analysis->build->devices[$sense->thing] ?? null;
                $volts = abs((float) $scene->lit->between($sense->from, $sense->to));
                if (! ($device instanceof RelayDevice) || $volts >= self::HOT * $sense->pullInV) {
                    continue;
                }
                $findings[$sense->thing] ??= new Finding(
                    $this->id(),
                    Severity::Warning,
                    $device->circuit(),
                    $sense->thing,
                    "The coil of `{$sense->thing}` gets ".
                        Shown::volts($volts).
                        ' at the low supply; cold it pulls in at '.
                        Shown::volts($sense->pullInV).
                        ', hot only at '.
                        Shown::volts(self::HOT * $sense->pullInV).
                        '. Feed it straight, or take a solid-state switch.',
                );
            }
        }

        return $findings;
    }
}
