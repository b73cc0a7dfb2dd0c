<?php

declare(strict_types=1);

namespace BenchGlow\Network;

use BenchGlow\Law\HeldLaw;

/**
 * Newton's method on the node volts with a line search on the slope (solving.md F2–F5). Every law is non-decreasing, so the
 * equations are the gradient of a convex function and the step always points downhill.
 */
final class Solver
{
    private const MAX_STEPS = 100;

    private const MAX_TRIES = 30;

    /** Less than this between a node and the rest is no connection a meter could trust. */
    private const FIRM_SIEMENS = 1e-6;

    /** Rounds of the outer loop over switching loads. */
    private const MAX_ROUNDS = 200;

    /** @var array<int, float> */
    private array $anchors;

    /** @var array<int, int> node -> unknown, −1 where the volts are given or nothing feeds the node */
    private array $unknown = [];

    private int $count = 0;

    private Ldl $ldl;

    /** @var array<int, float> */
    private array $v = [];

    /** @var array<int, float> residual per node: minus the amps leaving it */
    private array $r = [];

    /** @var array<int, float> siemens per branch at the present volts */
    private array $g = [];

    /** @var array<int, float> amps per branch at the present volts */
    private array $i = [];

    private float $worst = 0.0;

    private float $tolerance = 0.0;

    /** @var list<array{int, int, int}> unknowns and slot of each branch and supply; −1 where there is none */
    private array $stamps = [];

    /** @var list<list<array{int, int, int, int}>> per tail: row, column, unknowns */
    private array $tailStamps = [];

    /** @var array<int, Branch> the network's, with the switching loads' amps of this moment */
    private array $branches;

    private function __construct(private readonly Network $network, ?Structure $structure)
    {
        $this->branches = $network->branches;
        $structure ??= Structure::of($network);
        [$this->anchors, $this->unknown, $this->count, $this->ldl, $this->stamps, $this->tailStamps] = [
            $structure->anchors,
            $structure->unknown,
            $structure->count,
            $structure->ldl,
            $structure->stamps,
            $structure->tailStamps,
        ];
    }

    /** @param  Structure|null  $structure  of another state of the same network; null: made here */
    public static function solve(Network $network, ?Structure $structure = null): Solution
    {
        $solver = new self($network, $structure);
        $held = array_filter($network->branches, fn (Branch $b): bool => $b->law instanceof HeldLaw);

        return $held === [] ? $solver->run() : $solver->settle($held);
    }

    /**
     * Switching loads: held amps grow from none toward P/u (solving.md B5). A load's amps only lower the others' volts, so plain
     * steps climb to the stable point from below and never pass it; a longer step that lands under from_v is taken back.
     *
     * @param  array<int, Branch>  $held  by their place among the branches
     */
    private function settle(array $held): Solution
    {
        $laws = [];
        foreach ($held as $k => $branch) {
            if ($branch->law instanceof HeldLaw) {
                $laws[$k] = $branch->law;
                $this->branches[$k] = $branch->with($branch->law->holding(0.0));
            }
        }
        $solution = $idle = $this->run();
        $amps = [];
        foreach ($laws as $k => $law) {
            // What an unloaded supply does not reach is simply off; what only sags under it is too weak to start it.
            if (self::across($idle, $this->branches[$k]) >= $law->fromV) {
                $amps[$k] = 0.0;
            }
        }
        $reasons = $safe = $before = [];
        for ($round = 0; $amps !== []; $round++) {
            $next = [];
            foreach ($amps as $k => $now) {
                $u = self::across($solution, $this->branches[$k]);
                $next[$k] = $u >= $laws[$k]->fromV ? $laws[$k]->watts / $u : INF;
            }
            if (in_array(INF, $next, true)) {
                [$amps, $dropped] = $this->stepBack($amps, $next, $safe);
                $reasons = [...$reasons, ...$dropped];
                $safe = $before = [];
            } elseif (self::stays($amps, $next)) {
                break;
            } elseif ($round === self::MAX_ROUNDS) {
                $reasons[] = 'not solved: the switching loads do not settle';
                break;
            } else {
                $longer = self::longer($amps, $next, $before[0] ?? [], $before[1] ?? []);
                [$safe, $before, $amps] = [$next, [$amps, $next], $longer];
            }
            foreach ($laws as $k => $law) {
                $this->branches[$k] = $this->branches[$k]->with($law->holding($amps[$k] ?? 0.0));
            }
            $solution = $this->run(true);
        }

        return ($amps === [] ? $idle : $solution)->because($reasons, $round < self::MAX_ROUNDS);
    }

    /**
     * Some load fell under its least volts: back to the last plain step, and where that was one, it is off.
     *
     * @param  array<int, float>  $amps
     * @param  array<int, float>  $next  INF: under its least volts
     * @param  array<int, float>  $safe  the plain step the present amps went beyond; empty: they are one
     * @return array{array<int, float>, list<string>} amps, reasons
     */
    private function stepBack(array $amps, array $next, array $safe): array
    {
        if ($safe !== [] && $safe !== $amps) {
            return [$safe, []];
        }
        $reasons = [];
        foreach (array_keys($next, INF, true) as $k) {
            unset($amps[$k]);
            $reasons[] = "supply too weak to start {$this->branches[$k]->id}";
        }

        return [$amps, $reasons];
    }

    /**
     * @param  array<int, float>  $amps
     * @param  array<int, float>  $next
     */
    private static function stays(array $amps, array $next): bool
    {
        foreach ($next as $k => $a) {
            if (abs($a - $amps[$k]) > 1e-9 * $a) {
                return false;
            }
        }

        return true;
    }

    /**
     * Each load's step drawn out by the secant of the two rounds before it: P/u bends upward over the amps, so for one load alone
     * this stays below the stable point as the plain step does.
     *
     * @param  array<int, float>  $amps
     * @param  array<int, float>  $next
     * @param  array<int, float>  $were  amps a round earlier
     * @param  array<int, float>  $led  what they led to
     * @return array<int, float>
     */
    private static function longer(array $amps, array $next, array $were, array $led): array
    {
        foreach ($next as $k => $a) {
            $run = $amps[$k] - ($were[$k] ?? $amps[$k]);
            $slope = $run > 0.0 ? ($a - ($led[$k] ?? $a)) / $run : 0.0;
            if ($slope > 0.0 && $slope < 1.0) {
                $next[$k] = $amps[$k] + ($a - $amps[$k]) / (1.0 - $slope);
            }
        }

        return $next;
    }

    private static function across(Solution $solution, Branch $branch): float
    {
        return ($solution->volts[$branch->from] ?? 0.0) - ($solution->volts[$branch->to] ?? 0.0);
    }

    private function run(bool $warm = false): Solution
    {
        if (! $warm) {
            $this->start();
        }
        $steps = 0;
        $solved = $this->count === 0 && $this->network->tails === [];
        $this->evaluate();
        while (! $solved && $steps < self::MAX_STEPS) {
            $steps++;
            [$step, $dec] = $this->step();
            if ($this->worst < $this->tolerance && $dec < 1e-16) {
                $solved = true;
                break;
            }
            $this->search($step, $dec);
        }

        return $this->solution($solved, $steps);
    }

    /** One linear solve with every load as the chord of its rated point (F3); the taps of a tail start at its mark. */
    private function start(): void
    {
        $this->v = [];
        foreach (array_keys($this->network->nodes) as $node) {
            $this->v[] = $this->anchors[$node] ?? 0.0;
        }
        $chords = array_map(fn (Branch $b): float => $b->law->chord(), $this->branches);
        $tails = [];
        foreach ($this->network->tails as $tail) {
            $y = array_fill(0, Blocks::at(count($tail->channels), 0), 0.0);
            foreach ($tail->laws as $c => $law) {
                $y[Blocks::at($c, $c)] = $law->chord() * $tail->units;
            }
            $tails[] = $y;
        }
        $rhs = array_fill(0, $this->count, 0.0);
        $push = function (int $node, float $amps) use (&$rhs): void {
            if ($this->unknown[$node] >= 0) {
                $rhs[$this->unknown[$node]] += $amps;
            }
        };
        foreach ($this->branches as $k => $b) {
            $push($b->from, -$chords[$k] * ($this->v[$b->from] - $this->v[$b->to]));
            $push($b->to, $chords[$k] * ($this->v[$b->from] - $this->v[$b->to]));
        }
        foreach ($this->network->sources as $s) {
            $push($s->plus, ($s->volts - $this->v[$s->plus] + $this->v[$s->minus]) / $s->ohm);
            $push($s->minus, -($s->volts - $this->v[$s->plus] + $this->v[$s->minus]) / $s->ohm);
        }
        foreach ($this->network->tails as $t => $tail) {
            foreach ($tail->channels as $c => $node) {
                $amps = $tails[$t][Blocks::at($c, $c)] * ($this->v[$node] - $this->v[$tail->common]);
                $push($node, -$amps);
                $push($tail->common, $amps);
            }
        }
        $d = $this->linear($chords, $tails, array_values($rhs));
        foreach ($this->unknown as $node => $u) {
            if ($u >= 0) {
                $this->v[$node] += $d[$u];
            }
        }
        foreach ($this->network->tails as $tail) {
            $tail->startAt($this->mark($tail, $this->v));
        }
    }

    /**
     * @param  array<int, float>  $branchG
     * @param  array<int, array<int, float>>  $tailY
     * @param  array<int, float>  $rhs
     * @return array<int, float>
     */
    private function linear(array $branchG, array $tailY, array $rhs): array
    {
        $diagonal = array_fill(0, $this->count, 0.0);
        $off = array_fill(0, $this->ldl->slotCount, 0.0);
        foreach ($this->network->sources as $s) {
            $branchG[] = 1.0 / $s->ohm;
        }
        foreach ($this->stamps as $k => [$i, $j, $slot]) {
            $g = $branchG[$k];
            if ($i === $j) {
                continue;
            }
            if ($i >= 0) {
                $diagonal[$i] += $g;
            }
            if ($j >= 0) {
                $diagonal[$j] += $g;
            }
            if ($slot >= 0) {
                $off[$slot] -= $g;
            }
        }
        foreach ($this->tailStamps as $t => $all) {
            $n = count($this->network->tails[$t]->channels);
            foreach ($all as [$a, $b, $where, $free]) {
                if ($free === 0 || $where < 0) {
                    continue;
                }
                $y = $this->tailEntry($tailY[$t], $n, $a, $b);
                if ($a === $b) {
                    $diagonal[$where] += $y;
                } else {
                    $off[$where] += $y;
                }
            }
        }
        $this->ldl->factor(array_values($diagonal), array_values($off));

        return $this->ldl->solve($rhs);
    }

    /**
     * Entry of B·Y·Bᵀ, where the common rail (row n) carries minus the sum of the channels.
     *
     * @param  array<int, float>  $y
     */
    private function tailEntry(array $y, int $n, int $a, int $b): float
    {
        if ($a < $n && $b < $n) {
            return $y[Blocks::at($a, $b)];
        }
        $sum = 0.0;
        for ($c = 0; $c < $n; $c++) {
            for ($e = 0; $e < $n; $e++) {
                if (($a === $n || $a === $c) && ($b === $n || $b === $e)) {
                    $sum += $y[Blocks::at($c, $e)];
                }
            }
        }

        return $a === $n && $b === $n ? $sum : -$sum;
    }

    /**
     * @param  array<int, float>  $v
     * @return array<int, float>
     */
    private function mark(Tail $tail, array $v): array
    {
        return array_map(fn (int $node): float => $tail->sign * ($v[$node] - $v[$tail->common]), $tail->channels);
    }

    private function evaluate(): void
    {
        $r = $size = array_fill(0, count($this->v), 0.0);
        foreach ($this->branches as $k => $b) {
            [$amps, $g] = $b->law->at($this->v[$b->from] - $this->v[$b->to]);
            $this->i[$k] = $amps;
            $this->g[$k] = $g;
            $r[$b->from] -= $amps;
            $r[$b->to] += $amps;
            $size[$b->from] += $g * (abs($this->v[$b->from]) + abs($this->v[$b->to]));
            $size[$b->to] += $g * (abs($this->v[$b->from]) + abs($this->v[$b->to]));
        }
        foreach ($this->network->sources as $s) {
            $amps = ($s->volts - $this->v[$s->plus] + $this->v[$s->minus]) / $s->ohm;
            $r[$s->plus] += $amps;
            $r[$s->minus] -= $amps;
            $size[$s->plus] += (2.0 * abs($s->volts)) / $s->ohm;
            $size[$s->minus] += (2.0 * abs($s->volts)) / $s->ohm;
        }
        $this->worst = 0.0;
        $this->tolerance = 1e-9;
        foreach ($this->network->tails as $tail) {
            $tail->sweep($this->mark($tail, $this->v));
            foreach ($tail->channels as $c => $node) {
                $r[$node] -= $tail->sign * $tail->amps[$c];
                $r[$tail->common] += $tail->sign * $tail->amps[$c];
            }
            $this->worst = max($this->worst, $tail->worst);
            $this->tolerance = max($this->tolerance, $tail->floor);
        }
        foreach ($this->unknown as $node => $u) {
            if ($u >= 0) {
                $this->worst = max($this->worst, abs($r[$node]));
                $this->tolerance = max($this->tolerance, 64.0 * PHP_FLOAT_EPSILON * $size[$node]);
            }
        }
        $this->r = $r;
    }

    /** @return array{array<int, float>, float} step per unknown, and the power it would shed (watts) */
    private function step(): array
    {
        $rhs = array_fill(0, $this->count, 0.0);
        foreach ($this->unknown as $node => $u) {
            if ($u >= 0) {
                $rhs[$u] = $this->r[$node];
            }
        }
        $push = function (int $node, float $amps) use (&$rhs): void {
            if ($this->unknown[$node] >= 0) {
                $rhs[$this->unknown[$node]] += $amps;
            }
        };
        foreach ($this->network->tails as $tail) {
            foreach ($tail->channels as $c => $node) {
                $push($node, $tail->sign * $tail->fold[$c]);
                $push($tail->common, -$tail->sign * $tail->fold[$c]);
            }
        }
        $step = $this->linear(
            $this->g,
            array_map(fn (Tail $t): array => $t->y, $this->network->tails),
            array_values($rhs),
        );
        $dec = $this->outerSlope($step);
        foreach ($this->network->tails as $tail) {
            $at = fn (int $node): float => $this->unknown[$node] >= 0 ? $step[$this->unknown[$node]] : 0.0;
            $dec += $tail->backSubstitute(
                array_map(fn (int $node): float => $tail->sign * ($at($node) - $at($tail->common)), $tail->channels),
            );
        }

        return [$step, $dec];
    }

    /** @param  array<int, float>  $step */
    private function outerSlope(array $step): float
    {
        $sum = 0.0;
        foreach ($this->unknown as $node => $u) {
            if ($u >= 0) {
                $sum += $this->r[$node] * $step[$u];
            }
        }

        return $sum;
    }

    /**
     * Line search on the slope, not on a merit value: the trial is good once the slope has not turned back by more than half.
     *
     * @param  array<int, float>  $step
     */
    private function search(array $step, float $dec): void
    {
        $t = 1.0;
        $this->move($step, $t);
        for ($try = 0; $try < self::MAX_TRIES && $dec > 1e-14; $try++) {
            $turned = -$this->outerSlope($step);
            foreach ($this->network->tails as $tail) {
                $turned -= $tail->slope();
            }
            if ($turned <= 0.5 * $dec) {
                return;
            }
            $next = max($t / 10.0, ($t * $dec) / ($dec + $turned));
            $this->move($step, $next - $t);
            $t = $next;
        }
    }

    /** @param  array<int, float>  $step */
    private function move(array $step, float $t): void
    {
        foreach ($this->unknown as $node => $u) {
            if ($u >= 0) {
                $this->v[$node] += $t * $step[$u];
            }
        }
        foreach ($this->network->tails as $tail) {
            $tail->advance($t);
        }
        $this->evaluate();
    }

    private function solution(bool $solved, int $steps): Solution
    {
        // What only leaks join is fed by nothing: its volts are nobody's.
        $real = Islands::of($this->network, false);
        $live = [];
        foreach (
            [...array_keys($this->anchors), ...array_map(fn (Source $s): int => $s->minus, $this->network->sources)] as $node
        ) {
            $live[$real->find($node)] = true;
        }
        $volts = [];
        foreach ($this->v as $node => $v) {
            $volts[] = isset($live[$real->find($node)]) ? $v : null;
        }

        return new Solution(
            $solved,
            $volts,
            $this->i,
            array_map(
                fn (Source $s): float => ($s->volts - $this->v[$s->plus] + $this->v[$s->minus]) / $s->ohm,
                $this->network->sources,
            ),
            array_map(fn (float $r): float => -$r, $this->r),
            array_map(fn (Tail $t): array => $t->unitAmps(), $this->network->tails),
            array_map(fn (Tail $t): array => $t->unitVolts(), $this->network->tails),
            $steps,
            $this->worst,
            $this->tolerance,
            $solved ? [] : ["not solved in {$steps} steps, residual {$this->worst} A"],
            $this->floating($live, $real),
        );
    }

    /**
     * Nodes that only dark or reversed junctions tie to the rest: what a meter reads there is the meter's own doing (F1).
     *
     * @param  array<int, bool>  $live  roots of the pieces a supply feeds at all
     * @return array<int, int> node => the firm node across its best junction
     */
    private function floating(array $live, Islands $real): array
    {
        $firm = new Islands(count($this->v));
        $ties = [];
        $tie = function (int $a, int $b, float $siemens) use ($firm, &$ties): void {
            if ($siemens >= self::FIRM_SIEMENS) {
                $firm->join($a, $b);
            } else {
                $ties[] = [$a, $b, $siemens];
            }
        };
        foreach ($this->branches as $k => $branch) {
            if (! isset($this->network->leaks[$k])) {
                $tie($branch->from, $branch->to, $this->g[$k]);
            }
        }
        foreach ($this->network->sources as $source) {
            $firm->join($source->plus, $source->minus);
        }
        foreach ($this->network->tails as $tail) {
            foreach ($tail->channels as $c => $node) {
                $tie($node, $tail->common, $tail->y[Blocks::at($c, $c)]);
            }
        }
        $held = [];
        foreach (array_keys($this->anchors) as $node) {
            $held[$firm->find($node)] = true;
        }
        usort($ties, fn (array $a, array $b): int => $b[2] <=> $a[2]);
        $behind = [];
        do {
            $before = count($behind);
            foreach ($ties as [$a, $b]) {
                foreach ([[$a, $b], [$b, $a]] as [$loose, $at]) {
                    [$piece, $other] = [$firm->find($loose), $firm->find($at)];
                    if (
                        ! isset($held[$piece]) &&
                        ! isset($behind[$piece]) &&
                        (isset($held[$other]) || isset($behind[$other]))
                    ) {
                        $behind[$piece] = $behind[$other] ?? $at;
                    }
                }
            }
        } while (count($behind) > $before);
        $floating = [];
        foreach (array_keys($this->v) as $node) {
            if (isset($live[$real->find($node)], $behind[$firm->find($node)])) {
                $floating[$node] = $behind[$firm->find($node)];
            }
        }

        return $floating;
    }
}
