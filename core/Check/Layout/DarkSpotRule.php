<?php

declare(strict_types=1);

namespace BenchGlow\Check\Layout;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\ReadsLayouts;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\Batch;
use BenchGlow\Edit\SetField;
use BenchGlow\Light\Spot;
use BenchGlow\Light\Suggest;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;

/** Less even than wanted (light.md 2). */
final class DarkSpotRule implements ReadsLayouts, Rule
{
    public function id(): string
    {
        return 'panel.dark_spot';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach (LaidOut::counting($analysis, 'panel') as $laid) {
            $field = LaidOut::field($analysis, $laid);
            $target = $laid->fields->number('target', Suggest::TARGET);
            $even = $field?->evenness();
            if ($field !== null && $even !== null && $even < $target - 1e-6) {
                $better = (new Suggest($analysis->build, $laid))->first();
                $finding = LaidOut::found(
                    $this->id(),
                    Severity::Warning,
                    $laid,
                    Words::first($laid->label).
                        ' is blotchy: its darkest place, '.
                        Spot::words($laid, $field->darkest()).
                        ', has '.
                        Shown::plain($even, 2).
                        ' of the mean, and '.
                        Shown::plain($target, 2).
                        ' is wanted.',
                );
                $findings[] =
                    $better === null || $better->evenness < $target
                        ? $finding
                        : $finding->mended(
                            "Lay {$better->rows} rows, ".Shown::plain(1000 * $better->depthM, 0).' mm deep',
                            new Batch(
                                [
                                    new SetField($laid->id, 'rows', $better->rows),
                                    new SetField($laid->id, 'depth_m', $better->depthM),
                                    ...$laid->fields->has('lights') ? [new SetField($laid->id, 'lights', [])] : [],
                                ],
                                $laid->label.': laid in '.$better->rows.' rows',
                            ),
                        );
            }
        }

        return $findings;
    }
}
