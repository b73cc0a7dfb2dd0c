<?php

declare(strict_types=1);

namespace BenchGlow\Check\Light;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Analysis\Wanted;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Quantity\Words;

/** A light that never goes dark although some situation wants it dark. */
final class AlwaysLitRule implements Rule
{
    public function id(): string
    {
        return 'light.always_lit';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->build->circuits as $circuit) {
            foreach (Wanted::named($analysis->build, $circuit) as [$light, $emitter]) {
                $lit = $dark = true;
                foreach ($analysis->scenes() as $scene) {
                    $lit =
                        $lit &&
                        ($scene->lit->lights[$light][$emitter] ?? null)?->greatest() >
                            $analysis->build->settings->litFrom;
                    $dark = $dark && Wanted::of($analysis->build, $circuit, $scene, $light, $emitter)[0] !== 'dark';
                }
                if ($lit && ! $dark) {
                    $findings[$light] ??= new Finding(
                        $this->id(),
                        Severity::Warning,
                        $circuit->id,
                        $light,
                        Words::first($analysis->build->lights[$light]->label).
                            ' glows in every situation. Nothing on its way opens; put a switch there, or take another feed.',
                    );
                }
            }
        }

        return array_values($findings);
    }
}
