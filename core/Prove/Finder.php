<?php

declare(strict_types=1);

namespace BenchGlow\Prove;

use BenchGlow\Quantity\Words;

/** Which suspicions explain what was seen, and what parts them best with the least trouble (probe-prove.md 14). */
final class Finder
{
    /** Sure enough for the confirming reading. */
    public const SURE = 0.97;

    /** Nothing worth while is left below so many bits. */
    private const LEAST_BITS = 0.04;

    private const MOST_READINGS = 12;

    /** Suspicions below this are not weighed any more. */
    private const LEAST_P = 1e-4;

    /** A fuse that is gone so surely is worth a look behind it. */
    private const WORTH_OHMS = 0.05;

    public const SOMETHING_ELSE = 0.03;

    /** Less apart from what is right tells nothing. */
    private const TELLING_V = 0.5;

    private const LOOK = 5.0;

    private const VOLTS = 14.0;

    private const FUSE = 9.0;

    private const AMPS = 30.0;

    /** The battery goes off for it, and on again. */
    private const OHMS = 40.0;

    private const THROW = 6.0;

    private const PANEL = 120.0;

    private const SLEEVE = 300.0;

    /** @var list<Suspect> */
    public readonly array $suspects;

    /** @var list<float> by suspect */
    public readonly array $p;

    /** That it is none of them. */
    public readonly float $else;

    /** @param  list<Observation>  $seen */
    public function __construct(
        private readonly FaultTable $table,
        private readonly StatesThatMatter $matter,
        private readonly array $seen,
    ) {
        $this->suspects = Suspects::of($table);
        $total = array_sum(array_map(fn (Suspect $s): float => $s->weight(), $this->suspects));
        $log = [];
        foreach ($this->suspects as $suspect) {
            $likely = log(((1 - self::SOMETHING_ELSE) * $suspect->weight()) / max(1e-9, $total));
            foreach ($seen as $one) {
                $given =
                    $one->kind === 'ohms'
                        ? $one->ohms($table->ohmsBehind($suspect->key(), $one->at))
                        : $one->given($suspect, $table->right[$one->state] ?? null);
                $likely += log(max(1e-12, $given));
            }
            $log[] = $likely;
        }
        $else = log(self::SOMETHING_ELSE);
        foreach ($seen as $one) {
            $else += log($one->elsewise());
        }
        $top = max([$else, ...$log]);
        $sum = exp($else - $top) + array_sum(array_map(fn (float $l): float => exp($l - $top), $log));
        $this->p = array_map(fn (float $l): float => exp($l - $top) / $sum, $log);
        $this->else = exp($else - $top) / $sum;
    }

    /** @return list<array{Suspect, float}> the likeliest first */
    public function ranked(): array
    {
        $order = array_keys($this->p);
        usort($order, fn (int $a, int $b): int => $this->p[$b] <=> $this->p[$a]);

        return array_map(fn (int $n): array => [$this->suspects[$n], $this->p[$n]], $order);
    }

    /** Something that is none of its faults explains it better than each of them. */
    public function noneFits(): bool
    {
        return $this->p === [] || $this->else > max($this->p);
    }

    /** How many faults are not ruled out: within a hundredth of the likeliest. */
    public function left(): int
    {
        $least = $this->p === [] ? 0.0 : 0.01 * max($this->p);
        $left = 0;
        foreach ($this->suspects as $n => $suspect) {
            $left += $this->p[$n] >= $least ? count($suspect->faults) : 0;
        }

        return $left;
    }

    public function isFound(): bool
    {
        return $this->p !== [] && max($this->p) >= self::SURE;
    }

    /** @return list<NextTry> the best first; [] when it is found, or nothing parts what is left */
    public function next(int $most = 5): array
    {
        if ($this->isFound() || count($this->seen) >= self::MOST_READINGS) {
            return [];
        }
        $now = $this->seen === [] ? 0 : $this->seen[count($this->seen) - 1]->state;
        $taken = [];
        foreach ($this->seen as $one) {
            $taken["{$one->kind} {$one->state} {$one->at}"] = true;
        }
        $all = [];
        foreach ($this->matter->states as $state) {
            foreach ($this->table->works->emitters() as $emitter) {
                $all[] = $this->tried('look', $emitter, $state, self::LOOK, $now);
            }
            foreach ($this->table->works->pins() as $pin) {
                $all[] = $this->tried('volts', $pin, $state, self::VOLTS + $this->hidden($pin), $now);
            }
            foreach ($this->table->works->farEnds() as $light) {
                $all[] = $this->tried('volts', "{$light}.end", $state, self::VOLTS + $this->hidden($light), $now);
            }
        }
        foreach ($this->table->works->fuses() as $fuse) {
            $full = $this->table->fullest($fuse);
            $all[] = $this->tried('amps', $fuse, $full, self::AMPS, $now);
            // Before a new fuse goes in: what is behind it.
            if ($this->mayBeGone($fuse)) {
                $all[] = $this->tried('ohms', $fuse, $full, self::OHMS, $now);
            }
        }
        foreach ($this->table->faults as $fault) {
            if ($fault->kind === 'fuse') {
                $all[] = $this->tried('fuse', $fault->places[0], $now, self::FUSE, $now);
            }
        }
        $all = array_filter(
            $all,
            fn (NextTry $t): bool => $t->gain >= self::LEAST_BITS && ! isset($taken["{$t->kind} {$t->state} {$t->at}"]),
        );
        usort($all, fn (NextTry $a, NextTry $b): int => $b->worth() <=> $a->worth());

        return array_slice($all, 0, $most);
    }

    /**
     * One reading more that would show the likeliest to be true: where it is furthest from what is right, with the least trouble.
     * Null where it was taken already, or nothing is left to take.
     */
    public function confirm(): ?NextTry
    {
        $best = $this->ranked()[0][0] ?? null;
        if ($best === null || ! $this->isFound() || $this->isConfirmed()) {
            return null;
        }
        $now = $this->seen === [] ? 0 : $this->seen[count($this->seen) - 1]->state;
        $all = [];
        foreach ($this->matter->states as $state) {
            foreach ($best->seen[$state]->volts as $pin => $volts) {
                $right = $this->table->right[$state]->volts[$pin] ?? null;
                $apart = $volts === null || $right === null ? ($volts === $right ? 0.0 : 1.0) : abs($volts - $right);
                if ($apart < self::TELLING_V || $this->isTaken('volts', $state, (string) $pin)) {
                    continue;
                }
                $try = $this->tried('volts', (string) $pin, $state, self::VOLTS + $this->hidden((string) $pin), $now);
                $all[] = [$apart / $try->trouble, $try];
            }
        }
        usort($all, fn (array $a, array $b): int => $b[0] <=> $a[0]);

        return $all[0][1] ?? null;
    }

    /** Whether it was found before the last answer, and that one did not take it back. */
    public function isConfirmed(): bool
    {
        return count($this->seen) > 1 &&
            $this->isFound() &&
            (new self($this->table, $this->matter, array_slice($this->seen, 0, -1)))->isFound();
    }

    private function isTaken(string $kind, int $state, string $at): bool
    {
        foreach ($this->seen as $one) {
            if ($one->kind === $kind && $one->state === $state && $one->at === $at) {
                return true;
            }
        }

        return false;
    }

    private function mayBeGone(string $fuse): bool
    {
        foreach ($this->suspects as $n => $suspect) {
            if ($this->p[$n] > self::WORTH_OHMS && $suspect->isGone($fuse)) {
                return true;
            }
        }

        return false;
    }

    /** What a pin costs more: a panel in front of it, a tube over it. */
    private function hidden(string $pin): float
    {
        $thing = explode('.', $pin)[0];
        $behind = false;
        foreach ($this->table->works->build->panels as $panel) {
            $behind = $behind || in_array($thing, $panel->gives, true);
        }

        return ($behind ? self::PANEL : 0.0) + ($this->table->works->joint($pin) === null ? 0.0 : self::SLEEVE);
    }

    private function tried(string $kind, string $at, int $state, float $trouble, int $now): NextTry
    {
        $bins = $said = [];
        foreach ($this->suspects as $n => $suspect) {
            if ($this->p[$n] < self::LEAST_P) {
                continue;
            }
            [$value, $word] = $this->answer($kind, $at, $suspect, $state);
            $bin = $word ?? (string) (int) round(self::scaled($kind, (float) $value));
            $bins[$bin][] = $this->p[$n];
            $said[$n] = ['value' => $value, 'word' => $word, 'suspect' => $suspect->says(), 'key' => $suspect->key()];
        }
        $all = array_sum(array_map(array_sum(...), $bins));
        $gain = 0.0;
        foreach ($bins as $ps) {
            $share = array_sum($ps) / max(1e-12, $all);
            $gain -= $share > 0.0 ? $share * log($share, 2) : 0.0;
        }
        uksort($said, fn (int $a, int $b): int => $this->p[$b] <=> $this->p[$a]);
        $throws = $state === $now ? 0 : $this->throws($state, $now);

        return new NextTry(
            $kind,
            $at,
            $state,
            $this->table->states[$state] ?? [],
            $this->act($kind, $at),
            $gain * min(1.0, $all),
            $trouble + self::THROW * $throws,
            array_slice(array_values($said), 0, 8),
        );
    }

    private function throws(int $state, int $now): int
    {
        return count(array_diff_assoc($this->table->states[$state] ?? [], $this->table->states[$now] ?? []));
    }

    /** @return array{float|null, string|null} */
    private function answer(string $kind, string $at, Suspect $suspect, int $state): array
    {
        if ($kind === 'look') {
            return [null, $suspect->seen[$state]->looks[$at] ?? 'right'];
        }
        if ($kind === 'fuse') {
            return [null, $suspect->isGone($at) ? 'blown' : 'whole'];
        }
        if ($kind === 'amps') {
            return [$suspect->seen[$state]->amps[$at] ?? 0.0, null];
        }
        if ($kind === 'ohms') {
            $ohm = $this->table->ohmsBehind($suspect->key(), $at);

            return $ohm === null ? [null, 'open'] : [round($ohm, 1), null];
        }
        $volts = $suspect->seen[$state]->volts[$at] ?? null;

        return $volts === null ? [null, 'wandering'] : [$volts, null];
    }

    /** Answers that a meter tells apart are in different bins. */
    private static function scaled(string $kind, float $value): float
    {
        return match ($kind) {
            'amps' => $value / 0.15,
            'ohms' => 2.0 * log(max(0.5, $value)),
            default => $value / Suspects::WITHIN_V,
        };
    }

    private function act(string $kind, string $at): string
    {
        $works = $this->table->works;

        return match ($kind) {
            'look' => 'Look at '.Words::within($works->build->label(explode('.', $at)[0])).'.',
            'fuse' => 'Look at '.$works->pin($at).': is its wire whole?',
            'amps' => 'Meter in place of '.$works->pin($at).': amps.',
            'ohms' => 'Battery off, '.
                $works->pin($at).
                ' out: red tip on its light side, black on '.
                $works->pin($this->table->minus()).
                ', ohms.',
            default => str_ends_with($at, '.end')
                ? 'Both tips across the far end of '.$works->pin(substr($at, 0, -4)).', red on +.'
                : 'Red tip on '.$works->pin($at).', black on '.$works->pin($this->table->minus()).'.',
        };
    }
}
