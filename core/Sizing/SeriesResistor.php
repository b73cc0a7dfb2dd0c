<?php

declare(strict_types=1);

namespace BenchGlow\Sizing;

use BenchGlow\Parts\Led;
use BenchGlow\Quantity\Shown;

/** Strings and their resistors for a number of equal LEDs (electrics.md 2). */
final readonly class SeriesResistor
{
    /** Ratings one can buy, watts; a resistor is loaded to at most 60 % of its rating. */
    public const RATINGS_W = [0.125, 0.25, 0.5, 1.0, 2.0, 3.0, 5.0, 10.0];

    private const LOADED_TO = 0.6;

    public function __construct(
        private Envelope $supply,
        private Led $led,
        private int $count,
        private float $targetA,
        private Preferred $series = Preferred::E24,
        private float $tolerance = 0.05,
    ) {
    }

    /** @return list<SeriesOption> one per string length that fits under the nominal supply, shortest first */
    public function options(): array
    {
        $options = [];
        for ($n = 1; $n <= $this->count && $n * $this->led->vfV < $this->supply->nominalV; $n++) {
            $options[] = $this->option($n);
        }

        return $options;
    }

    /**
     * Lowest parts per LED plus half the swing among those that work.
     *
     * @param  list<SeriesOption>  $options
     */
    public static function best(array $options): ?int
    {
        $best = null;
        foreach ($options as $i => $option) {
            if ($option->feasible() && ($best === null || $option->score < $options[$best]->score)) {
                $best = $i;
            }
        }

        return $best;
    }

    public static function rating(float $watts): ?float
    {
        foreach (self::RATINGS_W as $rating) {
            if ($rating >= $watts / self::LOADED_TO) {
                return $rating;
            }
        }

        return null;
    }

    /** The smallest preferred value that keeps every LED under its limit and the string near the target; null: none does. */
    public function resistor(int $leds): ?float
    {
        $drop = $leds * $this->led->volts($this->targetA);
        foreach ($this->series->values() as $ohm) {
            // Anything far below the ideal value overdrives; starting near it saves hundreds of evaluations.
            if ($ohm * $this->targetA < 0.5 * ($this->supply->nominalV - $drop)) {
                continue;
            }
            if (
                $this->worst($leds, $ohm) <= $this->led->imaxA &&
                $this->led->string($leds, $ohm)->amps($this->supply->nominalV) <= 1.05 * $this->targetA
            ) {
                return $ohm;
            }
        }

        return null;
    }

    /** Amps at the highest supply with the resistor low and every LED's forward volts low. */
    private function worst(int $leds, float $ohm): float
    {
        return $this->led
            ->string($leds, $ohm * (1 - $this->tolerance), -$this->led->vfToleranceV)
            ->amps($this->supply->maxV);
    }

    private function option(int $n): SeriesOption
    {
        $strings = intdiv($this->count + $n - 1, $n);
        $last = $this->count - ($strings - 1) * $n;
        $ohm = $this->resistor($n);
        $lastOhm = $last === $n ? $ohm : $this->resistor($last);
        if ($ohm === null || $lastOhm === null) {
            $which = $ohm === null ? "{$n} in series" : "the last string of {$last}";

            return new SeriesOption(
                $n,
                $strings,
                $last,
                $ohm,
                $lastOhm,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                INF,
                [
                    "No {$this->series->value} value holds {$which} under ".
                    Shown::amps($this->led->imaxA).
                    ' and near '.
                    Shown::amps($this->targetA).
                    '.',
                ],
                [],
            );
        }
        $string = $this->led->string($n, $ohm);
        $current = [
            'min' => $string->amps($this->supply->minV),
            'nominal' => $string->amps($this->supply->nominalV),
            'max' => $string->amps($this->supply->maxV),
            'worst' => $this->worst($n, $ohm),
        ];
        $watts = $current['worst'] ** 2 * $ohm * (1 - $this->tolerance);
        $lastWatts = $this->worst($last, $lastOhm) ** 2 * $lastOhm * (1 - $this->tolerance);

        return new SeriesOption(
            $n,
            $strings,
            $last,
            $ohm,
            $lastOhm,
            $current,
            $watts,
            self::rating($watts),
            $lastWatts,
            self::rating($lastWatts),
            ($n * $this->led->volts($current['nominal'])) / $this->supply->nominalV,
            $current['min'] / $current['nominal'],
            $current['max'] / $current['nominal'],
            ($this->count + $strings) / $this->count +
                (0.5 * ($current['max'] - $current['min'])) / $current['nominal'],
            $this->reasons($watts, $lastWatts, $current),
            $this->warnings($n, $current),
        );
    }

    /**
     * @param  array{min: float, nominal: float, max: float, worst: float}  $current
     * @return list<string>
     */
    private function reasons(float $watts, float $lastWatts, array $current): array
    {
        $reasons = [];
        if (self::rating($watts) === null || self::rating($lastWatts) === null) {
            $reasons[] = 'A resistor would need more than 10 W.';
        }
        if ($current['min'] < 0.05 * $current['nominal']) {
            $reasons[] = 'It goes dark at '.Shown::volts($this->supply->minV).'.';
        }

        return $reasons;
    }

    /**
     * @param  array{min: float, nominal: float, max: float, worst: float}  $current
     * @return list<string>
     */
    private function warnings(int $n, array $current): array
    {
        $warnings = [];
        if ($this->supply->nominalV - $n * $this->led->vfV < 0.15 * $this->supply->nominalV) {
            $warnings[] = 'Thin headroom: brightness swings with the supply.';
        }
        if ($current['nominal'] < 0.8 * $this->targetA) {
            $warnings[] =
                'Dimmer than asked: '.Shown::amps($current['nominal']).' of '.Shown::amps($this->targetA).'.';
        }

        return $warnings;
    }
}
