<?php

declare(strict_types=1);

namespace BenchGlow\Check\Layout;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\ReadsLayouts;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Quantity\Words;

/** Holes in a piece that carries load or protects (safety.md; light.md 5). */
final class HoleLoadedRule implements ReadsLayouts, Rule
{
    public function id(): string
    {
        return 'hole.loaded';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach (LaidOut::all($analysis) as $laid) {
            $piece = Pieces::of($analysis, $laid);
            $through =
                $laid->kind === 'hole_row' ||
                array_filter(
                    $laid->kind === 'piece' && $piece !== null ? $piece->marks : [],
                    fn ($mark): bool => $mark->isBlind() ||
                        in_array($mark->kind, ['hole', 'slot', 'cut', 'drain'], true),
                ) !== [];
            if ($piece?->loaded === true && $through) {
                $findings[] = LaidOut::found(
                    $this->id(),
                    Severity::Danger,
                    $laid,
                    Words::first($piece->label).
                        ' carries load, holds pressure or protects somebody: it is not drilled or cut. Fix the light to something else.',
                );
            }
        }

        return $findings;
    }
}
