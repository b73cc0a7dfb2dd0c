<?php

declare(strict_types=1);

namespace BenchGlow\Check;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Edit\UsePart;
use BenchGlow\Quantity\Words;

/** A mercury tilt switch is toxic when it breaks (safety.md). */
final class MercuryTiltRule implements Rule
{
    public function id(): string
    {
        return 'switch.mercury';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->build->devices as $id => $device) {
            $part = Contacts::part($analysis, $device);
            if (
                $part->text('style') === 'tilt' &&
                preg_match('/mercury|quicksilver/i', $part->text('label').' '.$device->text('label')) === 1
            ) {
                $better = \BenchGlow\Parts\Catalogue::part('tilt_ball');
                $findings[] = new Finding(
                    $this->id(),
                    Severity::Warning,
                    $device->textOrNull('circuit'),
                    $id,
                    Words::first(Contacts::name($device, $part)).
                        ' holds mercury, which is toxic when it breaks. Take a ball or solid-state type.',
                    'Take a ball tilt switch',
                    $better === null ? null : new UsePart($id, $better),
                );
            }
        }

        return $findings;
    }
}
