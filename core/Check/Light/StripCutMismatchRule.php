<?php

declare(strict_types=1);

namespace BenchGlow\Check\Light;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\SetField;
use BenchGlow\Quantity\Shown;

/** A wanted length that falls between cut marks (electrics.md 3). */
final class StripCutMismatchRule implements Rule
{
    public function id(): string
    {
        return 'strip.cut_mismatch';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->build->lights as $light) {
            if ($light->kind !== 'strip') {
                continue;
            }
            $fit = $light->fit();
            $pitch = $light->strip()->pitchM();
            if (abs($fit->gapM) < 1e-6 || $fit->units < 1) {
                continue;
            }
            $down = $fit->gapM > 0 ? $fit->cutM : $fit->cutM - $pitch;
            $findings[] = new Finding(
                $this->id(),
                Severity::Note,
                $light->circuit,
                $light->id,
                $analysis->length($light->wantedM()).
                    ' falls between cut marks. '.
                    $analysis->length($down).
                    ' leaves '.
                    self::small($analysis, $light->wantedM() - $down).
                    ' dark; '.
                    $analysis->length($down + $pitch).
                    ' passes by '.
                    self::small($analysis, $down + $pitch - $light->wantedM()).
                    '.',
                $fit->gapM > 0 ? 'Cut '.$analysis->length($down + $pitch) : 'Cut '.$analysis->length($down),
                new SetField($light->id, 'wanted_m', round($fit->gapM > 0 ? $down + $pitch : $down, 6)),
            );
        }

        return $findings;
    }

    private static function small(Analysis $analysis, float $m): string
    {
        return $analysis->units === 'imperial' ? $analysis->length($m) : Shown::plain($m * 100, 1).' cm';
    }
}
