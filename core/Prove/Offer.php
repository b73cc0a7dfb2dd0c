<?php

declare(strict_types=1);

namespace BenchGlow\Prove;

/** A correction of the model that readings agree on, with both figures. */
final readonly class Offer
{
    /**
     * @param  string  $kind  rails, or the field of the subject that is to be set
     * @param  string  $subject  light, supply, lead or ground
     * @param  array{is: float, was: float, fed_v?: float, far_v?: float, amps?: float}  $figures
     */
    public function __construct(
        public string $kind,
        public string $subject,
        public array $figures,
        public string $words,
        public string $act,
    ) {
    }
}
