<?php

declare(strict_types=1);

namespace BenchGlow\Check\Lead;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Device\JointDevice;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;

/** A joint that promises amps to spare its feed cannot bear. */
final class JointOverAmpsRule implements Rule
{
    public function id(): string
    {
        return 'joint.over_amps';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->build->devices as $id => $device) {
            $spare = $device instanceof JointDevice ? $device->spareA() : 0.0;
            $step = array_slice($analysis->paths->feed($id) ?? [], -1)[0] ?? null;
            $lead = $step === null ? null : $analysis->leads[$step->lead] ?? null;
            if ($spare <= 0.0 || $lead === null || $lead->amps + $spare <= $lead->wire->fuseA() + 1e-9) {
                continue;
            }
            $findings[] = new Finding(
                $this->id(),
                Severity::Warning,
                $device->circuit(),
                $id,
                Words::first(Words::within($device->label())).
                    ' promises '.
                    Shown::amps($spare).
                    ' to spare beside the '.
                    Shown::amps($lead->amps).
                    ' that run; '.
                    Words::within($analysis->build->leads[$lead->id]->label).
                    ' that feeds it is good for '.
                    Shown::amps($lead->wire->fuseA()).
                    '. Feed it by thicker wire, or promise less.',
            );
        }

        return $findings;
    }
}
