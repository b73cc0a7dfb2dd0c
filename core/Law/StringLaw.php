<?php

declare(strict_types=1);

namespace BenchGlow\Law;

/**
 * N equal junctions, their bulk resistance and a series resistor as one branch in closed form (electrics.md 1):
 * V = a·ln(1 + I/Is) + b·I, so I(V) = (a/b)·omega(ln(b·Is/a) + (V + b·Is)/a) − Is. m such strings in parallel are b/m and m·Is.
 */
final readonly class StringLaw implements Law
{
    /** k/q in volts per kelvin (CODATA 2018). */
    private const K_OVER_Q = 8.617333262e-5;

    /** Across a junction, so that a node behind a dark one is not singular (siemens). */
    public const GMIN = 1e-10;

    public float $aOverB;

    /** The argument of omega at 0 V, and the reciprocal of a. */
    public float $x0;

    public float $invA;

    public float $invB;

    private function __construct(
        public float $a,
        public float $b,
        public float $lnIs,
        public float $is,
        public float $ratedA,
        private float $ratedV,
        public int $leds,
        private float $gmin = self::GMIN,
    ) {
        $this->aOverB = $a / $b;
        $this->x0 = log($b / $a) + $lnIs + ($b * $is) / $a;
        $this->invA = 1.0 / $a;
        $this->invB = 1.0 / $b;
    }

    /**
     * @param  float  $vfV  forward volts of one LED at $ifA amps, 25 °C
     * @param  int  $leds  in series
     * @param  float  $ohm  series resistor
     * @param  int  $parallel  equal strings on the same two pins
     * @param  float|null  $rsOhm  bulk resistance of one LED; null: a tenth of vf/if
     * @param  float  $shiftV  spread and temperature, added to the forward volts; the bulk resistance stays the part's own
     */
    public static function of(
        float $vfV,
        float $ifA,
        int $leds = 1,
        float $ohm = 0.0,
        int $parallel = 1,
        float $ideality = 2.0,
        ?float $rsOhm = null,
        float $shiftV = 0.0,
        float $celsius = 25.0,
    ): self {
        $nvt = $ideality * self::K_OVER_Q * ($celsius + 273.15);
        $rs = $rsOhm ?? (0.1 * $vfV) / $ifA;
        $x = ($vfV + $shiftV - $ifA * $rs) / $nvt;
        // ln Is is kept instead of Is: a 40 V part overflows otherwise.
        $lnIs = log($ifA) - $x - log(-expm1(-$x)) + log($parallel);
        $a = $leds * $nvt;
        $b = max(($ohm + $leds * $rs) / $parallel, (1e-6 * $a) / ($ifA * $parallel));

        return new self($a, $b, $lnIs, exp($lnIs), $ifA * $parallel, $leds * ($vfV + $shiftV) + $ohm * $ifA, $leds);
    }

    /** Siemens across it besides its own. */
    public function leakS(): float
    {
        return $this->gmin;
    }

    /** Without the leak: in a strip the rails keep every node regular, and ten thousand leaks would show in the amps. */
    public function inLadder(): self
    {
        return new self($this->a, $this->b, $this->lnIs, $this->is, $this->ratedA, $this->ratedV, $this->leds, 0.0);
    }

    public function at(float $u): array
    {
        $w = Omega::at($this->x0 + $u * $this->invA);

        return [$this->aOverB * $w - $this->is + $this->gmin * $u, ($w * $this->invB) / (1.0 + $w) + $this->gmin];
    }

    public function amps(float $u): float
    {
        return $this->aOverB * Omega::at($this->x0 + $u * $this->invA) - $this->is;
    }

    /** Volts over the branch at the given amps: the inverse of amps(). */
    public function volts(float $amps): float
    {
        return $this->a * log1p($amps / $this->is) + $this->b * $amps;
    }

    public function chord(): float
    {
        return $this->ratedA / max($this->ratedV, 1e-3);
    }
}
