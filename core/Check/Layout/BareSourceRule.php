<?php

declare(strict_types=1);

namespace BenchGlow\Check\Layout;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\ReadsLayouts;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\SetField;
use BenchGlow\Light\Viewer;
use BenchGlow\Quantity\Words;

/** A bare source in somebody's sight (light.md 4). */
final class BareSourceRule implements ReadsLayouts, Rule
{
    public function id(): string
    {
        return 'view.bare_source';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach (LaidOut::counting($analysis, 'footprint') as $laid) {
            $lit = LaidOut::lit($analysis, $laid);
            if ($lit === null) {
                continue;
            }
            foreach ($laid->fields->objects('viewers') as $viewer) {
                $seen = Viewer::of($viewer, $lit, $laid->fields->numberOrNull('hood_m'));
                if ($seen->inSight && $seen->dazzles()) {
                    $findings[] = LaidOut::found(
                        $this->id(),
                        Severity::Warning,
                        $laid,
                        Words::first($laid->label).', '.$seen->words().'.',
                        'A lip of 2 cm in front of the lamps',
                        new SetField($laid->id, 'hood_m', 0.02),
                    );
                }
            }
        }

        return $findings;
    }
}
