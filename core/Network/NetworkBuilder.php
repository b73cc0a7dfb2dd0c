<?php

declare(strict_types=1);

namespace BenchGlow\Network;

use BenchGlow\Law\Law;
use BenchGlow\Law\Resistor;
use BenchGlow\Law\StringLaw;
use BenchGlow\Parts\StripLadder;

/** Collects nodes by name, ideal joins, branches and strips, and makes the Network with joined nodes merged. */
final class NetworkBuilder
{
    /** @var array<string, int> */
    private array $names = [];

    /** @var list<array{string, string}> */
    private array $joins = [];

    /** @var list<array{string, string, string, Law}> */
    private array $branches = [];

    /** @var list<array{string, string, string, float, float}> */
    private array $sources = [];

    /** @var list<array{string, list<string>, string, StripLadder, int, int}> id, channels, common, ladder, units, first sign */
    private array $tails = [];

    /** @var array<string, float> */
    private array $fixed = [];

    /** @var array<int, true> branches that are leaks */
    private array $apart = [];

    /** @param  bool  $leaks keep a dark strip behind an open contact regular; a plain ladder on a supply needs none */
    public function __construct(private readonly bool $leaks = false, private readonly bool $expand = false)
    {
    }

    public function node(string $name): string
    {
        $this->names[$name] ??= count($this->names);

        return $name;
    }

    public function join(string $a, string $b): void
    {
        $this->joins[] = [$this->node($a), $this->node($b)];
    }

    /** @return int place of the branch in the solution */
    public function branch(string $id, string $from, string $to, Law $law): int
    {
        $this->branches[] = [$id, $this->node($from), $this->node($to), $law];

        return count($this->branches) - 1;
    }

    /** A trace of conductance that keeps a node regular and joins nothing; gives its place among the branches. */
    public function leak(string $id, string $from, string $to, float $siemens = StringLaw::GMIN): int
    {
        $this->apart[count($this->branches)] = true;

        return $this->branch($id, $from, $to, new Resistor(1.0 / $siemens));
    }

    /** @return int place of the supply in the solution */
    public function source(string $id, string $plus, string $minus, float $volts, float $ohm): int
    {
        $this->sources[] = [$id, $this->node($plus), $this->node($minus), $volts, max($ohm, 1e-3)];

        return count($this->sources) - 1;
    }

    public function hold(string $node, float $volts): void
    {
        $this->fixed[$this->node($node)] = $volts;
    }

    /**
     * A strip of $units units fed at cut marks. Open ends become tails; stretches between two fed marks keep both rails.
     *
     * @param  array<int, list<string>>  $marks  cut mark (0 … units) => node of each channel, then of the common rail
     */
    public function ladder(string $id, StripLadder $ladder, int $units, array $marks): LadderPlaces
    {
        ksort($marks);
        $places = [];
        $at = array_keys($marks);
        if ($at === []) {
            return new LadderPlaces([], $ladder->channels());
        }
        // One leak per strip, not per unit: a dark strip behind an open contact would leave its node without any conductance.
        foreach ($this->leaks ? array_slice($marks[$at[0]], 0, -1) : [] as $channel) {
            $this->leak("{$id}.leak", $channel, $marks[$at[0]][$ladder->channels()]);
        }
        if ($this->expand) {
            return new LadderPlaces($this->whole($id, $ladder, $units, $marks), $ladder->channels());
        }
        if ($at[0] > 0) {
            $this->tail("{$id}.head", $marks[$at[0]], $ladder, $at[0]);
            $places[] = ['head', count($this->tails) - 1, $at[0], 0];
        }
        foreach (array_slice($at, 1) as $n => $to) {
            $places[] = $this->between($id, $ladder, $at[$n], $to, $marks[$at[$n]], $marks[$to]);
        }
        $last = end($at);
        if ($last < $units) {
            $this->tail("{$id}.end", $marks[$last], $ladder, $units - $last);
            $places[] = ['end', count($this->tails) - 1, $units - $last, 0];
        }

        return new LadderPlaces($places, $ladder->channels());
    }

    /**
     * Every unit with both its rails, open ends included: for a netlist.
     *
     * @param  array<int, list<string>>  $marks
     * @return list<array{string, int, int, int}>
     */
    private function whole(string $id, StripLadder $ladder, int $units, array $marks): array
    {
        $rails = array_keys([...$ladder->ohm, $ladder->commonOhm]);
        foreach ([0, $units] as $end) {
            $marks[$end] ??= array_map(fn (int $c): string => "{$id}#open{$end}.{$c}", $rails);
        }
        ksort($marks);
        $at = array_keys($marks);
        $places = [];
        foreach (array_slice($at, 1) as $n => $to) {
            $places[] = $this->between($id, $ladder, $at[$n], $to, $marks[$at[$n]], $marks[$to]);
        }

        return $places;
    }

    /** @param  list<string>  $mark */
    private function tail(string $id, array $mark, StripLadder $ladder, int $units): void
    {
        foreach ($mark as $node) {
            $this->node($node);
        }
        $common = $mark[count($mark) - 1];
        $this->tails[] = [$id, array_slice($mark, 0, -1), $common, $ladder, $units, $ladder->commonIsPlus ? -1 : 1];
    }

    /**
     * @param  list<string>  $from
     * @param  list<string>  $to
     * @return array{string, int, int, int}
     */
    private function between(string $id, StripLadder $ladder, int $first, int $last, array $from, array $to): array
    {
        $before = $from;
        $rails = [...$ladder->ohm, $ladder->commonOhm];
        $unit = count($this->branches) + count($rails);
        for ($k = $first; $k < $last; $k++) {
            $tap = [];
            foreach ($rails as $c => $ohm) {
                $tap[$c] = "{$id}#{$k}.{$c}";
                $this->branch("{$id}.rail", $before[$c], $tap[$c], new Resistor(($k === $first ? 0.5 : 1.0) * $ohm));
            }
            $common = $tap[count($rails) - 1];
            foreach ($ladder->laws as $c => $law) {
                $this->branch(
                    "{$id}.unit",
                    $ladder->commonIsPlus ? $common : $tap[$c],
                    $ladder->commonIsPlus ? $tap[$c] : $common,
                    $law,
                );
            }
            $before = $tap;
        }
        foreach ($rails as $c => $ohm) {
            $this->branch("{$id}.rail", $before[$c], $to[$c], new Resistor(0.5 * $ohm));
        }

        return ['between', $unit, $last - $first, count($rails) + count($ladder->laws)];
    }

    public function build(): Network
    {
        $islands = new Islands(count($this->names));
        foreach ($this->joins as [$a, $b]) {
            $islands->join($this->names[$a], $this->names[$b]);
        }
        $number = [];
        $labels = [];
        $place = [];
        foreach ($this->names as $name => $raw) {
            $root = $islands->find($raw);
            if (! isset($number[$root])) {
                $number[$root] = count($labels);
                $labels[] = $name;
            }
            $place[$name] = $number[$root];
        }
        $this->resolved = $place;
        $fixed = [];
        foreach ($this->fixed as $name => $volts) {
            $fixed[$place[$name]] = $volts;
        }

        return new Network(
            $labels,
            array_map(fn (array $b): Branch => new Branch($b[0], $place[$b[1]], $place[$b[2]], $b[3]), $this->branches),
            array_map(
                fn (array $s): Source => new Source($s[0], $place[$s[1]], $place[$s[2]], $s[3], $s[4]),
                $this->sources,
            ),
            array_map(
                fn (array $t): Tail => Tail::of(
                    $t[0],
                    array_map(fn (string $n): int => $place[$n], $t[1]),
                    $place[$t[2]],
                    $t[3]->laws,
                    $t[4],
                    $t[3]->ohm,
                    $t[3]->commonOhm,
                    (float) $t[5],
                ),
                $this->tails,
            ),
            $fixed,
            $this->apart,
        );
    }

    /** @var array<string, int> */
    private array $resolved = [];

    /** @return array<string, int> node number by name, after build() */
    public function places(): array
    {
        return $this->resolved;
    }
}
