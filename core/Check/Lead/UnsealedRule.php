<?php

declare(strict_types=1);

namespace BenchGlow\Check\Lead;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Device\JointDevice;
use BenchGlow\Build\Device\PlugDevice;
use BenchGlow\Build\Lead;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Quantity\Words;

/** An unsealed plug or a quick tap where it gets wet (electrics.md 10, safety.md). */
final class UnsealedRule implements Rule
{
    public function id(): string
    {
        return 'place.unsealed';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->build->leads as $lead) {
            $wet = self::wetStretch($analysis, $lead);
            if ($wet === null) {
                continue;
            }
            foreach ($lead->inline as $thing) {
                $plug = $analysis->build->devices[$thing->plug] ?? null;
                if ($plug instanceof PlugDevice && ! $plug->part->fields->flag('sealed')) {
                    $findings[$thing->plug] ??= $this->finding(
                        $lead,
                        $thing->plug,
                        $plug->label(),
                        $wet,
                        'Take a sealed one.',
                    );
                }
            }
            foreach (array_merge([], ...$lead->cores) as $pin) {
                $joint = $analysis->build->devices[(string) $pin] ?? null;
                if ($joint instanceof JointDevice && $joint->isTap()) {
                    $findings[(string) $pin] ??= $this->finding(
                        $lead,
                        (string) $pin,
                        $joint->label(),
                        $wet,
                        'A quick tap is for dry places: solder it, or crimp it under lined tube.',
                    );
                }
            }
        }

        return array_values($findings);
    }

    /** The stretch it lies in that gets wet; null: none does. */
    private static function wetStretch(Analysis $analysis, Lead $lead): ?string
    {
        foreach ($lead->route as $id) {
            $route = $analysis->build->routes[$id] ?? null;
            if ($route !== null && ($route->is('wet') || $route->zone === 'outside')) {
                return $route->label;
            }
        }

        return null;
    }

    private function finding(Lead $lead, string $subject, string $label, string $wet, string $do): Finding
    {
        return new Finding(
            $this->id(),
            Severity::Warning,
            $lead->circuit,
            $subject,
            Words::first(Words::within($label)).
                ' is not sealed and lies where it gets wet, '.
                Words::within($wet).
                ". {$do}",
        );
    }
}
