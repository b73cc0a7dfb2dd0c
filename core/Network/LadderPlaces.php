<?php

declare(strict_types=1);

namespace BenchGlow\Network;

/** Where the units of a strip went in the network, so that a solution reads back by position along the strip. */
final readonly class LadderPlaces
{
    /** @param  array<int, array{string, int, int}>  $places unit => tail, its number, unit in it · branch, first branch, 0 */
    public function __construct(private array $places, private int $channels, public int $units)
    {
    }

    public function fed(): bool
    {
        return $this->places !== [];
    }

    /** @return list<list<float>> amps per channel and unit, by position from the start */
    public function amps(Network $network, Solution $solution): array
    {
        return $this->read(fn (array $p, int $c): float => $p[0] === 'tail' ? $solution->tailAmps[$p[1]][$c][$p[2]] : $solution->amps[$p[1] + $c]);
    }

    /** @return list<list<float>> volts between the rails per channel and unit */
    public function volts(Network $network, Solution $solution): array
    {
        return $this->read(function (array $p, int $c) use ($network, $solution): float {
            if ($p[0] === 'tail') {
                return $solution->tailVolts[$p[1]][$c][$p[2]];
            }
            $branch = $network->branches[$p[1] + $c];

            return ($solution->volts[$branch->from] ?? 0.0) - ($solution->volts[$branch->to] ?? 0.0);
        });
    }

    /**
     * @param  callable(array{string, int, int}, int): float  $one
     * @return list<list<float>>
     */
    private function read(callable $one): array
    {
        $rows = [];
        for ($c = 0; $c < $this->channels; $c++) {
            $row = [];
            for ($k = 0; $k < $this->units && $this->fed(); $k++) {
                $row[] = $one($this->places[$k], $c);
            }
            $rows[] = $row;
        }

        return $rows;
    }
}
