<?php

declare(strict_types=1);

namespace BenchGlow\Parts;

use BenchGlow\Law\StringLaw;

/** One pitch of a strip: the string of each channel and the ohms of its rails. */
final readonly class StripLadder
{
    /** @var list<StringLaw> */
    public array $laws;

    /**
     * @param  list<StringLaw>  $laws  one per channel
     * @param  array<int, float>  $ohm  channel rail, ohms per pitch
     * @param  float  $commonOhm  per pitch
     */
    public function __construct(
        array $laws,
        public array $ohm,
        public float $commonOhm,
        public bool $commonIsPlus = false,
    ) {
        $this->laws = array_map(fn (StringLaw $law): StringLaw => $law->inLadder(), $laws);
    }

    public function channels(): int
    {
        return count($this->laws);
    }
}
