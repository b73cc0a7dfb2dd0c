<?php

declare(strict_types=1);

namespace BenchGlow\Check\Switching;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\WhenText;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Quantity\Words;
use BenchGlow\Scene\TooMuch;
use BenchGlow\Scene\Truth;

/** A circuit that was made from a wish, and the wish has changed since. */
final class ComposeDriftedRule implements Rule
{
    public function id(): string
    {
        return 'compose.drifted';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->build->circuits as $circuit) {
            $wish = $circuit->wished();
            if ($circuit->composedFor === [] || $wish === [] || $this->same($analysis, $circuit->composedFor, $wish)) {
                continue;
            }
            $document = $analysis->build->document;
            $findings[] = new Finding(
                $this->id(),
                Severity::Note,
                $circuit->id,
                $circuit->id,
                Words::first($circuit->label).
                    ' was made to glow when '.
                    WhenText::say($circuit->composedFor, $document).
                    '; now it is wished when '.
                    WhenText::say($wish, $document).
                    '. Look at the circuits for that.',
            );
        }

        return $findings;
    }

    /**
     * @param  array<array-key, mixed>  $made
     * @param  array<array-key, mixed>  $wished
     */
    private function same(Analysis $analysis, array $made, array $wished): bool
    {
        try {
            $truth = Truth::over($analysis->build, [$made, $wished]);
        } catch (TooMuch) {
            return $made === $wished;
        }

        return $truth->of($made) === $truth->of($wished);
    }
}
