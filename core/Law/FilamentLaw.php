<?php

declare(strict_types=1);

namespace BenchGlow\Law;

/** A glowing wire: R = R_hot·max(0.1, (|u|/rated)^0.45), cold a tenth of hot (solving.md B4). */
final readonly class FilamentLaw implements Law
{
    public const EXPONENT = 0.45;

    public const COLD = 0.1;

    public float $hotOhm;

    public function __construct(float $watts, public float $ratedV)
    {
        $this->hotOhm = ($ratedV * $ratedV) / $watts;
    }

    public function at(float $u): array
    {
        $share = (abs($u) / $this->ratedV) ** self::EXPONENT;
        if ($share <= self::COLD) {
            $g = 1.0 / (self::COLD * $this->hotOhm);

            return [$u * $g, $g];
        }
        $amps = $u / ($this->hotOhm * $share);

        return [$amps, ((1.0 - self::EXPONENT) * $amps) / $u];
    }

    public function chord(): float
    {
        return 1.0 / $this->hotOhm;
    }
}
