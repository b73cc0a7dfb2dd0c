<?php

declare(strict_types=1);

namespace BenchGlow\Check\Supply;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;

/** How long a full battery lasts with everything lit (electrics.md 6), where no story of use is told. */
final class HoursFromFullRule implements Rule
{
    /** Longer than an evening needs no remark. */
    private const SHORT_H = 6.0;

    public function id(): string
    {
        return 'supply.hours';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        // Where a story is told it says better how long the battery lasts.
        foreach (
            $analysis->build->document->fields()->items('stories') !== [] ? [] : $analysis->build->supplies as $supply
        ) {
            $most = self::mostA($analysis, $supply->id);
            $hours = $supply->capacityAh === null || $most < 1e-3 ? INF : $supply->hours($most);
            if ($hours < self::SHORT_H) {
                $findings[] = new Finding(
                    $this->id(),
                    $hours < 1.0 ? Severity::Warning : Severity::Note,
                    null,
                    $supply->id,
                    Words::first(Words::within($supply->label)).
                        ' lasts '.
                        ($hours < 1.0
                            ? Shown::plain(60 * $hours, 0).' minutes'
                            : Shown::plain($hours, 1).' hours').
                        ' from full with everything lit, '.
                        Shown::amps($most).
                        '.',
                );
            }
        }

        return $findings;
    }

    /** Most amps it gives in any state, at its normal volts. */
    private static function mostA(Analysis $analysis, string $supply): float
    {
        $most = 0.0;
        foreach ($analysis->scenes() as $scene) {
            if ($scene->supply === 'nominal' && $scene->lit->reason === null) {
                $most = max($most, $scene->lit->supplyAmps[$supply] ?? 0.0);
            }
        }

        return $most;
    }
}
