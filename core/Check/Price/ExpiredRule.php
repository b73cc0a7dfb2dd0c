<?php

declare(strict_types=1);

namespace BenchGlow\Check\Price;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Moment;
use BenchGlow\Check\ReadsMoment;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;

/** A price that nobody took ran out. */
final class ExpiredRule implements ReadsMoment, Rule
{
    public function id(): string
    {
        return 'quote.expired';
    }

    public function check(Analysis $analysis): array
    {
        return $this->seen(Moment::ofDocument($analysis));
    }

    public function seen(Moment $moment): array
    {
        $until = substr($moment->analysis->build->document->fields()->object('quote')->text('valid_until'), 0, 10);
        $today = substr((string) $moment->at, 0, 10);

        return $until === '' || $today === '' || $until >= $today
            ? []
            : [
                new Finding(
                    $this->id(),
                    Severity::Note,
                    null,
                    'build',
                    "The price was valid until {$until}. Give it a new day, or reckon it anew.",
                ),
            ];
    }
}
