<?php

declare(strict_types=1);

namespace BenchGlow\Check\Layout;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\ReadsLayouts;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\SetField;
use BenchGlow\Light\Suggest;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;

/** One level alone is blotchy, though all together are even (light.md 2). */
final class LevelUnevenRule implements ReadsLayouts, Rule
{
    public function id(): string
    {
        return 'panel.level_uneven';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach (LaidOut::counting($analysis, 'panel') as $laid) {
            $lit = LaidOut::lit($analysis, $laid);
            if ($lit === null || count($laid->fields->objects('lights')) < 2) {
                continue;
            }
            $target = $laid->fields->number('target', Suggest::TARGET);
            $seats = $laid->seats();
            foreach ($laid->lights as $light) {
                $even = $lit
                    ->only(fn (int $n): bool => $laid->lightOf($seats[$n]->row)?->id === $light->id)
                    ->field()
                    ->evenness();
                if ($even !== null && $even < $target - 1e-6) {
                    $findings[] = new Finding(
                        $this->id(),
                        Severity::Warning,
                        $light->circuit,
                        $laid->id,
                        Words::first($laid->label).
                            ': '.
                            Words::within($light->label).
                            ' alone gives '.
                            Shown::plain($even, 2).
                            ' of the mean at its darkest, and '.
                            Shown::plain($target, 2).
                            ' is wanted. Deal the rows out in turn.',
                        'Deal the rows out in turn',
                        new SetField($laid->id, 'lights', self::dealt($laid)),
                    );
                }
            }
        }

        return $findings;
    }

    /** @return list<array{light: string, rows: list<int>}> one after the other */
    private static function dealt(\BenchGlow\Layout\Laid $laid): array
    {
        $all = [];
        $of = count($laid->lights);
        foreach ($laid->lights as $n => $light) {
            $rows = range(1, max(1, $laid->fields->integer('rows', 1)));
            $all[] = [
                'light' => $light->id,
                'rows' => array_values(array_filter($rows, fn (int $row): bool => ($row - 1) % $of === $n)),
            ];
        }

        return $all;
    }
}
