<?php

declare(strict_types=1);

namespace BenchGlow\Check\Loom;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Quantity\Words;

/** A wire that is a good deal longer than its way (layout-harness.md 8). */
final class SpareLongRule implements Rule
{
    /** As it came, so much longer is folded back, m. */
    private const SUPPLIED_M = 0.3;

    /** Strung by this share over what was derived. */
    private const STRUNG = 0.15;

    public function id(): string
    {
        return 'lead.spare_long';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach (LoomSeen::of($analysis)->loom->leads as $id => $laid) {
            $has = $analysis->build->leads[$id]->lengthM;
            if ($laid->rawM === null || $has === null || ! in_array($laid->from, ['supplied', 'strung'], true)) {
                continue;
            }
            $over = $has - $laid->rawM;
            $much = $laid->from === 'supplied' ? self::SUPPLIED_M : self::STRUNG * $laid->rawM;
            if ($over > $much + 1e-9) {
                $findings[] = new Finding(
                    $this->id(),
                    Severity::Note,
                    $analysis->build->leads[$id]->circuit,
                    (string) $id,
                    Words::first($analysis->build->leads[$id]->label).
                        ' is '.
                        $analysis->length($has).
                        ' long, its way wants '.
                        $analysis->length($laid->rawM).
                        ': fold the rest back and tie it. A lead of a controller is not cut.',
                );
            }
        }

        return $findings;
    }
}
