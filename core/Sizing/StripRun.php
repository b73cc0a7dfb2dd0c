<?php

declare(strict_types=1);

namespace BenchGlow\Sizing;

use BenchGlow\Law\Resistor;
use BenchGlow\Network\NetworkBuilder;
use BenchGlow\Network\Solver;
use BenchGlow\Parts\StripLadder;
use BenchGlow\Parts\StripType;
use BenchGlow\Quantity\Extreme;

/** One strip on an ideal supply, fed at its start, end, both ends or middle, solved unit by unit (electrics.md 3). */
final readonly class StripRun
{
    /**
     * @param  list<list<float>>  $flux  per channel and unit, 1 = the label's brightness
     * @param  list<list<float>>  $volts  between the rails, per channel and unit
     */
    private function __construct(
        public int $units,
        public float $currentA,
        public float $powerW,
        public array $flux,
        public array $volts,
        public bool $solved,
        public int $newton,
        public float $residualA,
    ) {
    }

    /**
     * @param  string  $feed  start · end · both · middle
     * @param  float  $outOhm  of the common conductor of each lead
     * @param  float  $backOhm  of each channel's conductor
     */
    public static function solve(
        StripType $strip,
        int $units,
        float $supplyV,
        string $feed = 'start',
        float $outOhm = 0.0,
        float $backOhm = 0.0,
    ): self {
        $builder = new NetworkBuilder();
        $builder->hold('common', 0.0);
        $builder->hold('channel', $supplyV);
        $marks = [];
        foreach (self::marks($feed, $units) as $mark) {
            $nodes = [];
            foreach (range(0, $strip->channels() - 1) as $c) {
                $nodes[] = self::lead($builder, 'channel', "m{$mark}.{$c}", $backOhm);
            }
            $nodes[] = self::lead($builder, 'common', "m{$mark}.common", $outOhm);
            $marks[$mark] = $nodes;
        }
        // Only the volts between the rails matter here, so the common side stands at 0 V whatever its polarity.
        $ladder = $strip->ladder();
        $places = $builder->ladder(
            'strip',
            new StripLadder($ladder->laws, $ladder->ohm, $ladder->commonOhm),
            $units,
            $marks,
        );
        $network = $builder->build();
        $solution = Solver::solve($network);
        $current = $solution->leaving[$builder->places()['channel']];
        $unitA = $strip->unitA();

        return new self(
            $units,
            $current,
            $supplyV * $current,
            array_map(
                fn (array $row): array => array_map(fn (float $a): float => $a / $unitA, $row),
                $places->amps($solution),
            ),
            $places->volts($network, $solution),
            $solution->solved,
            $solution->newton,
            $solution->residualA,
        );
    }

    /** @return list<int> */
    public static function marks(string $feed, int $units): array
    {
        return match ($feed) {
            'end' => [$units],
            'both' => [0, $units],
            'middle' => [intdiv($units, 2)],
            default => [0],
        };
    }

    private static function lead(NetworkBuilder $builder, string $from, string $to, float $ohm): string
    {
        if ($ohm > 0.0) {
            $builder->branch($to, $from, $to, new Resistor($ohm));
        } else {
            $builder->join($from, $to);
        }

        return $to;
    }

    /** Lowest over highest of the worst channel. */
    public function uniformity(): float
    {
        return Extreme::least(
            array_map(
                fn (array $row): float => Extreme::greatest($row) > 0
                    ? Extreme::least($row) / Extreme::greatest($row)
                    : 0.0,
                $this->flux,
            ),
        );
    }

    /** @return array{min: float, max: float} over all units and channels */
    public function span(): array
    {
        return [
            'min' => Extreme::least(array_map(fn (array $row): float => Extreme::least($row), $this->flux)),
            'max' => Extreme::greatest(array_map(fn (array $row): float => Extreme::greatest($row), $this->flux)),
        ];
    }
}
