<?php

declare(strict_types=1);

namespace BenchGlow\Check\Layout;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\ReadsLayouts;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Layout\Shapes;
use BenchGlow\Quantity\Words;

/** Parts that fall out when it is cut (layout-harness.md 4). */
final class IslandRule implements ReadsLayouts, Rule
{
    public function id(): string
    {
        return 'panel.island';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach (LaidOut::counting($analysis, 'panel') as $laid) {
            $names = array_column(Shapes::islands($laid->fields->object('outline')), 'name');
            if ($names !== []) {
                $findings[] = LaidOut::found(
                    $this->id(),
                    Severity::Note,
                    $laid,
                    Words::first($laid->label).
                        ' has parts that fall out when it is cut: '.
                        Words::join(array_slice($names, 0, 6), 'and').
                        (count($names) > 6 ? ' and more' : '').
                        '. Keep them and fix them to the face, or bridge them.',
                );
            }
        }

        return $findings;
    }
}
