<?php

declare(strict_types=1);

namespace BenchGlow\Check\Switching;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Device\ControllerDevice;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;

/** A controller channel over 80 % of its amps (electrics.md 8). */
final class DimmerChannelOverRule implements Rule
{
    public function id(): string
    {
        return 'dimmer.channel_over';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach (Contacts::of($analysis, ControllerDevice::class) as [$contact, $device]) {
            $amps = $analysis->peakA($contact->id);
            if ($contact->maxA !== null && $amps > 0.8 * $contact->maxA + 1e-9) {
                [$gives, $takes] = Shown::ampsApart($contact->maxA, $amps);
                $findings[$contact->thing] ??= new Finding(
                    $this->id(),
                    $amps > $contact->maxA ? Severity::Danger : Severity::Warning,
                    $device->circuit(),
                    $contact->thing,
                    Words::first(Contacts::name($device)).
                        ' gives '.
                        $gives.
                        ' on a channel; '.
                        substr((string) strrchr($contact->id, '.'), 1).
                        ' takes '.
                        $takes.
                        ($amps > $contact->maxA ? '' : ', over 80 % of it').
                        '. Put an amplifier behind it, or split the run.',
                );
            }
        }

        return array_values($findings);
    }
}
