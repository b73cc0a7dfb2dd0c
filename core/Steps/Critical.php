<?php

declare(strict_types=1);

namespace BenchGlow\Steps;

/** Which acts fix the end, and how long the others may wait. */
final readonly class Critical
{
    public function __construct(private Network $network, private float $end)
    {
    }

    /**
     * @param  list<Planned>  $acts  in the order of the plan
     * @return list<Planned>
     */
    public function mark(array $acts): array
    {
        $at = [];
        foreach ($acts as $n => $planned) {
            if ($planned->index !== null) {
                $at[$planned->index] = $n;
            }
        }
        $chain = $this->chain($acts, $at);
        $latest = [];
        for ($n = count($acts) - 1; $n >= 0; $n--) {
            $end = $this->end;
            $i = $acts[$n]->index;
            foreach ($i === null ? [] : $this->network->after[$i] as $edge) {
                $later = $at[$edge->to];
                $end = min($end, $latest[$later] - $edge->lagS);
            }
            $latest[$n] = $end - ($acts[$n]->to - $acts[$n]->from);
        }
        $marked = [];
        foreach ($acts as $n => $planned) {
            $slack = isset($chain[$n]) ? 0.0 : max(0.0, ($latest[$n] - $planned->from) / 60);
            $marked[] = $planned->placed(isset($chain[$n]), round($slack, 1));
        }

        return $marked;
    }

    /**
     * Back from the last act by what held each one up: what it waits for, else the act before it.
     *
     * @param  list<Planned>  $acts
     * @param  array<int, int>  $at
     * @return array<int, true>
     */
    private function chain(array $acts, array $at): array
    {
        $chain = [];
        $n = count($acts) - 1;
        while ($n >= 0) {
            $chain[$n] = true;
            $held = null;
            $i = $acts[$n]->index;
            foreach ($i === null ? [] : $this->network->before[$i] as $edge) {
                $m = $at[$edge->from];
                $ready = $acts[$m]->to + $edge->lagS;
                if ($ready >= $acts[$n]->from - 60.0 && ($held === null || $ready > $held[0])) {
                    $held = [$ready, $m];
                }
            }
            $n = $held === null ? $n - 1 : $held[1];
        }

        return $chain;
    }
}
