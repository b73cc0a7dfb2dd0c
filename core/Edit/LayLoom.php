<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Names;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;

/** Begins a loom from the circuit: places where things sit together, stretches where leads join them (layout-harness.md 8). */
final readonly class LayLoom implements Edit
{
    /** Things on a lead this short sit together, m. */
    private const TOGETHER_M = 0.3;

    private const THINGS = ['supplies', 'host.ways', 'host.wires', 'host.grounds', 'devices', 'lights'];

    public function says(Names $names): string
    {
        return 'Laid the loom out from the circuit';
    }

    public function apply(Draft $draft): void
    {
        $group = $this->groups($draft);
        if ($group === []) {
            throw BadBuild::at('/leads', 'there is no wire to lay out yet.');
        }
        $place = $this->places($draft, $group);
        $joined = [];
        foreach ($draft->document->fields()->objects('leads') as $lead) {
            foreach (self::pairs($lead) as [$a, $b]) {
                [$from, $to] = [$place[$group[$a] ?? ''] ?? null, $place[$group[$b] ?? ''] ?? null];
                if ($from !== null && $to !== null && $from !== $to) {
                    $key = min($from, $to).'/'.max($from, $to);
                    $known = $lead->numberOrNull('length_m');
                    $joined[$key] ??= ['from' => $from, 'to' => $to, 'm' => null];
                    $joined[$key]['m'] = $known === null ? $joined[$key]['m'] : max((float) $joined[$key]['m'], $known);
                }
            }
        }
        $this->stretches($draft, $joined, $place[$group[self::source($draft)] ?? ''] ?? array_values($place)[0]);
    }

    private static function source(Draft $draft): string
    {
        return ($draft->document->fields()->objects('supplies')[0] ?? new Fields([]))->text('id');
    }

    /** @return list<array{string, string}> things at both ends of each core */
    private static function pairs(Fields $lead): array
    {
        $all = [];
        foreach ($lead->items('cores') as $core) {
            [$from, $to] = is_array($core) ? [...array_values($core), null, null] : [null, null];
            if (is_string($from) && is_string($to)) {
                $all[] = [explode('.', $from)[0], explode('.', $to)[0]];
            }
        }

        return $all;
    }

    /** @return array<string, string> thing => the first of those it sits with; lights sit alone */
    private function groups(Draft $draft): array
    {
        $group = [];
        foreach ($draft->index->sections as $id => $section) {
            if (in_array($section, self::THINGS, true) && ! $draft->index->item($id)->isA('plug')) {
                $group[$id] = $id;
            }
        }
        $wired = [];
        foreach ($draft->document->fields()->objects('leads') as $lead) {
            $m = $lead->numberOrNull('length_m');
            foreach (self::pairs($lead) as [$a, $b]) {
                $wired[$a] = $wired[$b] = true;
                $near = $m !== null && $m <= self::TOGETHER_M;
                $alone = in_array(
                    'lights',
                    [$draft->index->sections[$a] ?? '', $draft->index->sections[$b] ?? ''],
                    true,
                );
                if ($near && ! $alone && isset($group[$a], $group[$b]) && $group[$a] !== $group[$b]) {
                    [$keep, $gone] = [$group[$a], $group[$b]];
                    $group = array_map(fn (string $g): string => $g === $gone ? $keep : $g, $group);
                }
            }
        }

        return array_intersect_key($group, $wired);
    }

    /**
     * @param  array<string, string>  $group
     * @return array<string, string> group => place
     */
    private function places(Draft $draft, array $group): array
    {
        $place = [];
        foreach ($group as $id => $of) {
            $stated = $draft->index->item($id)->textOrNull('place');
            if ($stated !== null) {
                $place[$of] ??= $stated;
            }
        }
        $names = Names::in($draft->index);
        foreach ($group as $id => $of) {
            if (! isset($place[$of])) {
                $new = $draft->name("at_{$of}");
                $place[$of] = $new;
                $draft->data['places'] = [
                    ...$draft->list(['places']),
                    ['id' => $new, 'label' => mb_substr(ucfirst($names->name($of)), 0, 60)],
                ];
            }
            if ($draft->index->item($id)->textOrNull('place') === null) {
                $draft->put([...$draft->index->paths[$id], 'place'], $place[$of]);
            }
        }

        return $place;
    }

    /**
     * A spanning tree from the source: what is nearest by wire is reached first.
     *
     * @param  array<string, array{from: string, to: string, m: float|null}>  $joined
     */
    private function stretches(Draft $draft, array $joined, string $source): void
    {
        $there = [];
        foreach ($draft->document->fields()->objects('routes') as $route) {
            $there[
                min($route->text('from'), $route->text('to')).'/'.max($route->text('from'), $route->text('to'))
            ] = true;
        }
        $reached = [$source => true];
        $open = $joined;
        while ($open !== []) {
            $best = null;
            foreach ($open as $key => $one) {
                $touches = isset($reached[$one['from']]) !== isset($reached[$one['to']]);
                if ($touches && ($best === null || ($one['m'] ?? INF) < ($open[$best]['m'] ?? INF))) {
                    $best = $key;
                }
            }
            // What hangs on nothing that was reached begins a tree of its own.
            $best ??= array_key_first(array_filter($open, fn (array $o): bool => ! isset($reached[$o['from']])));
            if ($best === null) {
                return;
            }
            $one = $open[$best];
            unset($open[$best]);
            $reached[$one['from']] = $reached[$one['to']] = true;
            if (! isset($there[$best])) {
                $draft->data['routes'] = [
                    ...$draft->list(['routes']),
                    [
                        'id' => $draft->name('way_'.(count($draft->list(['routes'])) + 1)),
                        'from' => $one['from'],
                        'to' => $one['to'],
                        'length_m' => $one['m'],
                    ],
                ];
            }
        }
    }
}
