<?php

declare(strict_types=1);

namespace BenchGlow\Check\Price;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\ReadsHandOver;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Quantity\Words;

/** A price is asked for, and a part of it has none. */
final class NoPriceRule implements ReadsHandOver, Rule
{
    public function id(): string
    {
        return 'quote.no_price';
    }

    public function check(Analysis $analysis): array
    {
        $cost = Priced::of($analysis);
        $without = $cost?->unpriced() ?? [];

        return $without === []
            ? []
            : [
                new Finding(
                    $this->id(),
                    Severity::Note,
                    null,
                    'build',
                    'The price lacks '.
                        Words::count(count($without), 'part').
                        ' nobody knows the price of: '.
                        Words::join(array_slice($without, 0, 3), 'and').
                        (count($without) > 3 ? ' and others' : '').
                        '.',
                ),
            ];
    }
}
