<?php

declare(strict_types=1);

namespace BenchGlow\Check\Lead;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Quantity\Shown;

/** A device's pin without a lead that carries voltage in some situation; capped cores have a rule of their own. */
final class LeadUnusedLiveRule implements Rule
{
    public function id(): string
    {
        return 'lead.unused_live';
    }

    public function check(Analysis $analysis): array
    {
        $live = [];
        foreach ($analysis->harness->things as $thing) {
            foreach (in_array($thing->kind, ['switch', 'relay', 'controller'], true) ? $thing->pins : [] as $pin) {
                $volts = self::wired($analysis, $pin) ? 0.0 : $this->most($analysis, $pin);
                if ($volts > 1.0) {
                    $live[$thing->id][$pin] = $volts;
                }
            }
        }
        $findings = [];
        foreach ($live as $subject => $pins) {
            $said = implode(
                ', ',
                array_map(
                    fn (string $p, float $v): string => '`'.$p.'` '.Shown::volts($v),
                    array_keys($pins),
                    $pins,
                ),
            );
            $findings[] = new Finding(
                $this->id(),
                Severity::Note,
                ($analysis->build->devices[$subject] ?? null)?->circuit(),
                (string) $subject,
                "Nothing is fitted to {$said}, and it is live in some situation. Insulate each end by itself.",
            );
        }

        return $findings;
    }

    private static function wired(Analysis $analysis, string $pin): bool
    {
        foreach ($analysis->harness->wires as $wire) {
            if ($wire->from === $pin || $wire->to === $pin) {
                return true;
            }
        }

        return false;
    }

    private function most(Analysis $analysis, string $pin): float
    {
        $most = 0.0;
        foreach ($analysis->scenes() as $scene) {
            foreach ($analysis->build->supplies as $supply) {
                $most = max($most, abs((float) $scene->lit->between($pin, "{$supply->id}.minus")));
            }
        }

        return $most;
    }
}
