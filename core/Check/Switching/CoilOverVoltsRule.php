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

/** A coil that stands more than it may for long: 1.3 times its rated volts (electrics.md 11 e). */
final class CoilOverVoltsRule implements Rule
{
    private const MOST = 1.3;

    /** Coils pull in at two thirds of their rated volts (electrics.md 7). */
    private const PULLS_IN_AT = 2.0 / 3.0;

    public function id(): string
    {
        return 'coil.over_volts';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->scenes() as $scene) {
            foreach ($analysis->bodies->senses as $sense) {
                $device = $analysis->build->devices[$sense->thing] ?? null;
                $volts = abs((float) $scene->lit->between($sense->from, $sense->to));
                $rated = $sense->pullInV / self::PULLS_IN_AT;
                if (! ($device instanceof RelayDevice) || ! $scene->solved() || $volts <= self::MOST * $rated) {
                    continue;
                }
                $findings[$sense->thing] ??= new Finding(
                    $this->id(),
                    Severity::Warning,
                    $device->circuit(),
                    $sense->thing,
                    Words::first(Situation::said($analysis, $scene->inputs)).
                        ', the coil of '.
                        Contacts::name($device).
                        ' gets '.
                        Shown::volts($volts).
                        '; it is made for about '.
                        Shown::plain($rated, 0).
                        ' V and burns over '.
                        Shown::volts(self::MOST * $rated).
                        '. Take a relay for these volts.',
                );
            }
        }

        return array_values($findings);
    }
}
