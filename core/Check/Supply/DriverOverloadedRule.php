<?php

declare(strict_types=1);

namespace BenchGlow\Check\Supply;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Supply;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Quantity\Shown;

/** A driver over 80 % of its rating, any other supply over what it is made for (electrics.md 6, 11 f). */
final class DriverOverloadedRule implements Rule
{
    public function id(): string
    {
        return 'supply.driver_overloaded';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->build->supplies as $supply) {
            $most = self::most($analysis, $supply);
            // A driver is kept under 80 % of its rating; others may give what they are made for.
            if ($most === null || $most[0] <= ($supply->isDriver() ? 0.8 : 1.0) * $most[1] + 1e-9) {
                continue;
            }
            [$gives, $rated] = $most;
            $says =
                $supply->ratedW !== null
                    ? [Shown::watts($gives), Shown::watts($rated)]
                    : Shown::ampsApart($gives, $rated);
            $findings[] = new Finding(
                $this->id(),
                $gives > $rated ? Severity::Danger : Severity::Warning,
                null,
                $supply->id,
                "{$supply->label} gives {$says[0]} of its {$says[1]}".
                    ($supply->isDriver() ? '; keep it under 80 %.' : '.').
                    ($gives > $rated && $supply->limitA() !== null
                        ? ' It is overloaded: its volts fall or it cuts out. Take a larger one or split the load.'
                        : ' Take a larger one or split the load.'),
            );
        }

        return $findings;
    }

    /**
     * The most it gives and its rating, both in watts or both in amps; a short is told by itself.
     *
     * @return array{float, float}|null  null: it has no rating
     */
    private static function most(Analysis $analysis, Supply $supply): ?array
    {
        $rated = $supply->ratedW ?? ($supply->limitA() ?? $supply->maxCurrentA);
        if ($rated === null) {
            return null;
        }
        $gives = [0.0];
        foreach ($analysis->scenes() as $scene) {
            if (! str_contains($scene->lit->reason ?? '', 'short through')) {
                $volts = $supply->ratedW === null ? 1.0 : $supply->volts($scene->supply);
                $gives[] = ($scene->lit->supplyAmps[$supply->id] ?? 0.0) * $volts;
            }
        }

        return [max($gives), $rated];
    }
}
