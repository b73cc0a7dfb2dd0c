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

/** All channels of a controller together over what it is good for (electrics.md 8). */
final class ControllerTotalOverRule implements Rule
{
    public function id(): string
    {
        return 'controller.total_over';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->build->devices as $id => $device) {
            $limit = $device instanceof ControllerDevice ? $device->part->maxTotalA : null;
            $most = $limit === null ? 0.0 : self::mostA($analysis, $id);
            if ($limit !== null && $most > 0.8 * $limit + 1e-9) {
                $findings[] = new Finding(
                    $this->id(),
                    $most > $limit ? Severity::Danger : Severity::Warning,
                    $device->circuit(),
                    $id,
                    Words::first(Contacts::name($device)).
                        ' is good for '.
                        Shown::amps($limit).
                        ' in all; its channels take '.
                        Shown::amps($most).
                        ' together. Put an amplifier behind it for part of the run.',
                );
            }
        }

        return $findings;
    }

    /** Most amps of all its channels together in any state. */
    private static function mostA(Analysis $analysis, string $controller): float
    {
        $most = 0.0;
        foreach ($analysis->scenes() as $scene) {
            $sum = 0.0;
            foreach ($analysis->bodies->contacts as $contact) {
                $sum += $contact->thing === $controller ? abs($scene->lit->amps[$contact->id] ?? 0.0) : 0.0;
            }
            $most = max($most, $sum);
        }

        return $most;
    }
}
