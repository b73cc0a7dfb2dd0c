<?php

declare(strict_types=1);

namespace BenchGlow\Check\Loom;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\ExtendLead;
use BenchGlow\Edit\StringLength;
use BenchGlow\Quantity\Words;

/** A wire that does not reach: as it came, or as it was stated (layout-harness.md 8). */
final class LeadTooShortRule implements Rule
{
    /** Stated under its way by more than 2 %. */
    private const STATED = 0.98;

    public function id(): string
    {
        return 'lead.too_short';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach (LoomSeen::of($analysis)->loom->leads as $id => $laid) {
            $lead = $analysis->build->leads[$id];
            $came = $lead->suppliedM ?? ($laid->from === 'supplied' ? $lead->lengthM : null);
            $has = $came ?? $lead->lengthM;
            $needs = $came === null ? $laid->wayM * self::STATED : (float) $laid->rawM;
            if ($has === null || $laid->rawM === null || $has >= $needs - 1e-6) {
                continue;
            }
            $findings[] = new Finding(
                $this->id(),
                Severity::Warning,
                $lead->circuit,
                (string) $id,
                Words::first($lead->label).
                    ' is '.
                    $analysis->length($has).
                    ' long and its way wants '.
                    $analysis->length($laid->rawM).
                    '.'.
                    ($came === null ? '' : ' A wire of your own lengthens it by one joint, or move what it goes to.'),
                $came === null ? 'Length by its way' : 'Extend it',
                $came === null ? new StringLength((string) $id, null) : new ExtendLead((string) $id),
            );
        }

        return $findings;
    }
}
