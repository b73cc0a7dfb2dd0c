<?php

declare(strict_types=1);

namespace BenchGlow\Analysis;

use BenchGlow\Scene\Combinations;
use BenchGlow\Scene\Scene;

/**
 * What is kept of an analysis: everything but the build, which is read from its document faster than from here, and the table of
 * all states, which grows with states times circuits and is asked for by few.
 */
final readonly class Solved
{
    /**
     * @param  int  $states  how many the table holds
     * @param  array<string, Scene>  $now  min, nominal, max at rest
     * @param  array<string, LeadFigures>  $leads
     * @param  array<string, FuseFigures>  $fuses
     * @param  array<string, Intent>  $intents
     * @param  array<string, float>  $peak
     * @param  array<string, array{line: float, load: float}>  $unprobed
     * @param  array<string, int>  $loaded
     */
    public function __construct(
        public string $unknownLeg,
        public string $wireSystem,
        public string $units,
        public Combinations $combinations,
        public int $states,
        public array $now,
        public array $leads,
        public array $fuses,
        public array $intents,
        public int $solves,
        public array $peak,
        public array $unprobed,
        public array $loaded,
    ) {
    }
}
