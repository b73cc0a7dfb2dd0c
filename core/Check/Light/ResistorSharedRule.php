<?php

declare(strict_types=1);

namespace BenchGlow\Check\Light;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;

/** One resistor for parallel strings: they do not share its current (electrics.md 2). */
final class ResistorSharedRule implements Rule
{
    public function id(): string
    {
        return 'resistor.shared';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->build->leads as $lead) {
            foreach ($lead->inline as $thing) {
                if ($thing->kind !== 'resistor' || $thing->ohm < 1.0) {
                    continue;
                }
                $bare = self::bareStrings($analysis, $thing->id);
                if ($bare > 1) {
                    $findings[] = new Finding(
                        $this->id(),
                        Severity::Warning,
                        $lead->circuit,
                        $thing->id,
                        "`{$thing->id}` feeds {$bare} strings in parallel: they do not share its current, and one open string overloads the others. Give each string its own resistor.",
                    );
                }
            }
        }

        return $findings;
    }

    /** Strings behind a resistor that have none of their own. */
    private static function bareStrings(Analysis $analysis, string $resistor): int
    {
        $bare = 0;
        foreach ($analysis->paths->behind($resistor)[1] as $id) {
            $light = $analysis->build->lights[$id];
            if ($light->kind === 'leds' && $light->fields->number('ohm') < 1.0) {
                [$full, $last] = $light->strings();
                $bare += $full + ($last > 0 ? 1 : 0);
            }
        }

        return $bare;
    }
}
