<?php

declare(strict_types=1);

namespace BenchGlow\Check\Colour;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\FeedBothEnds;
use BenchGlow\Options\FeedOptions;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;
use BenchGlow\Scene\EmitterState;

/** A white that fades along a long run: red keeps its current longest (electrics.md 3). */
final class ColourFadesRule implements Rule
{
    /** Difference of evenness between two colours that shows as a change of colour. */
    private const APART = 0.08;

    /** So even at least that feeding the other end too can put it right. */
    private const HALVED = 0.6;

    public function id(): string
    {
        return 'colour.fades';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->build->lights as $light) {
            $states = array_filter(
                $analysis->litState($light->id, 'nominal')->lights[$light->id] ?? [],
                fn (EmitterState $e): bool => $e->greatest() > $analysis->build->settings->litFrom,
            );
            if ($light->kind !== 'strip' || count($states) < 2) {
                continue;
            }
            $even = array_map(fn (EmitterState $e): float => $e->uniformity(), $states);
            if (max($even) - min($even) > self::APART) {
                // Fed at both ends a run is as even as one of half its length; below this that is not enough.
                $one = count(FeedOptions::marks($analysis->harness, $light->id)) === 1 && min($even) >= self::HALVED;
                $findings[] = new Finding(
                    $this->id(),
                    Severity::Warning,
                    $light->circuit,
                    $light->id,
                    'The colour of '.
                        Words::within($light->label).
                        ' changes along the run: '.
                        array_search(max($even), $even, true).
                        ' keeps '.
                        Shown::percent(max($even)).
                        ' to the dimmest unit, '.
                        array_search(min($even), $even, true).
                        ' only '.
                        Shown::percent(min($even)).
                        '. Feed both ends, or put an amplifier in between.',
                    $one ? 'Feed both ends' : null,
                    $one ? new FeedBothEnds($light->id) : null,
                );
            }
        }

        return $findings;
    }
}
