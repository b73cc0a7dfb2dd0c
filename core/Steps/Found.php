<?php

declare(strict_types=1);

namespace BenchGlow\Steps;

/**
 * An order as it can be kept: by the keys of its acts. What is done leaves it; the rest keeps its place as long as it holds
 * (build-handover.md 9, re-planning).
 */
final readonly class Found
{
    /** @var array<string, int> key => act */
    private array $places;

    /** @param  int  $fewest  changes of the power there have to be */
    public function __construct(private Network $network, private string $state, private int $fewest)
    {
        $this->places = array_flip(array_map(fn (Act $a): string => $a->key, $network->acts));
    }

    /**
     * @param  list<array{int|null, string}>  $rows
     * @return list<array{string|null, string}>
     */
    public function named(array $rows): array
    {
        return array_map(
            fn (array $row): array => [$row[0] === null ? null : $this->network->acts[$row[0]]->key, $row[1]],
            $rows,
        );
    }

    /**
     * @param  list<array{string|null, string}>  $order
     * @return list<array{int|null, string}>
     */
    public function placed(array $order): array
    {
        return array_map(fn (array $row): array => [$row[0] === null ? null : $this->places[$row[0]], $row[1]], $order);
    }

    /**
     * An order of before, without what is done by now; null where it does not hold any more: an act is new, something comes
     * before what it waits for, the power changes more often than it has to.
     *
     * @param  list<array{string|null, string}>  $order
     * @return list<array{string|null, string}>|null
     */
    public function held(array $order): ?array
    {
        $rows = [];
        $state = $this->state;
        $seen = [];
        $changes = 0;
        foreach ($order as [$key, $to]) {
            $i = $key === null ? null : $this->places[$key] ?? null;
            if ($i === null) {
                continue;
            }
            // The state its act was planned in: a change that nothing is left for falls away.
            if ($to !== $state) {
                $rows[] = [null, $to];
                $state = $to;
                $changes++;
            }
            foreach ($this->network->before[$i] as $edge) {
                if (! isset($seen[$edge->from])) {
                    return null;
                }
            }
            if (isset($seen[$i]) || ! $this->network->acts[$i]->goesIn($state)) {
                return null;
            }
            $seen[$i] = true;
            $rows[] = [$key, $to];
        }

        return count($seen) === count($this->places) && $changes === $this->fewest ? $rows : null;
    }
}
