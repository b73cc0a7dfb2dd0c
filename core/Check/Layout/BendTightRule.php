<?php

declare(strict_types=1);

namespace BenchGlow\Check\Layout;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\ReadsLayouts;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\SetSegment;
use BenchGlow\Format\Fields;
use BenchGlow\Layout\StripPath;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;

/** Bent tighter than the strip bears (layout-harness.md 2). */
final class BendTightRule implements ReadsLayouts, Rule
{
    public function id(): string
    {
        return 'strip.bend_tight';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach (LaidOut::all($analysis, 'strip_path') as $laid) {
            $least = $laid->light()?->part->number('min_bend_mm', StripPath::BEND_MM) ?? 0.0;
            foreach ($laid->fields->objects('segments') as $n => $segment) {
                $radius = $segment->numberOrNull('radius_mm');
                if ($segment->text('corner') === 'bend' && $radius !== null && $radius < $least) {
                    $findings[] = LaidOut::found(
                        $this->id(),
                        Severity::Warning,
                        $laid,
                        Words::first($laid->label).
                            ' is bent to '.
                            Shown::plain($radius, 1).
                            ' mm; its strip bears '.
                            Shown::plain($least, 1).
                            ' mm.',
                        'Join it round the corner by wire',
                        new SetSegment($laid->id, $n, new Fields(['corner' => 'jumper'])),
                    );
                }
            }
        }

        return $findings;
    }
}
