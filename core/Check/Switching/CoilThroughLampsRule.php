<?php

declare(strict_types=1);

namespace BenchGlow\Check\Switching;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\InsertPart;
use BenchGlow\Format\Fields;
use BenchGlow\Harness\Sense;
use BenchGlow\Quantity\Words;

/**
 * A coil between a positive and a ground-switched wire of the host: with both at rest it pulls through the two host lamps, from
 * the ground wire's lamp through the coil and the other wire's lamp home (composing.md 5).
 */
final class CoilThroughLampsRule implements Rule
{
    public function id(): string
    {
        return 'coil.through_lamps';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->bodies->senses as $sense) {
            $ends = [$this->wire($analysis, $sense->from), $this->wire($analysis, $sense->to)];
            if ($ends[0] === null || $ends[1] === null) {
                continue;
            }
            [[$one, $lead, $core], [$other]] = $ends;
            $isPair = $analysis->build->wires[$one]->positive !== $analysis->build->wires[$other]->positive;
            if ($isPair && $this->pulls($analysis, $sense, [$one, $other])) {
                $findings[] = new Finding(
                    $this->id(),
                    Severity::Warning,
                    $analysis->build->devices[$sense->thing]->circuit(),
                    $sense->thing,
                    'The coil of '.
                        Words::within($analysis->build->label($sense->thing)).
                        ' pulls with both '.
                        Words::within($analysis->build->label($one)).
                        ' and '.
                        Words::within($analysis->build->label($other)).
                        ' at rest: current runs through their two lamps. Put a diode in the coil\'s lead.',
                    'Put a diode in',
                    new InsertPart(new Fields(['lead' => $lead, 'core' => $core]), 'silicon_1'),
                );
            }
        }

        return $findings;
    }

    /** @return array{string, string, int}|null the host wire a pin hangs on by wire alone, and the lead it hangs by */
    private function wire(Analysis $analysis, string $pin): ?array
    {
        foreach ($analysis->build->leads as $lead) {
            foreach ($lead->cores as $c => [$a, $b]) {
                $far = $a === $pin ? $b : ($b === $pin ? $a : null);
                if ($far !== null && isset($analysis->build->wires[$far])) {
                    return [$far, $lead->id, $c + 1];
                }
            }
        }

        return null;
    }

    /** @param  list<string>  $wires  that are to be dead */
    private function pulls(Analysis $analysis, Sense $sense, array $wires): bool
    {
        foreach ($analysis->scenes() as $scene) {
            $live = array_filter(
                $wires,
                fn (string $w): bool => (new \BenchGlow\Build\When($analysis->build->wires[$w]->live()))->holds(
                    $scene->inputs,
                    $analysis->build->restPositions(),
                ),
            );
            if (
                $live === [] &&
                $scene->solved() &&
                abs((float) $scene->lit->between($sense->from, $sense->to)) >= $sense->pullInV
            ) {
                return true;
            }
        }

        return false;
    }
}
