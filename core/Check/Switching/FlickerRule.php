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

/** Pulses under 200 Hz are seen, and worse on film (electrics.md 8). */
final class FlickerRule implements Rule
{
    public function id(): string
    {
        return 'light.flicker';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->build->devices as $id => $device) {
            foreach ($device instanceof ControllerDevice ? $device->part->contacts : [] as $contact) {
                $hz = $contact->pwmHz;
                if ($hz !== null && $hz < 200.0 && ($contact->duty === null || $contact->duty < 1.0)) {
                    $findings[$id] ??= new Finding(
                        $this->id(),
                        Severity::Warning,
                        $device->circuit(),
                        $id,
                        Words::first(Contacts::name($device)).
                            ' dims with '.
                            Shown::plain($hz, 0).
                            ' pulses a second; under 200 they flicker, and over 1000 is better for anything filmed.',
                    );
                }
            }
        }

        return array_values($findings);
    }
}
