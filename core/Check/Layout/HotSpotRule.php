<?php

declare(strict_types=1);

namespace BenchGlow\Check\Layout;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\ReadsLayouts;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Quantity\Words;

/** The wall behind shows a spot at every lamp (light.md 3). */
final class HotSpotRule implements ReadsLayouts, Rule
{
    public function id(): string
    {
        return 'footprint.hot_spot';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach (LaidOut::counting($analysis, 'footprint') as $laid) {
            $spacing = $laid->fields->number('spacing_m', $laid->light()?->fields->number('spacing_m', 0.0) ?? 0.0);
            $wall = $laid->fields->numberOrNull('wall_m');
            $lamps = $laid->fields->integer('lamps', $laid->light()?->count() ?? 1);
            if ($wall !== null && $lamps > 1 && $wall < $spacing / 3 - 1e-9) {
                $findings[] = LaidOut::found(
                    $this->id(),
                    Severity::Warning,
                    $laid,
                    Words::first($laid->label).
                        ': the face behind is '.
                        $analysis->length($wall).
                        ' away and shows a spot at every lamp; from '.
                        $analysis->length($spacing / 3).
                        ' on it does not.',
                );
            }
        }

        return $findings;
    }
}
