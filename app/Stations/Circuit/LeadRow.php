<?php

declare(strict_types=1);

namespace App\Stations\Circuit;

use BenchGlow\Build\Lead;

/** A lead as a piece of wire between the names of its ends. */
final readonly class LeadRow
{
    /**
     * @param  string  $state  live · held · dead, in the state in hand
     * @param  list<array{string, string}>  $opens  what is opened, and its address
     */
    public function __construct(
        public Lead $lead,
        public string $from,
        public string $to,
        public string $state,
        public array $opens,
    ) {
    }
}
