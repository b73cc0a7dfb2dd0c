<?php

declare(strict_types=1);

namespace BenchGlow\HandOver;

use BenchGlow\Build\Build;
use BenchGlow\Build\Panel;
use BenchGlow\Loom\Loom;
use BenchGlow\Quantity\Words;

/** What comes off before a thing can be got at. */
final readonly class Reach
{
    private Loom $loom;

    public function __construct(private Build $build)
    {
        $this->loom = Loom::of($build);
    }

    /** @return array{list<string>, int, float} panels in words, the outermost first; fasteners; minutes */
    public function to(string $id): array
    {
        $names = [$id, (string) $this->loom->places->of($id)];
        foreach ($this->build->leads as $lead) {
            foreach ($lead->inline as $thing) {
                if ($thing->id === $id) {
                    $names[] = $lead->id;
                    [$stretch] = $this->loom->inLine($lead, $thing);
                    $names[] = (string) $stretch;
                }
            }
        }
        $all = [];
        foreach ($this->build->panels as $panel) {
            if (array_intersect($names, $panel->gives) !== []) {
                $this->off($panel, $all);
            }
        }
        $fasteners = 0;
        $minutes = 0.0;
        foreach ($all as $panel) {
            $own = $this->fasteners($panel->id);
            $fasteners += $own[0];
            $minutes += $panel->minutes ?? $own[1] + ($panel->wire === null ? 0.0 : 3.0);
        }

        return [array_map(fn (Panel $p): string => Words::within($p->label), array_values($all)), $fasteners, $minutes];
    }

    /** @param  array<string, Panel>  $all */
    private function off(Panel $panel, array &$all): void
    {
        foreach ($panel->behind as $outer) {
            isset($this->build->panels[$outer]) && ! isset($all[$outer])
                ? $this->off($this->build->panels[$outer], $all)
                : null;
        }
        $all[$panel->id] ??= $panel;
    }

    /** @return array{int, float} how many, and minutes as the order of work has them */
    private function fasteners(string $panel): array
    {
        $count = 0;
        $minutes = 1.0;
        foreach ($this->build->fasteners as $fastener) {
            if ($fastener->panel === $panel) {
                $count += $fastener->count;
                $minutes += 0.5 * $fastener->count * ($fastener->hidden ? 2 : 1);
            }
        }

        return [$count, $minutes];
    }
}
