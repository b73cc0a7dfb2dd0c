<?php

declare(strict_types=1);

namespace BenchGlow\Network;

use BenchGlow\Law\StringLaw;

/**
 * The open end of a strip: units that hang on one cut mark. What flows out of a channel rail there comes back on the common
 * one, so the two rails fold into one resistance exactly and the unknowns are the volts BETWEEN the rails at each tap
 * (solving.md B6). Seen from the mark the tail is a small admittance and a current; its taps are eliminated by a block sweep
 * from the far end, so cost grows with the units and nothing else.
 *
 * Units are counted from the mark outward; arrays are flat, index unit·channels + channel.
 */
abstract class Tail
{
    /** @var array<int, float> volts between channel rail and common rail at each tap */
    public array $u = [];

    /** @var array<int, float> Newton step for */
    public array $d = [];

    /** @var array<int, float> residual of each tap alone, as of the last sweep (amps) */
    protected array $res = [];

    /** @var array<int, float> residual with what hangs further out folded in (amps) */
    protected array $rho = [];

    /** Largest |residual| of the last sweep (amps). */
    public float $worst = 0.0;

    /** @var array<int, float> symmetric admittance seen from the mark, rows packed: 00, 01, 11, 02, … (siemens) */
    public array $y = [];

    /** @var array<int, float> amps into each channel at the mark as of the last sweep, before elimination */
    public array $amps = [];

    /** @var array<int, float> residual of the tail folded onto the mark (amps) */
    public array $fold = [];

    /**
     * Volts between the rails, one per channel, while every tap still has the mark's: a strip without light is not swept.
     *
     * @var array<int, float>|null
     */
    private ?array $flat = null;

    /** @var array<int, float> volts up to which a unit of each channel takes less than DARK_A */
    private array $darkV = [];

    /** So little that over any strip's rails no meter and no rounding could find its drop (amps). */
    private const DARK_A = 1e-14;

    /** Rounding floor of the residual: 64·eps·Σ|g·u| at the worst tap (amps). */
    public float $floor = 0.0;

    /**
     * @param  array<int, int>  $channels  node of each channel rail at the mark
     * @param  int  $common  node of the common rail at the mark
     * @param  list<StringLaw>  $laws  one per channel: the string of one unit
     * @param  array<int, float>  $ohm  rail ohms of one pitch, one per channel
     * @param  float  $commonOhm  of one pitch
     * @param  float  $sign  +1 when the channels are the plus side, −1 when the common rail is
     */
    public function __construct(
        public readonly string $id,
        public readonly array $channels,
        public readonly int $common,
        public readonly array $laws,
        public readonly int $units,
        public readonly array $ohm,
        public readonly float $commonOhm,
        public readonly float $sign,
    ) {
        $this->darkV = array_map(
            fn (StringLaw $law): float => $law->is < self::DARK_A ? $law->volts(self::DARK_A) : -INF,
            $laws,
        );
        $this->prepare();
    }

    /**
     * @param  array<int, int>  $channels
     * @param  list<StringLaw>  $laws
     * @param  array<int, float>  $ohm
     */
    public static function of(
        string $id,
        array $channels,
        int $common,
        array $laws,
        int $units,
        array $ohm,
        float $commonOhm,
        float $sign,
    ): self {
        return match (count($channels)) {
            1 => new TailOfOne($id, $channels, $common, $laws, $units, $ohm, $commonOhm, $sign),
            3 => new TailOfThree($id, $channels, $common, $laws, $units, $ohm, $commonOhm, $sign),
            default => new TailOfMany($id, $channels, $common, $laws, $units, $ohm, $commonOhm, $sign),
        };
    }

    /** Constants of the rails; called once. */
    abstract protected function prepare(): void;

    /**
     * Currents and slopes at the present taps, and their elimination onto the mark.
     *
     * @param  array<int, float>  $mark  volts between each channel rail and the common one at the mark
     */
    abstract protected function through(array $mark): void;

    /** @param  array<int, float>  $mark */
    final public function sweep(array $mark): void
    {
        if ($this->flat !== null) {
            if ($this->dark($mark)) {
                return;
            }
            $this->lit();
        }
        $this->through($mark);
    }

    /**
     * Sweeps a strip without light at once, if it is one.
     *
     * @param  array<int, float>  $mark
     */
    private function dark(array $mark): bool
    {
        foreach ($mark as $c => $volts) {
            if ($volts >= $this->darkV[$c] || abs($volts - ($this->flat[$c] ?? INF)) > 1e-6) {
                return false;
            }
        }
        $this->flat = $mark;
        $this->y = array_fill(0, Blocks::at(count($mark), 0), 0.0);
        [$this->amps, $this->fold, $this->worst, $this->floor] = [[], [], 0.0, 0.0];
        foreach ($this->laws as $c => $law) {
            [$amps, $slope] = $law->at($mark[$c]);
            $this->y[Blocks::at($c, $c)] = $this->units * $slope;
            $this->amps[] = 0.0;
            $this->fold[] = -$this->units * $amps;
            $this->worst = max($this->worst, abs($amps));
        }

        return true;
    }

    /** From here on every tap has volts of its own. */
    private function lit(): void
    {
        $this->u = $this->d = [];
        for ($k = 0; $k < $this->units; $k++) {
            foreach ($this->flat ?? [] as $volts) {
                $this->u[] = $volts;
                $this->d[] = 0.0;
            }
        }
        $this->flat = null;
    }

    /**
     * The step of every tap, once the step at the mark is known.
     *
     * @param  array<int, float>  $markStep
     * @return float Σ residual·step over the taps (watts)
     */
    abstract protected function back(array $markStep): float;

    /**
     * @param  array<int, float>  $markStep
     * @return float Σ residual·step over the taps (watts)
     */
    final public function backSubstitute(array $markStep): float
    {
        if ($this->flat === null) {
            return $this->back($markStep);
        }
        $this->d = $markStep;
        $dec = 0.0;
        foreach ($markStep as $c => $step) {
            $dec += $this->fold[$c] * $step;
        }

        return $dec;
    }

    /** Σ residual·step at the present taps with the step found before: the slope along the search line (watts). */
    public function slope(): float
    {
        $sum = 0.0;
        foreach ($this->flat === null ? $this->res : $this->fold as $k => $r) {
            $sum += $r * $this->d[$k];
        }

        return $sum;
    }

    /** @param  array<int, float>  $mark */
    public function startAt(array $mark): void
    {
        $this->flat = $mark;
    }

    public function advance(float $t): void
    {
        if ($this->flat !== null) {
            foreach ($this->d as $c => $step) {
                $this->flat[$c] += $t * $step;
            }

            return;
        }
        $u = $this->u;
        $this->u = [];
        foreach ($this->d as $i => $step) {
            $u[$i] += $t * $step;
        }
        $this->u = $u;
    }

    /** @return array<int, array<int, float>> amps per channel and unit, from the mark outward */
    final public function unitAmps(): array
    {
        return $this->flat === null
            ? $this->litAmps()
            : array_map(
                fn (StringLaw $law, float $volts): array => array_fill(0, $this->units, $law->amps($volts)),
                $this->laws,
                $this->flat,
            );
    }

    /** @return array<int, array<int, float>> */
    protected function litAmps(): array
    {
        $amps = [];
        $n = count($this->channels);
        foreach ($this->laws as $c => $law) {
            $row = [];
            for ($k = 0; $k < $this->units; $k++) {
                $row[] = $law->amps($this->u[$k * $n + $c]);
            }
            $amps[] = $row;
        }

        return $amps;
    }

    /** @return array<int, array<int, float>> volts between the rails per channel and unit, from the mark outward */
    public function unitVolts(): array
    {
        $n = count($this->channels);
        if ($this->flat !== null) {
            return array_map(fn (float $volts): array => array_fill(0, $this->units, $volts), $this->flat);
        }

        return $n === 1
            ? [$this->u]
            : array_map(
                fn (int $c): array => array_map(fn (int $k): float => $this->u[$k * $n + $c], range(0, $this->units - 1)),
                range(0, $n - 1),
            );
    }
}
