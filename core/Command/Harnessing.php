<?php

declare(strict_types=1);

namespace BenchGlow\Command;

use BenchGlow\Build\Document;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Review;
use BenchGlow\Check\Rules;
use BenchGlow\Check\Severity;
use BenchGlow\Drawing\LoomPaper;
use BenchGlow\Drawing\LoomSvg;
use BenchGlow\Lists\LoomList;

/** `glow harness`: the loom with its lengths, ends, joints and holes. */
final class Harnessing
{
    private readonly Review $review;

    private readonly LoomList $list;

    /** @param  string  $paper  a4 · letter */
    public function __construct(private readonly Document $document, private readonly string $paper)
    {
        $this->review = Review::of($document);
        $this->list = new LoomList($this->review->analysis);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $build = $this->list->build;

        return [
            'places' => array_map(
                fn ($p): array => [
                    'id' => $p->id,
                    'label' => $p->label,
                    'carrier' => $p->carrier,
                    'things' => $this->list->loom->places->at($p->id),
                ],
                array_values($build->places),
            ),
            'taken' => (object) $this->list->loom->places->taken,
            'stretches' => $this->list->stretches(),
            'wires' => $this->list->wires(),
            'joints' => $this->list->joints(),
            'plugs' => $this->list->plugs(),
            'grounds' => $this->list->grounds(),
            'holes' => $this->list->holes(),
            'unplaced' => $this->list->unplaced(),
            'findings' => array_map(fn (Finding $f): array => $f->toArray(), $this->found()),
        ];
    }

    /** @return list<Finding> about the loom */
    private function found(): array
    {
        return array_values(array_filter($this->review->open(), fn (Finding $f): bool => Rules::readsLoom($f->rule)));
    }

    public function isDangerous(): bool
    {
        return array_filter($this->found(), fn (Finding $f): bool => $f->severity === Severity::Danger) !== [];
    }

    /**
     * @param  string  $kind  csv · svg · pdf
     * @return array{string, string} text, what it is
     */
    public function out(string $kind): array
    {
        $title = $this->document->title();

        return match ($kind) {
            'svg' => [LoomSvg::of($this->list, $title), 'the loom'],
            'pdf' => [LoomPaper::listSheet($this->list, $this->paper, $title), 'the list of wires'],
            default => [LoomPaper::csv($this->list), 'the list of wires'],
        };
    }

    /** @return array{string, string} text, what it is */
    public function labels(): array
    {
        return [LoomPaper::labelSheet($this->list, $this->paper, $this->document->title()), 'the labels'];
    }
}
