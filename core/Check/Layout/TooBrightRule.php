<?php

declare(strict_types=1);

namespace BenchGlow\Check\Layout;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\ReadsLayouts;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;

/** So bright that it dazzles at night (light.md 2). */
final class TooBrightRule implements ReadsLayouts, Rule
{
    public function id(): string
    {
        return 'panel.too_bright';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach (LaidOut::counting($analysis, 'panel') as $laid) {
            $cd =
                LaidOut::field($analysis, $laid)?->luminance(LaidOut::lit($analysis, $laid)->transmission ?? 0.0) ??
                0.0;
            if ($cd > self::DAZZLES) {
                $findings[] = LaidOut::found(
                    $this->id(),
                    Severity::Note,
                    $laid,
                    Words::first($laid->label).
                        ' gives '.
                        Shown::plain($cd, 0).
                        ' cd/m²; over '.
                        self::DAZZLES.
                        ' it dazzles at night. Dim it then.',
                );
            }
        }

        return $findings;
    }

    private const DAZZLES = 600;
}
