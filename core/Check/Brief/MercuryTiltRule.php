<?php

declare(strict_types=1);

namespace BenchGlow\Check\Brief;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Check\Switching\Contacts;
use BenchGlow\Edit\UsePart;
use BenchGlow\Parts\Catalogue;
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
            if ($device->part->mercury) {
                $better = Catalogue::part('tilt_ball');
                $findings[] = new Finding(
                    $this->id(),
                    Severity::Warning,
                    $device->circuit(),
                    $id,
                    Words::first(Contacts::name($device)).
                        ' holds mercury, which is toxic when it breaks. Take a ball or solid-state type.',
                    'Take a ball tilt switch',
                    $better === null ? null : new UsePart($id, $better),
                );
            }
        }

        return $findings;
    }
}
