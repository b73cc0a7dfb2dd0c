<?php

declare(strict_types=1);

namespace BenchGlow\HandOver;

use BenchGlow\Build\Build;
use BenchGlow\Build\Panel;
use BenchGlow\Loom\Loom;
use BenchGlow\Quantity\Words;
use BenchGlow\Steps\Opening;

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
            $opening = new Opening($this->build, $panel);
            $fasteners += $opening->fasteners;
            $minutes += $opening->minutes;
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
}
