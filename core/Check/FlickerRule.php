<?php

declare(strict_types=1);

namespace BenchGlow\Check;

use BenchGlow\Analysis\Analysis;
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
            $part = Contacts::part($analysis, $device);
            foreach ($device->text('kind') === 'controller' ? $part->objects('contacts') : [] as $contact) {
                $hz = $contact->numberOrNull('pwm_hz');
                if (
                    $hz !== null &&
                    $hz < 200.0 &&
                    ($contact->text('duty') === 'set' || $contact->number('duty', 1.0) < 1.0)
                ) {
                    $findings[$id] ??= new Finding(
                        $this->id(),
                        Severity::Warning,
                        $device->textOrNull('circuit'),
                        $id,
                        Words::first(Contacts::name($device, $part)).
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
