<?php

declare(strict_types=1);

namespace App\Stations\Layout;

use BenchGlow\Edit\Batch;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\FeedStrip;
use BenchGlow\Edit\SetField;
use BenchGlow\Edit\SetSegment;
use BenchGlow\Edit\UseLayout;
use BenchGlow\Format\Fields;
use BenchGlow\Layout\Laid;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;

/** Ways of laying a strip along its path: folded, in pieces, begun elsewhere, fed otherwise. */
final readonly class StripLays
{
    public function __construct(private Laid $laid)
    {
    }

    /** @return list<array{string, Edit|null}> what it is called, and what makes it so; null: as it is */
    public function all(): array
    {
        $path = $this->laid->path();
        if ($path === null) {
            return [];
        }
        $id = $this->laid->id;
        $all = [[$this->saidNow(), null]];
        $corners = [];
        foreach ($this->laid->fields->objects('segments') as $n => $segment) {
            if (! in_array($segment->text('corner'), ['', 'bend'], true)) {
                $corners[$n] = $segment->text('corner');
            }
        }
        foreach (
            ['fold' => 'One piece, folded', 'new_piece' => 'Pieces, each fed', 'jumper' => 'Pieces, joined by wire'] as $kind => $title
        ) {
            if ($corners !== [] && array_unique(array_values($corners)) !== [$kind]) {
                $set = array_map(
                    fn (int $n): Edit => new SetSegment($id, $n, new Fields(['corner' => $kind])),
                    array_keys($corners),
                );
                $all[] = [$title, new Batch([...$set, new UseLayout($id)], "{$this->laid->label}: ".lcfirst($title))];
            }
        }
        // A fold that misses its cut mark sits on it where the first straight begins so much later, or sooner.
        $shift = array_values(array_filter(array_column($path->corners, 'shift')))[0] ?? 0.0;
        $first = $this->laid->fields->objects('segments')[0] ?? null;
        if ($shift !== 0.0 && $first?->has('straight_m') === true && $first->number('straight_m') + $shift > 0.0) {
            $mm = Shown::plain(1000 * abs($shift), 0);
            $title = "Begun {$mm} mm ".($shift < 0.0 ? 'later' : 'sooner');
            $set = new SetSegment(
                $id,
                0,
                new Fields(['straight_m' => round($first->number('straight_m') + $shift, 6)]),
            );
            $all[] = [
                "{$title}, the fold on its mark",
                new Batch([$set, new UseLayout($id)], "{$this->laid->label}: ".lcfirst($title)),
            ];
        }
        $light = $this->laid->light();
        if ($light !== null && ! $path->isUp && $path->darkM() > 0.004) {
            $all[] = [
                'The last unit let past the end',
                new Batch(
                    [new SetField($light->id, 'fit', 'up'), new UseLayout($id)],
                    "{$light->label}: up to the end",
                ),
            ];
        }
        if (count($path->lightsM()) === 1 && $light !== null) {
            $all[] = [
                'Fed at both ends',
                new Batch([new UseLayout($id), new FeedStrip($light->id, 'both')], "{$light->label}: fed at both ends"),
            ];
        }
        if ($path->anchor !== 'middle' && $path->darkM() > 0.004) {
            $all[] = [
                'The dark shared at both ends',
                new Batch([new SetField($id, 'anchor', 'middle'), new UseLayout($id)], "{$this->laid->label}: centred"),
            ];
        }

        return $all;
    }

    private function saidNow(): string
    {
        $n = count($this->laid->path()?->lightsM() ?? []);
        $kinds = array_column($this->laid->path()->corners ?? [], 'kind');

        return match (true) {
            $n > 1 => Words::count($n, 'piece').', each fed',
            in_array('jumper', $kinds, true) => 'Pieces, joined by wire',
            in_array('fold', $kinds, true) => 'One piece, folded',
            default => 'One piece',
        };
    }
}
