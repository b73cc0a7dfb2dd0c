<?php

declare(strict_types=1);

namespace BenchGlow\Check\Tap;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Analysis\BackFeed;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Check\Situation;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;

/** A host load that is fed by the build while its own signal is off (solving.md C1). */
final class HostBackFedRule implements Rule
{
    public function id(): string
    {
        return 'host.back_fed';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->bodies->loads as $key => $load) {
            $worst = null;
            $most = 0.0;
            foreach ($analysis->scenes() as $scene) {
                $volts = abs((float) $scene->lit->between($load->from, $load->to));
                if ($scene->solved() && $volts > $most && BackFeed::in($scene, $key, $load)) {
                    [$worst, $most] = [$scene, $volts];
                }
            }
            if ($worst !== null) {
                $wire = $analysis->build->label($load->wire);
                $findings[] = new Finding(
                    $this->id(),
                    Severity::Danger,
                    null,
                    $load->wire,
                    Words::first(Situation::said($analysis, $worst->inputs)).
                        ', '.
                        Shown::volts($most).
                        ' reaches the '.
                        str_replace('_', ' ', $load->id).
                        ' of '.
                        Words::within($wire).
                        ', whose own signal is off. Put a diode in each lead where the sources meet.',
                );
            }
        }

        return $findings;
    }
}
