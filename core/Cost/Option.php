<?php

declare(strict_types=1);

namespace BenchGlow\Cost;

use BenchGlow\Analysis\Analysis;
use Brick\Math\BigDecimal;

/** One thing a customer can pick: what it is more, or less, and what becomes of light and current. */
final readonly class Option
{
    /**
     * @param  string  $code  as it is said on the telephone: B7-T
     * @param  bool  $chosen  taken already
     * @param  BigDecimal|null  $amount  null where it can't be priced
     * @param  string  $because  where the amount comes from, or why there is none
     * @param  list<string>  $excludes  ids of options that do not go with it
     * @param  list<string>  $changes  "light: 92 %, was 71 %" "2.1 A, was 1.4 A"
     * @param  Analysis|null  $after  the build with it; null where it changes no wiring or is no edit
     * @param  string|null  $circuit  that it changes first
     */
    public function __construct(
        public string $id,
        public string $code,
        public string $label,
        public string $text,
        public bool $chosen,
        public ?BigDecimal $amount,
        public string $because,
        public bool $valid,
        public array $excludes,
        public array $changes = [],
        public ?Analysis $after = null,
        public ?string $circuit = null,
    ) {
    }
}
