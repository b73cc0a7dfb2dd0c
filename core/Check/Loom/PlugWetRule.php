<?php

declare(strict_types=1);

namespace BenchGlow\Check\Loom;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\UsePart;
use BenchGlow\Parts\Catalogue;
use BenchGlow\Quantity\Words;

/** An unsealed plug where it gets wet (layout-harness.md 10). */
final class PlugWetRule implements Rule
{
    public function id(): string
    {
        return 'plug.wet';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        $list = LoomSeen::of($analysis);
        foreach ($list->plugs() as $row) {
            $stretch = $list->loom->stretches[(string) $row['stretch']] ?? null;
            $part = $analysis->build->devices[$row['plug']]->part->fields;
            if ($stretch?->route->from !== null && $stretch->zone->wet === 'wet' && ! $part->flag('sealed')) {
                $sealed = Catalogue::part('plug_'.$part->integer('ways').'_sealed');
                $findings[$row['plug']] = new Finding(
                    $this->id(),
                    Severity::Warning,
                    $analysis->build->devices[$row['plug']]->circuit(),
                    $row['plug'],
                    Words::first($analysis->build->label($row['plug'])).
                        ' lets water in, and it gets wet '.
                        Words::within($stretch->route->label).
                        '.',
                    $sealed === null ? null : 'Take a sealed one',
                    $sealed === null ? null : new UsePart($row['plug'], $sealed),
                );
            }
        }

        return array_values($findings);
    }
}
