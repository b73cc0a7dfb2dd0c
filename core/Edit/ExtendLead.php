<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Build;
use BenchGlow\Build\Names;
use BenchGlow\Format\BadBuild;
use BenchGlow\Loom\Loom;
use BenchGlow\Loom\Zone;

/** A lead that came too short goes on in a wire of the bench's own, joined in the driest place on its way that can be reached. */
final readonly class ExtendLead implements Edit
{
    public function __construct(public string $id)
    {
    }

    public function says(Names $names): string
    {
        return $names->said($this->id, 'extended');
    }

    public function apply(Draft $draft): void
    {
        $draft->known($this->id);
        $lead = $draft->index->item($this->id);
        $has = $lead->numberOrNull('supplied_m') ?? $lead->numberOrNull('length_m');
        if (($draft->index->sections[$this->id] ?? '') !== 'leads' || $has === null) {
            throw BadBuild::at('/id', 'only a lead whose length is known is extended.');
        }
        foreach ($lead->objects('inline') as $thing) {
            if ($thing->number('at_m') > $has) {
                throw BadBuild::at('/id', 'something is set into it further on than it is long; move that first.');
            }
        }
        $place = $this->driest($draft);
        $new = ['id' => $draft->name($this->id), ...array_intersect_key($lead->data, ['circuit' => 1])];
        $own = [];
        $cores = [];
        foreach ($lead->items('cores') as $n => $core) {
            [$from, $to] = is_array($core) ? [...array_values($core), null, null] : [null, null];
            $joint = $draft->name("{$this->id}_joint");
            $draft->data['devices'] = [
                ...$draft->list(['devices']),
                [
                    'id' => $joint,
                    ...array_intersect_key($lead->data, ['circuit' => 1]),
                    'kind' => 'joint',
                    'style' => 'crimp',
                    ...$place === null ? [] : ['place' => $place],
                ],
            ];
            $own[] = [$from, $joint];
            $cores[] = [$joint, $to];
        }
        $ends = $lead->items('ends');
        $path = $draft->index->paths[$this->id];
        $draft->put($path, [
            ...array_diff_key($lead->data, ['route' => 1]),
            'cores' => $own,
            'length_m' => $has,
            'length_from' => 'supplied',
            'ends' => [$ends[0] ?? null, 'crimp'],
        ]);
        $leads = $draft->list(['leads']);
        array_splice($leads, (int) $path[1] + 1, 0, [
            [...$new, 'cores' => $cores, 'length_m' => null, 'ends' => ['crimp', $ends[1] ?? null]],
        ]);
        $draft->put(['leads'], $leads);
    }

    /** Of the places on its way the driest one that is not buried; null where it goes through none. */
    private function driest(Draft $draft): ?string
    {
        $build = Build::of($draft->document);
        $loom = Loom::of($build);
        $best = null;
        foreach ($loom->leads[$this->id]->stretches ?? [] as $id) {
            $stretch = $loom->stretches[$id];
            foreach ([$stretch->route->from, $stretch->route->to] as $place) {
                $at = $build->places[(string) $place] ?? null;
                if (
                    $at !== null &&
                    $at->access !== 'buried' &&
                    ($best === null || Zone::wetter($at->wet, $best[1]) !== $at->wet)
                ) {
                    $best = [$at->id, $at->wet];
                }
            }
        }

        return $best[0] ?? null;
    }
}
