<?php

declare(strict_types=1);

namespace BenchGlow\Check\Lead;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Analysis\LeadFigures;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\SetField;
use BenchGlow\Quantity\Words;

/** Chosen wire with less copper than its place asks for, or too stiff where it moves (electrics.md 11 c). */
final class WireTooThinRule implements Rule
{
    /** A lamp's own tails, and a short way inside a housing, may be thin. */
    private const SHORT_M = 0.3;

    private const FINE_STRANDS = 19;

    public function id(): string
    {
        return 'wire.too_thin';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->leads as $lead) {
            $why = $lead->wire->chosen ? self::why($analysis, $lead) : null;
            if ($why === null) {
                continue;
            }
            $mend = $lead->recommended;
            $findings[] = new Finding(
                $this->id(),
                $lead->wire->moves ? Severity::Warning : Severity::Note,
                $analysis->build->leads[$lead->id]->circuit,
                $lead->id,
                Words::first(Words::within($analysis->build->leads[$lead->id]->label)).
                    " is {$lead->wire->label()}: {$why}".
                    ($mend === null ? '' : " Take {$mend->label()}."),
                $mend === null || $lead->wire->areaMm2 >= $lead->wire->leastMm2 ? null : "Lay {$mend->label()}",
                $mend === null || $lead->wire->areaMm2 >= $lead->wire->leastMm2
                    ? null
                    : new SetField($lead->id, 'wire', null),
                many: "leads are {$lead->wire->label()}: {$why}",
            );
        }

        return $findings;
    }

    private static function why(Analysis $analysis, LeadFigures $lead): ?string
    {
        $wire = $lead->wire;
        if ($wire->moves && $wire->areaMm2 < 0.5 - 1e-9) {
            return 'where it moves it breaks; 0.5 mm² with 19 strands or more is the least.';
        }
        // Where places are said, the stretch that moves is named by a finding of its own.
        $placed = $analysis->build->places !== [];
        if (! $placed && $wire->moves && $wire->strands !== null && $wire->strands < self::FINE_STRANDS) {
            return "its {$wire->strands} strands break where it moves; 19 or more are the least.";
        }
        $tail = $lead->lengthKnown && $lead->lengthM <= self::SHORT_M;
        if ($tail || $wire->areaMm2 >= $wire->leastMm2 - 1e-9) {
            return null;
        }

        return $analysis->build->document->fields()->text('place') === 'boat'
            ? 'on a boat a single wire has 1 mm² at least, one of a sheathed cable 0.75.'
            : 'a single wire laid anywhere has 0.5 mm² at least; a thinner one is torn before it is overloaded.';
    }
}
