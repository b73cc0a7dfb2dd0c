<?php

declare(strict_types=1);

namespace BenchGlow\Check\Supply;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Quantity\Words;

/** A light fed from one supply and led back to another that nothing joins to it. */
final class ReturnElsewhereRule implements Rule
{
    public function id(): string
    {
        return 'return.elsewhere';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->build->lights as $light) {
            [$out, $back] = [[], []];
            foreach ($analysis->paths->waysTo($light->id) as $steps) {
                $first = $steps[0]->from ?? '';
                $supply = $analysis->build->grounds[$first]->of ?? explode('.', $first)[0];
                if (str_ends_with($first, '.plus')) {
                    $out[$supply] = $supply;
                } else {
                    $back[$supply] = $supply;
                }
            }
            if (
                $out === [] ||
                $back === [] ||
                array_intersect_key($out, $back) !== [] ||
                self::joined($analysis, $out, $back)
            ) {
                continue;
            }
            $findings[] = new Finding(
                $this->id(),
                Severity::Warning,
                $light->circuit,
                $light->id,
                Words::first($light->label).
                    ' is fed from '.
                    self::names($analysis, $out).
                    ' and led back to '.
                    self::names($analysis, $back).
                    ', and nothing joins their minus sides: no current runs. Lead it back to where it comes from.',
            );
        }

        return $findings;
    }

    /**
     * Their minus sides hang together.
     *
     * @param  array<string, string>  $out
     * @param  array<string, string>  $back
     */
    private static function joined(Analysis $analysis, array $out, array $back): bool
    {
        foreach ($out as $one) {
            foreach ($back as $other) {
                foreach ($analysis->scenes() as $scene) {
                    if (
                        abs($scene->lit->supplyAmps[$one] ?? 0.0) > 1e-4 &&
                        $scene->lit->between("{$one}.minus", "{$other}.minus") !== null
                    ) {
                        return true;
                    }
                }
            }
        }

        return false;
    }

    /** @param  array<string, string>  $supplies */
    private static function names(Analysis $analysis, array $supplies): string
    {
        $names = [];
        foreach ($supplies as $id) {
            $names[] = Words::within($analysis->build->supplies[$id]->label);
        }

        return implode(' and ', $names);
    }
}
