<?php

declare(strict_types=1);

namespace BenchGlow\Check\Switching;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Device\RelayDevice;
use BenchGlow\Build\Device\SwitchDevice;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;

/** A switch or relay contact that carries over 80 % of what it is made for (electrics.md 7). */
final class ContactOverRatingRule implements Rule
{
    public function id(): string
    {
        return 'contact.over_rating';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach (
            Contacts::of($analysis, SwitchDevice::class, RelayDevice::class) as [$contact, $device]
        ) {
            $amps = $analysis->peakA($contact->id);
            if ($contact->maxA === null || $amps <= 0.8 * $contact->maxA + 1e-9 || isset($findings[$contact->thing])) {
                continue;
            }
            $findings[$contact->thing] = new Finding(
                $this->id(),
                $amps > $contact->maxA ? Severity::Danger : Severity::Warning,
                $device->circuit(),
                $contact->thing,
                Words::first(Contacts::name($device)).
                    ' is made for '.
                    Shown::amps($contact->maxA).
                    '; it carries '.
                    Shown::amps($amps).
                    ($amps > $contact->maxA ? '.' : ', over 80 % of it.').
                    ' Let it throw a relay, or take a solid-state switch.',
            );
        }

        return array_values($findings);
    }
}
