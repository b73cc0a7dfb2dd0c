<?php

declare(strict_types=1);

namespace BenchGlow\Steps;

use BenchGlow\Build\Build;
use BenchGlow\Build\Fastener;
use BenchGlow\Build\Panel;

/** What came off, with its fasteners, in the order in which it goes back: the reverse of how it opens (build-handover.md 11). */
final class Ledger
{
    /** @var list<string> panels, the first to go back first */
    public readonly array $order;

    /** @var array<string, list<Fastener>> panel => fasteners, the hardest to reach first */
    private array $of = [];

    public function __construct(private readonly Build $build)
    {
        foreach ($build->fasteners as $fastener) {
            $this->of[$fastener->panel][] = $fastener;
        }
        foreach ($this->of as &$all) {
            usort($all, fn (Fastener $a, Fastener $b): int => (int) $b->hidden <=> (int) $a->hidden);
        }
        unset($all);
        $opening = [];
        foreach ($build->panels as $panel) {
            $this->open($panel, $opening);
        }
        $this->order = array_reverse(array_keys($opening));
    }

    /** @param  array<string, true>  $opening */
    private function open(Panel $panel, array &$opening): void
    {
        foreach ($panel->behind as $outer) {
            if (isset($this->build->panels[$outer])) {
                $this->open($this->build->panels[$outer], $opening);
            }
        }
        $opening[$panel->id] ??= true;
    }

    /** @return list<Fastener> */
    public function of(string $panel): array
    {
        return $this->of[$panel] ?? [];
    }

    /** @return list<Fastener> whose panel is only said in words */
    public function elsewhere(): array
    {
        $all = [];
        foreach ($this->of as $panel => $fasteners) {
            if (! isset($this->build->panels[$panel])) {
                array_push($all, ...$fasteners);
            }
        }

        return $all;
    }

    /** @return array{int, int} how many are back, of how many */
    public function counted(string $panel): array
    {
        $back = $all = 0;
        foreach ($this->of($panel) as $fastener) {
            $all += $fastener->count;
            $there = $fastener->replacedBy === null ? $fastener->lost : 0;
            $back += $fastener->back ? $fastener->count - $there : 0;
        }

        return [$back, $all];
    }

    /** @return array<string, int> what is single-use or lost and has to be bought, one spare with it => how many */
    public function toBuy(): array
    {
        $all = [];
        $spare = (new Lessons($this->build))->spare;
        foreach ($this->build->fasteners as $fastener) {
            $need = $fastener->singleUse
                ? $fastener->count + 1
                : ($fastener->lost > 0 && $fastener->replacedBy === null
                    ? $fastener->lost
                    : 0);
            $name = trim(str_replace('_', ' ', $fastener->kind)." {$fastener->size}");
            if ($need > 0 || ($spare > 0 && ! $fastener->isForbidden())) {
                // Where some got lost before, one more of each kind lies there.
                $all[$name] = ($all[$name] ?? $spare) + $need;
            }
        }

        return $all;
    }
}
