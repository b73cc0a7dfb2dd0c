<?php

declare(strict_types=1);

namespace BenchGlow\Check;

use BenchGlow\Quantity\Shown;
use BenchGlow\Report\Analysis;

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
            $findings[] = new Finding($this->id(), Severity::Note, $light->circuit, $light->id,
                Shown::metres($light->wantedM()).' falls between cut marks. '.Shown::metres($down).' leaves '.self::cm($light->wantedM() - $down).' dark; '
                .Shown::metres($down + $pitch).' passes by '.self::cm($down + $pitch - $light->wantedM()).'.',
                $fit->gapM > 0 ? 'Cut '.Shown::metres($down + $pitch) : 'Cut '.Shown::metres($down),
                ['op' => 'set', 'id' => $light->id, 'field' => 'wanted_m', 'value' => round($fit->gapM > 0 ? $down + $pitch : $down, 6)]);
        }

        return $findings;
    }

    private static function cm(float $m): string
    {
        return Shown::plain($m * 100, 1).' cm';
    }
}
