<?php

declare(strict_types=1);

namespace BenchGlow\Check\Brief;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Fact;
use BenchGlow\Build\Facts;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Loom\Loom;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;

/** The brief says a place is hot or moves, and what runs there is not told or not made for it. */
final class PlaceFactRule implements Rule
{
    /** A stretch stated no hotter than this counts as a room. */
    private const ROOM_C = 40.0;

    public function id(): string
    {
        return 'brief.place';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->build->facts as $fact) {
            $findings = [
                ...$findings,
                ...match ($fact->kind) {
                    'hot' => $this->hot($analysis, $fact),
                    'moving' => $this->moving($analysis, $fact),
                    default => [],
                },
            ];
        }

        return $findings;
    }

    /** @return list<Finding> stretches of that place that count with a room's warmth */
    private function hot(Analysis $analysis, Fact $fact): array
    {
        $findings = [];
        foreach (Loom::of($analysis->build)->stretches as $laid) {
            $stretch = $laid->route;
            if (
                $laid->leads !== [] &&
                $laid->zone->ambientC <= self::ROOM_C &&
                Facts::shareWords($fact->where, $stretch->label)
            ) {
                $findings[] = new Finding(
                    $this->id(),
                    Severity::Note,
                    null,
                    $stretch->id,
                    "The brief says it gets hot {$fact->where}; the stretch ".
                        Words::within($stretch->label).
                        ' counts with '.
                        Shown::plain($laid->zone->ambientC, 0).
                        ' °C. Say how hot it gets: its wires carry less there.',
                );
            }
        }

        return $findings;
    }

    /** @return list<Finding> leads with a soldered end where it moves */
    private function moving(Analysis $analysis, Fact $fact): array
    {
        $findings = [];
        foreach ($fact->where === '' ? [] : $analysis->build->document->fields()->objects('leads') as $lead) {
            $about =
                $lead->text('circuit') !== '' &&
                Facts::concerns($fact, $analysis->build->document, $lead->text('circuit'));
            // Where places say what moves, the wires that go there are meant and no others.
            $goes = $analysis->build->places === [] || self::moves($analysis, $lead->text('id'));
            if ($about && $goes && in_array('solder', $lead->items('ends'), true)) {
                $findings[] = new Finding(
                    $this->id(),
                    Severity::Note,
                    $lead->text('circuit'),
                    $lead->text('id'),
                    "The brief says it moves {$fact->where}; ".
                        Words::within($lead->text('label', $lead->text('id'))).
                        ' ends in solder, and soldered strands break where they bend. Crimp it, or hold the lead before the joint.',
                );
            }
        }

        return $findings;
    }

    /** Whether the way of a lead goes through something that moves. */
    private static function moves(Analysis $analysis, string $lead): bool
    {
        $loom = Loom::of($analysis->build);
        foreach ($loom->leads[$lead]->stretches ?? [] as $stretch) {
            if ($loom->stretches[$stretch]->route->moves()) {
                return true;
            }
        }

        return false;
    }
}
