<?php

declare(strict_types=1);

namespace BenchGlow\Probe;

use BenchGlow\Build\When;

/** The tests that tell most for their trouble, the best first: a condition is paid once for all its wires. */
final class NextTest
{
    /** Bits below which nothing is worth asking. */
    private const STOP = 0.04;

    /** The same for a wire that is all but sure: a little more settles it. */
    private const STOP_NEARLY = 0.015;

    private const NEARLY = 0.9;

    /** Worth of seeing a wire the other way, where nothing but that is missing. */
    private const BOTH_WAYS = 0.3;

    private const ELECTRONICS = 0.01;

    private const ALIVE = 1e-4;

    private const WITH_RUNNING = ['fog', 'dimmer'];

    /** @var array<string, array<string, array{float, array{string, string}}>> wire => "test condition" => gain, names */
    private array $gains = [];

    /** @var array<string, array<string, array{float, array{string, string}}>> what is known of a wire => the same */
    private static array $known = [];

    private function __construct(private readonly Probing $probing, private readonly Stand $stand)
    {
    }

    /** @return list<Test> */
    public static function best(Probing $probing, ?Stand $stand = null, int $most = 8): array
    {
        return $probing->isDone() ? [] : (new self($probing, $stand ?? Stand::last($probing)))->ranked($most);
    }

    /** @return list<Test> */
    private function ranked(int $most): array
    {
        $groups = [];
        $conditions = $this->conditions();
        foreach ($conditions as $key => $condition) {
            foreach (['volts', 'plus', 'lamp', 'lamp_plus', 'ohms'] as $test) {
                // With the power off nothing that is thrown feeds anything; contacts are seen at rest.
                $change =
                    $test === 'ohms' && ! $condition->isRest()
                        ? null
                        : $this->stand->change($this->probing, $condition, $test);
                if ($change !== null) {
                    $groups["{$test} {$key}"] = [$condition, $test, $change];
                }
            }
        }
        $scored = [];
        foreach ($groups as $key => [$condition, $test, $change]) {
            $scored = [...$scored, ...$this->group($key, $condition, $test, $change)];
        }
        usort($scored, fn (array $a, array $b): int => $b[0] <=> $a[0]);

        return $this->chosen($scored, $most);
    }

    /**
     * @return list<array{float, Test}> the group with its worth, and its tests
     */
    private function group(string $key, Condition $condition, string $test, float $change): array
    {
        $gains = $parts = [];
        foreach ($this->probing->judged as $id => $judged) {
            [$gain, $names] = $this->gain($judged, $condition, $test, $key);
            if ($gain >= ($judged->p >= self::NEARLY ? self::STOP_NEARLY : self::STOP)) {
                $gains[$id] = $gain;
                $parts[$id] = $names;
            }
        }
        if ($gains === []) {
            return [];
        }
        arsort($gains);
        [$best, $sum, $k, $count] = [0.0, 0.0, 0, 0];
        $reading = Tables::seconds('reading');
        foreach ($gains as $gain) {
            $sum += $gain;
            $k++;
            $worth = $sum / ($change + $reading * $k);
            [$best, $count] = $worth > $best ? [$worth, $k] : [$best, $count];
        }
        $wires = array_slice(array_keys($gains), 0, $count);
        $tests = [];
        foreach ($wires as $n => $id) {
            $like = array_values(array_filter($wires, fn (string $w): bool => $parts[$w] === $parts[$id]));
            $tests[] = [
                // One after the other: the wire of most gain first, the condition's worth decides between conditions.
                $best - 1e-9 * $n,
                new Test($id, $condition, $test, $gains[$id], $change + $reading, $parts[$id], $like),
            ];
        }

        return $tests;
    }

    /**
     * @param  list<array{float, Test}>  $scored
     * @return list<Test>
     */
    private function chosen(array $scored, int $most): array
    {
        return array_map(fn (array $s): Test => $s[1], array_slice($scored, 0, $most));
    }

    /** @return array<string, Condition> rest, each key position, each single throw with the key there; less what never happens */
    private function conditions(): array
    {
        $build = $this->probing->build;
        $keys = [[]];
        foreach ($build->inputs as $id => $input) {
            foreach ($input->kind === 'key' ? array_slice($input->positions, 1) : [] as $position) {
                $keys[] = [$id => $position];
            }
        }
        $all = $keys;
        $running = [];
        foreach ($build->inputs as $id => $input) {
            $running += $input->kind === 'running' ? [$id => $input->positions[1]] : [];
        }
        foreach ($build->inputs as $id => $input) {
            foreach ($input->kind === 'key' ? [] : array_slice($input->positions, 1) as $position) {
                foreach ($keys as $key) {
                    $all[] = [...$key, $id => $position];
                    // What only does something while the running lamps are on.
                    if ($running !== [] && in_array(Condition::kind($input), self::WITH_RUNNING, true)) {
                        $all[] = [...$key, ...$running, $id => $position];
                    }
                }
            }
        }
        $rest = array_map(fn ($i): string => $i->rest(), $build->inputs);
        $never = array_map(
            fn (mixed $n): When => new When(is_array($n) ? $n : []),
            $this->probing->document->fields()->items('never'),
        );
        $conditions = [];
        foreach ($all as $with) {
            foreach ($never as $when) {
                if ($when->holds([...$rest, ...$with], $rest)) {
                    continue 2;
                }
            }
            $condition = $this->probing->condition($with);
            $alike = md5(implode(' ', $this->probing->all->states($condition)));
            $old = $conditions[$alike] ?? null;
            // Of conditions that mean the same for every wire the one that is least trouble.
            if ($old === null || $this->trouble($condition) < $this->trouble($old)) {
                $conditions[$alike] = $condition;
            }
        }

        return $conditions;
    }

    private function trouble(Condition $condition): float
    {
        return $this->stand->change($this->probing, $condition, 'volts') ?? INF;
    }

    /** @return array{float, array{string, string}} bits, and the two names it tells apart */
    private function gain(Judged $judged, Condition $condition, string $test, string $key): array
    {
        $id = $judged->wire->id;
        $none = [0.0, ['', '']];
        if ($judged->certainty === Judged::NEVER || $judged->isSure()) {
            return $none;
        }
        $electronics = $judged->names['electronics'] ?? 0.0;
        if ($electronics >= self::ELECTRONICS && str_starts_with($test, 'lamp')) {
            return $none;
        }
        $this->gains[$id] ??= self::$known[$this->signature($judged)] ?? [];
        $gain = $this->gains[$id][$key] ??= $this->reckon($judged, $condition, $test);
        self::$known[$this->signature($judged)] = $this->gains[$id];
        if (count(self::$known) > 200) {
            self::$known = array_slice(self::$known, 100, null, true);
        }

        return $this->seesOther($judged, $condition, $test) ? [max($gain[0], self::BOTH_WAYS), $gain[1]] : $gain;
    }

    /** @var array<string, string> */
    private array $signatures = [];

    private function signature(Judged $judged): string
    {
        return $this->signatures[$judged->wire->id] ??= md5(
            serialize([
                $this->evidence($judged)->signature(),
                array_map(fn (float $x): float => round($x, 3), $this->others($judged)),
                $this->matters(),
                $this->probing->all->place,
            ]),
        );
    }

    /** A sure wire that hangs on one reading is asked as if that had not been taken. */
    private function evidence(Judged $judged): Evidence
    {
        return $this->probing->without[$judged->wire->id] ?? $judged->evidence;
    }

    /** @return array<string, float> a name by elimination is tried without what the others say */
    private function others(Judged $judged): array
    {
        return $judged->byElimination() ? [] : $this->probing->others[$judged->wire->id] ?? [];
    }

    /** Nothing but the other way round is missing: this test would show it. */
    private function seesOther(Judged $judged, Condition $condition, string $test): bool
    {
        if ($judged->p < 0.95 || $judged->seenBothWays || ! isset($this->matters()[$judged->name])) {
            return false;
        }
        $heard = $this->probing->heard[$judged->wire->id] ?? [];
        $hypothesis = $this->probing->all->hypotheses[$judged->hypothesis];
        if (! $hypothesis->isSwitched()) {
            return array_filter($heard, fn (array $r): bool => $r[0]->test() === $test) === [];
        }
        $seen = array_map(fn (array $r): string => $hypothesis->state($r[2]), $heard);

        return $test === 'volts' && ! in_array($hypothesis->state($condition), $seen, true);
    }

    /** @var array<string, string>|null */
    private ?array $matters = null;

    /** @return array<string, string> name => what it counts as; all others are one */
    private function matters(): array
    {
        if ($this->matters !== null) {
            return $this->matters;
        }
        $this->matters = [];
        $names =
            $this->probing->goal === 'needed'
                ? array_merge(
                    [],
                    ...array_map(fn (string $n): array => $this->probing->needs[$n], $this->probing->open()),
                )
                : array_map(fn (WireFunction $f): string => $f->id, Tables::functions());
        foreach ($names as $function) {
            $name = Tables::function($function)->name ?? $function;
            $this->matters[$name] = $name;
        }

        return $this->matters;
    }

    /** @return array{float, array{string, string}} */
    private function reckon(Judged $judged, Condition $condition, string $name): array
    {
        $all = $this->probing->all;
        $test = Tables::tests()[$name];
        $evidence = $this->evidence($judged);
        $others = $this->others($judged);
        $matters = $this->matters();
        $weights = [];
        $sum = 0.0;
        foreach ($evidence->weights as $h => $w) {
            $w *= $others === [] ? 1.0 : $others[$all->of[$h]->id] ?? 1.0;
            if ($w > self::ALIVE) {
                $weights[$h] = $w;
                $sum += $w;
            }
        }
        if ($sum <= 0.0) {
            return [0.0, ['', '']];
        }
        $chances = $evidence->chances($name, $test, array_keys($weights), $all->states($condition));
        $joint = $prior = $full = [];
        foreach ($weights as $h => $w) {
            $w /= $sum;
            $called = $all->of[$h]->name;
            $n = $matters[$called] ?? '';
            $prior[$n] = ($prior[$n] ?? 0.0) + $w;
            $full[$called] = ($full[$called] ?? 0.0) + $w;
            foreach ($chances[$h] as $o => $p) {
                $joint[$o][$n] = ($joint[$o][$n] ?? 0.0) + $w * $p;
            }
        }
        $gain = self::bits($prior);
        foreach ($gain > 0.0 ? $joint : [] as $names) {
            $p = array_sum($names);
            $gain -= $p > 0.0 ? $p * self::bits(array_map(fn (float $x): float => $x / $p, $names)) : 0.0;
        }
        arsort($full);
        $two = array_keys($full);

        return [max(0.0, $gain), [$two[0] ?? '', $two[1] ?? '']];
    }

    /** @param  array<array-key, float>  $p */
    private static function bits(array $p): float
    {
        $bits = 0.0;
        foreach ($p as $x) {
            $bits -= $x > 1e-12 ? $x * log($x, 2) : 0.0;
        }

        return $bits;
    }
}
