<?php

declare(strict_types=1);

namespace BenchGlow\Check\Layout;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\ReadsLayouts;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\SetField;
use BenchGlow\Light\Beam;
use BenchGlow\Light\Lit;
use BenchGlow\Light\Stray;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;

/** Light leaves through a gap and lands where it shows (light.md 4). */
final class StrayRule implements ReadsLayouts, Rule
{
    public function id(): string
    {
        return 'stray.lands';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach (LaidOut::all($analysis, 'stray') as $laid) {
            $light = $laid->light();
            if ($light === null) {
                continue;
            }
            $state = $analysis->litState($light->id, 'nominal');
            $stray = Stray::of(
                $laid->fields,
                Lit::lumens($light, 0, $state),
                Beam::of($light->part->number('viewing_deg', 120.0)),
            );
            if ($stray->shows && $stray->hoodM !== null) {
                $findings[] = LaidOut::found(
                    $this->id(),
                    Severity::Warning,
                    $laid,
                    Words::first($laid->label).
                        ' leaves through the gap and lands with '.
                        Shown::plain($stray->lux, 1).
                        ' lx on '.
                        $analysis->length((float) $stray->shiftM).
                        ' of it. A hood of '.
                        Shown::plain(1000 * $stray->hoodM, 0).
                        ' mm stops it, or '.
                        Shown::plain(1000 * (float) $stray->paintM, 0).
                        ' mm of the edge painted out.',
                    'Put the hood on',
                    new SetField($laid->id, 'hood_m', $stray->hoodM),
                );
            }
        }

        return $findings;
    }
}
