<?php

declare(strict_types=1);

namespace BenchGlow\Check\HandOver;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Moment;
use BenchGlow\Check\ReadsMoment;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\HandOver\Living;

/** A joint, part or fixing is chosen again that surely failed more often than others did. */
final class FailsOftenRule implements ReadsMoment, Rule
{
    public function id(): string
    {
        return 'use.fails_often';
    }

    public function check(Analysis $analysis): array
    {
        return $this->seen(Moment::ofDocument($analysis));
    }

    public function seen(Moment $moment): array
    {
        if ($moment->often === []) {
            return [];
        }
        $first = [];
        foreach (Living::things($moment->analysis->build->document->fields()) as [, $group, $id]) {
            $first[$group] ??= str_replace('fixing ', '', $id);
        }
        $findings = [];
        foreach ($moment->often as $row) {
            if (isset($first[$row->group])) {
                $findings[] = new Finding(
                    $this->id(),
                    Severity::Note,
                    null,
                    $first[$row->group],
                    Living::says($row).
                        ' That is more often than others of its family: take another kind, or look at it sooner.',
                );
            }
        }

        return $findings;
    }
}
