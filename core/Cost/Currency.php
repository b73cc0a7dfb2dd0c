<?php

declare(strict_types=1);

namespace BenchGlow\Cost;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use NumberFormatter;

/** A currency: how many digits it has, how an amount of it is rounded and written. */
final readonly class Currency
{
    public int $digits;

    public function __construct(public string $code)
    {
        $formatter = new NumberFormatter("en@currency={$code}", NumberFormatter::CURRENCY);
        $this->digits = $formatter->getAttribute(NumberFormatter::FRACTION_DIGITS);
    }

    /** Half up to the currency's digits: what stands in a line. */
    public function line(BigDecimal $amount): BigDecimal
    {
        return $amount->toScale($this->digits, RoundingMode::HALF_UP);
    }

    /** To whole steps of a total: 0.05, 1, 5. */
    public function step(BigDecimal $amount, string $step): BigDecimal
    {
        $by = BigDecimal::of($step);

        return $this->line($amount->dividedBy($by, 0, RoundingMode::HALF_UP)->multipliedBy($by));
    }

    /** As a file and the command line have it: digits and a point. */
    public function text(BigDecimal $amount): string
    {
        return (string) $this->line($amount);
    }

    /** "1,412.50 EUR"; a true minus before what is taken off. */
    public function said(BigDecimal $amount): string
    {
        [$whole, $part] = [...explode('.', (string) $this->line($amount->abs())), ''];
        $whole = strrev(implode(',', str_split(strrev($whole), 3)));
        $sign = $amount->isNegative() ? '−' : '';

        return $sign.$whole.($part === '' ? '' : ".{$part}")." {$this->code}";
    }
}
