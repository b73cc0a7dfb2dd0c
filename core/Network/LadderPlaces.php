<?php

declare(strict_types=1);

namespace BenchGlow\Network;

/** Where the units of a strip went in the network, so that a solution reads back by position along the strip. */
final readonly class LadderPlaces
{
    /**
     * @param  list<array{string, int, int, int}>  $stretches  in order along the strip: "head" or "end" with the number of its
     *                                                         tail, or "between" with its first unit's branch; units; branches from one unit to the next
     */
    public function __construct(private array $stretches, private int $channels)
    {
    }

    /** @return list<list<float>> amps per channel and unit, by position from the start */
    public function amps(Solution $solution): array
    {
        return $this->read($solution->tailAmps, fn (int $branch): float => $solution->amps[$branch]);
    }

    /** @return list<list<float>> volts between the rails per channel and unit */
    public function volts(Network $network, Solution $solution): array
    {
        return $this->read($solution->tailVolts, function (int $k) use ($network, $solution): float {
            $branch = $network->branches[$k];

            return ($solution->volts[$branch->from] ?? 0.0) - ($solution->volts[$branch->to] ?? 0.0);
        });
    }

    /**
     * @param  array<int, array<int, array<int, float>>>  $tails  per tail, channel, unit from its mark outward
     * @param  callable(int): float  $at  of a branch
     * @return list<list<float>>
     */
    private function read(array $tails, callable $at): array
    {
        $rows = [];
        for ($c = 0; $c < $this->channels; $c++) {
            $parts = [];
            foreach ($this->stretches as [$kind, $place, $units, $stride]) {
                $part = [];
                for ($k = 0; $kind === 'between' && $k < $units; $k++) {
                    $part[] = $at($place + $k * $stride + $c);
                }
                $parts[] = match ($kind) {
                    'head' => array_reverse($tails[$place][$c]),
                    'end' => $tails[$place][$c],
                    default => $part,
                };
            }
            $rows[] = array_values(count($parts) === 1 ? $parts[0] : array_merge(...$parts));
        }

        return $rows;
    }
}
