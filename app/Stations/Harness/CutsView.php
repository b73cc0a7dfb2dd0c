<?php

declare(strict_types=1);

namespace App\Stations\Harness;

use App\Models\Offcut;
use App\Store\Offcuts;
use BenchGlow\Build\Index;
use BenchGlow\Edit\AddItem;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\TakeOffcut;
use BenchGlow\Format\Fields;
use BenchGlow\Lists\Consumable;
use BenchGlow\Lists\Consumables;
use BenchGlow\Lists\CutLists;
use BenchGlow\Lists\PartCuts;
use BenchGlow\Lists\PartsList;
use BenchGlow\Lists\ReadyList;
use BenchGlow\Sizing\Buy;
use BenchGlow\Sizing\Ready;

/** What is cut from which reel or offcut, what is bought, what can be made when. */
final class CutsView
{
    public function __construct(private readonly HarnessPage $page)
    {
    }

    /** @var list<PartCuts>|null */
    private ?array $cuts = null;

    /** @return list<PartCuts> */
    public function cuts(): array
    {
        return $this->cuts ??= (new CutLists(
            [$this->page->frame->analysis],
            Offcuts::free($this->page->frame->build),
        ))->all();
    }

    public function price(): string
    {
        return Buy::sum([
            ...array_map(fn (PartCuts $c): ?string => $c->buy->price, $this->cuts()),
            ...array_map(fn (Consumable $c): ?string => $c->buy->price, $this->consumables()),
        ]);
    }

    public function ready(): ReadyList
    {
        return $this->ready ??= new ReadyList($this->page->frame->analysis, date('Y-m-d'));
    }

    private ?ReadyList $ready = null;

    public function longestBin(PartCuts $cuts): int
    {
        return max([1, ...array_map(fn (array $b): int => $b['length'], $cuts->plan->bins)]);
    }

    /** @return array{Edit, string}|null taking an offcut for this build, or laying it back */
    public function take(PartCuts $cuts, int $offcut): ?array
    {
        $row = $cuts->offcuts[$offcut];
        $part = null;
        foreach ($this->page->list->build->parts as $id => $one) {
            $part ??= in_array($one->fields->text('catalogue') ?: (string) $id, [$row['part'], $cuts->sold->part], true)
                ? (string) $id
                : null;
        }
        if ($part === null) {
            return null;
        }
        foreach ($this->page->frame->document->fields()->object('work')->objects('offcuts') as $taken) {
            if ($taken->text('offcut') === $row['id']) {
                return [new TakeOffcut($row['id'], $part, $row['length_m'], true), 'Lay it back'];
            }
        }

        return [new TakeOffcut($row['id'], $part, $row['length_m']), 'Take this offcut'];
    }

    /** @return list<Offcut> */
    public function offcuts(): array
    {
        return array_values(Offcut::query()->orderBy('id')->get()->all());
    }

    /** @return array<string, string> */
    public function cutParts(): array
    {
        $all = [];
        foreach ($this->cuts() as $cuts) {
            $all[$cuts->sold->part] = $cuts->sold->label;
        }

        return $all;
    }

    /** @var list<Consumable>|null */
    private ?array $consumables = null;

    /** @return list<Consumable> tube, sleeve, terminals, clips, grommets */
    public function consumables(): array
    {
        return $this->consumables ??= Consumables::of($this->page->list);
    }

    /** Into the parts of the build, where what lies on the bench of it can be kept; null where nothing is to be put. */
    public function list(Consumable $row): ?Edit
    {
        if ($row->part === null || $row->own !== null) {
            return null;
        }
        $id = Index::of($this->page->frame->document)->free($row->part->text('id'));

        return new AddItem('parts', new Fields([...$row->part->data, 'id' => $id]));
    }

    /**
     * @return list<array{
     *     id: string, label: string, need: string, have: float|null, ordered: string, due: string, price: float|null
     * }> parts that are counted
     */
    public function counted(): array
    {
        $work = [];
        foreach ($this->page->frame->document->fields()->object('work')->objects('parts') as $row) {
            $work[$row->text('part')] = $row;
        }
        $all = $rows = [];
        foreach (PartsList::of($this->page->frame->analysis) as $row) {
            if ($row['count'] !== null && isset($this->page->list->build->parts[$row['part']])) {
                $rows[] = [...$row, 'need' => "{$row['count']} ×"];
            }
        }
        foreach ($this->consumables() as $thing) {
            if ($thing->own !== null) {
                $need = $thing->amount($thing->buy->need).($thing->unit === 'm' ? '' : ' ×');
                $rows[] = ['part' => $thing->own, 'label' => $thing->what, 'need' => $need, 'price' => null];
            }
        }
        foreach ($rows as $row) {
            $kept = $work[$row['part']] ?? null;
            $all[] = [
                'id' => $row['part'],
                'label' => $row['label'],
                'need' => $row['need'],
                'have' => $kept?->numberOrNull('have'),
                'ordered' => $kept?->text('ordered_on') ?? '',
                'due' => $kept?->text('due_on') ?? '',
                'price' => $row['price'],
            ];
        }

        return $all;
    }

    /** "from 2026-05-09, waits for relay 12 V." */
    public function readyWords(Ready $ready): string
    {
        $names = implode(', ', array_map(fn (string $p): string => $this->ready()->names[$p] ?? '', $ready->waits));
        $said = match (true) {
            $ready->waits === [] => 'can be made today.',
            $ready->from === null => "waits for {$names}.",
            default => "from {$ready->from}, waits for {$names}.",
        };

        return $said.($ready->inTime === false ? ' That is after the day it is needed by.' : '');
    }
}
