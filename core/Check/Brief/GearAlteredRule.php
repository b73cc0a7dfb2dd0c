<?php

declare(strict_types=1);

namespace BenchGlow\Check\Brief;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Facts;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\SetField;
use BenchGlow\Quantity\Words;

/** Protective gear that is drilled, cut or glued on may lose its approval (safety.md). */
final class GearAlteredRule implements Rule
{
    private const GEAR = '/\\b(helmet|protective|life ?jacket|buoyancy|body armou?r|harness vest)\\b/i';

    public function id(): string
    {
        return 'gear.altered';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->build->lights as $light) {
            $surface =
                $light->fields->text('surface') ?: Facts::surface($analysis->build->document, (string) $light->circuit);
            if (preg_match(self::GEAR, $surface) === 1) {
                $findings[] = new Finding(
                    $this->id(),
                    Severity::Warning,
                    $light->circuit,
                    $light->id,
                    Words::first($light->label).
                        ' sits on protective gear. Do not drill it or glue to its shell: altering it can void its approval. Clip or strap it on so that it comes off.',
                    'It sits on something else',
                    new SetField($light->id, 'surface', 'clothing'),
                );
            }
        }

        return $findings;
    }
}
