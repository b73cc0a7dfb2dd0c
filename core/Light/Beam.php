<?php

declare(strict_types=1);

namespace BenchGlow\Light;

/** One source: I(θ) = I0·cos^m θ (light.md 1). */
final readonly class Beam
{
    /** A viewing angle of nearly 180° has no exponent; it is taken as this, deg. */
    private const WIDEST = 179.0;

    /** @param  float  $m  exponent: 1 at 120° */
    private function __construct(public float $m)
    {
    }

    /** @param  float  $viewingDeg  at which half the intensity is left, edge to edge */
    public static function of(float $viewingDeg): self
    {
        $half = deg2rad(min(self::WIDEST, max(1.0, $viewingDeg)) / 2);

        return new self(-M_LN2 / log(cos($half)));
    }

    /** Candela straight ahead of so many lumens. */
    public function candela(float $lumens): float
    {
        return ($lumens * ($this->m + 1)) / (2 * M_PI);
    }

    /** Candela at so many radians from straight ahead. */
    public function toward(float $lumens, float $angle): float
    {
        $cos = cos($angle);

        return $cos <= 0.0 ? 0.0 : $this->candela($lumens) * $cos ** $this->m;
    }

    /** Greatest pitch at which two show no dip between them, as a share of the depth (light.md 2). */
    public function noDip(): float
    {
        return 2 / sqrt($this->m + 4);
    }
}
