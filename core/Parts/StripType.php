<?php

declare(strict_types=1);

namespace BenchGlow\Parts;

use BenchGlow\Law\StringLaw;

/** LED strip by the metre (electrics.md 3). */
final readonly class StripType
{
    /** Share of the nominal volts above which the LEDs alone leave nothing for a resistor: no such part exists. */
    private const FULL = 0.98;

    /** @param  list<float>  $vfV forward volts per channel */
    public function __construct(
        public float $nominalV,
        public float $wattsPerM,
        public float $ledsPerM,
        public int $ledsPerCut,
        public array $vfV,
        public float $railOhmPerM,
        public float $commonOhmPerM,
        public ?int $seriesLeds = null,
        public bool $commonIsPlus = false,
    ) {
    }

    public function pitchM(): float
    {
        return $this->ledsPerCut / $this->ledsPerM;
    }

    public function channels(): int
    {
        return count($this->vfV);
    }

    public function inSeries(): int
    {
        return $this->seriesLeds ?? $this->ledsPerCut;
    }

    /** Amps of one unit's channel at the nominal volts. */
    public function unitA(): float
    {
        return ($this->wattsPerM * $this->pitchM()) / ($this->nominalV * $this->channels());
    }

    /** Index of a channel whose LEDs alone reach the nominal volts, which no real part does; null: all fit. */
    public function overfull(): ?int
    {
        foreach ($this->vfV as $c => $vf) {
            if ($this->inSeries() * $vf >= self::FULL * $this->nominalV) {
                return $c;
            }
        }

        return null;
    }

    /** The unit's string, with the resistor that draws exactly the label's amps at the nominal volts. */
    public function law(int $channel): StringLaw
    {
        $n = $this->inSeries();
        $vf = $this->vfV[$channel];

        return StringLaw::of($vf, $this->unitA(), $n, ($this->nominalV - $n * $vf) / $this->unitA());
    }

    public function ladder(): StripLadder
    {
        $channels = range(0, $this->channels() - 1);

        return new StripLadder(
            array_map(fn (int $c): StringLaw => $this->law($c), $channels),
            array_fill(0, $this->channels(), $this->railOhmPerM * $this->pitchM()),
            $this->commonOhmPerM * $this->pitchM(),
            $this->commonIsPlus,
        );
    }

    public function withRails(float $ohmPerM, float $commonOhmPerM): self
    {
        return new self(
            $this->nominalV,
            $this->wattsPerM,
            $this->ledsPerM,
            $this->ledsPerCut,
            $this->vfV,
            $ohmPerM,
            $commonOhmPerM,
            $this->seriesLeds,
            $this->commonIsPlus,
        );
    }
}
