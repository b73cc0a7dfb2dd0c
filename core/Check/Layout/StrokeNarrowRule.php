<?php

declare(strict_types=1);

namespace BenchGlow\Check\Layout;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\ReadsLayouts;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Layout\Stroke;
use BenchGlow\Layout\Strokes;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;

/** Strokes too narrow for the strip (layout-harness.md 4). */
final class StrokeNarrowRule implements ReadsLayouts, Rule
{
    public function id(): string
    {
        return 'panel.stroke_narrow';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach (LaidOut::counting($analysis, 'panel') as $laid) {
            $width = $laid->light()?->kind === 'strip' ? $laid->light()->part->number('width_mm', 10.0) : 0.0;
            if ($laid->fields->text('arrange') !== 'stroke' || $width <= 0.0) {
                continue;
            }
            $widths = array_map(fn (Stroke $s): float => 1000 * $s->widthM, Strokes::of($laid->outline()));
            if ($widths !== [] && min($widths) < $width + 2.0) {
                $findings[] = LaidOut::found(
                    $this->id(),
                    Severity::Warning,
                    $laid,
                    Words::first($laid->label).
                        ' has a stroke of '.
                        Shown::plain(min($widths), 1).
                        ' mm; the strip and its edges need '.
                        Shown::plain($width + 2.0, 1).
                        ' mm. Take a narrower strip or single LEDs.',
                );
            }
        }

        return $findings;
    }
}
