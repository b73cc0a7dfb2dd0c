<?php

declare(strict_types=1);

namespace BenchGlow\Check\HandOver;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Severity;
use BenchGlow\HandOver\Missing;

/** What is missing, as findings: only of a build whose handing over has begun. */
final class Gaps
{
    /** @return list<Finding> */
    public static function of(Analysis $analysis, string $kind, string $rule, Severity $severity): array
    {
        $hand = $analysis->build->document->fields()->object('handover');
        if ($hand->text('made_for') === '' && $hand->text('on') === '') {
            return [];
        }
        $findings = [];
        foreach (Missing::of($analysis) as $gap) {
            if ($gap->kind === $kind) {
                $circuit = isset($analysis->build->circuits[$gap->subject])
                    ? $gap->subject
                    : $analysis->build->leads[$analysis->fuses[$gap->subject]->lead ?? '']->circuit ?? null;
                $findings[] = new Finding($rule, $severity, $circuit, $gap->subject, $gap->words);
            }
        }

        return $findings;
    }
}
