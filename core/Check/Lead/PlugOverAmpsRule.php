<?php

declare(strict_types=1);

namespace BenchGlow\Check\Lead;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Device\PlugDevice;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;

/** A way of a plug that carries more than the plug is made for. */
final class PlugOverAmpsRule implements Rule
{
    public function id(): string
    {
        return 'plug.over_amps';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->build->leads as $lead) {
            foreach ($lead->inline as $thing) {
                $plug = $analysis->build->devices[$thing->plug] ?? null;
                $made = $plug instanceof PlugDevice ? $plug->part->fields->numberOrNull('max_a') : null;
                if ($plug === null || $made === null) {
                    continue;
                }
                foreach ($thing->ways as $way) {
                    $amps = $analysis->peakA("{$thing->id}.{$way}");
                    if ($amps <= $made + 1e-9) {
                        continue;
                    }
                    [$takes, $bears] = Shown::ampsApart($amps, $made);
                    $findings[$thing->plug] ??= new Finding(
                        $this->id(),
                        Severity::Danger,
                        $lead->circuit,
                        $thing->plug,
                        "Way {$way} of ".
                            Words::within($plug->label()).
                            " carries {$takes}, and its pins are made for {$bears}. Take a larger plug, or share it over two ways.",
                    );
                }
            }
        }

        return array_values($findings);
    }
}
