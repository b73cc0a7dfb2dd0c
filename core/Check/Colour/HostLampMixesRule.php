<?php

declare(strict_types=1);

namespace BenchGlow\Check\Colour;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Check\Situation;
use BenchGlow\Quantity\Words;

/** A host lamp behind the same lens that mixes its colour in (electrics.md 8). */
final class HostLampMixesRule implements Rule
{
    public function id(): string
    {
        return 'colour.host_lamp';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->bodies->loads as $key => $load) {
            foreach ($load->mixesInto === null ? [] : $analysis->scenes() as $scene) {
                $own =
                    array_filter(
                        $scene->lit->lights[$load->mixesInto] ?? [],
                        fn ($e): bool => $e->greatest() > $analysis->build->settings->litFrom,
                    ) !== [];
                if ($own && abs($scene->lit->amps[$key] ?? 0.0) > 0.1 * $load->ratedA) {
                    $light = $analysis->build->lights[(string) $load->mixesInto] ?? null;
                    $findings[$key] ??= new Finding(
                        $this->id(),
                        Severity::Warning,
                        $light?->circuit,
                        (string) $load->mixesInto,
                        Words::first(Situation::said($analysis, $scene->inputs)).
                            ', the host\'s '.
                            str_replace('_', ' ', $load->id).
                            ' ('.
                            str_replace('_', ' ', $load->colour).
                            ') shines into '.
                            Words::within($light->label ?? '').
                            ' and mixes its colour in. Take it out or disable it.',
                    );
                }
            }
        }

        return array_values($findings);
    }
}
