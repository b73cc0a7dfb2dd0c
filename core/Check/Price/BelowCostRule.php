<?php

declare(strict_types=1);

namespace BenchGlow\Check\Price;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\ReadsHandOver;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;

/** What is bought costs more than the whole is sold for. */
final class BelowCostRule implements ReadsHandOver, Rule
{
    public function id(): string
    {
        return 'quote.below_cost';
    }

    public function check(Analysis $analysis): array
    {
        $cost = Priced::of($analysis);
        if ($cost === null) {
            return [];
        }
        $bought = $cost->bought();
        $net = $cost->net();

        return $net->isGreaterThanOrEqualTo($bought)
            ? []
            : [
                new Finding(
                    $this->id(),
                    Severity::Warning,
                    null,
                    'build',
                    "It is sold for {$cost->currency->said($net)}, and its parts alone cost {$cost->currency->said(
                        $bought,
                    )}.".' Lower the discount, or raise the rate.',
                ),
            ];
    }
}
