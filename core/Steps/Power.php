<?php

declare(strict_types=1);

namespace BenchGlow\Steps;

/**
 * The fewest changes of the power, exactly. Within one state doing all that is possible is never worse, so a search in breadth
 * over sequences of states, each taken to its closure, gives the true least (build-handover.md 6).
 */
final class Power
{
    public const STATES = ['live', 'fuse_out', 'dead'];

    /** @var array<int, array<string, bool>> act => state => whether it may be done there */
    private array $goes = [];

    /** @var array<int, list<int>> */
    private array $after = [];

    /** @var array<int, int> */
    private array $into = [];

    /** @var array<string, int> */
    private array $known = [];

    public function __construct(Network $network)
    {
        foreach ($network->acts as $i => $act) {
            foreach (self::STATES as $state) {
                $this->goes[$i][$state] = $act->goesIn($state);
            }
            $this->into[$i] = count($network->before[$i]);
            $this->after[$i] = array_map(fn (Edge $e): int => $e->to, $network->after[$i]);
        }
    }

    /**
     * @param  string  $done  a 1 for each act that is done, else a 0
     * @return int changes until all is done, from a state of the power
     */
    public function fewest(string $done, string $state): int
    {
        $key = $state[0].$done;
        if (isset($this->known[$key])) {
            return $this->known[$key];
        }
        $all = str_repeat('1', count($this->into));
        $seen = [];
        $front = [[$this->closure($done, $state), $state]];
        for ($changes = 0; $front !== []; $changes++) {
            $next = [];
            foreach ($front as [$set, $in]) {
                if ($set === $all) {
                    return $this->known[$key] = $changes;
                }
                foreach (self::STATES as $to) {
                    if ($to === $in) {
                        continue;
                    }
                    $then = $this->closure($set, $to);
                    if ($then !== $set && ! isset($seen[$to.$then])) {
                        $seen[$to.$then] = true;
                        $next[] = [$then, $to];
                    }
                }
            }
            $front = $next;
        }

        return $this->known[$key] = PHP_INT_MAX;
    }

    /** All that can be done without another change. */
    private function closure(string $done, string $state): string
    {
        $left = $this->into;
        foreach ($this->after as $i => $later) {
            if ($done[$i] === '1') {
                foreach ($later as $j) {
                    $left[$j]--;
                }
            }
        }
        $ready = [];
        foreach ($left as $i => $n) {
            if ($n === 0 && $done[$i] === '0' && $this->goes[$i][$state]) {
                $ready[] = $i;
            }
        }
        while ($ready !== []) {
            $i = array_pop($ready);
            $done[$i] = '1';
            foreach ($this->after[$i] as $j) {
                if (--$left[$j] === 0 && $this->goes[$j][$state]) {
                    $ready[] = $j;
                }
            }
        }

        return $done;
    }
}
