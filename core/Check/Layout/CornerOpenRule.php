<?php

declare(strict_types=1);

namespace BenchGlow\Check\Layout;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\ReadsLayouts;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\SetSegment;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\Words;

/** A strip bends only out of its plane: how it gets round a corner is not said (layout-harness.md 2). */
final class CornerOpenRule implements ReadsLayouts, Rule
{
    public function id(): string
    {
        return 'strip.corner_open';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach (LaidOut::all($analysis, 'strip_path') as $laid) {
            foreach ($laid->fields->objects('segments') as $n => $segment) {
                if ($segment->has('deg') && ! $segment->has('corner')) {
                    $findings[] = LaidOut::found(
                        $this->id(),
                        Severity::Warning,
                        $laid,
                        Words::first($laid->label).
                            ' has a corner that no strip bends round in its plane: fold it, or cut it and join it.',
                        'Fold it',
                        new SetSegment($laid->id, $n, new Fields(['corner' => 'fold'])),
                    );
                }
            }
        }

        return $findings;
    }
}
