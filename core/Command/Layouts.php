<?php

declare(strict_types=1);

namespace BenchGlow\Command;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Document;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Review;
use BenchGlow\Check\Rules;
use BenchGlow\Format\BadBuild;
use BenchGlow\Layout\Laid;
use BenchGlow\Layout\Piece;
use BenchGlow\Layout\Shapes;
use BenchGlow\Layout\Sheets;
use BenchGlow\Layout\StripPiece;
use BenchGlow\Layout\Template;
use BenchGlow\Layout\Templates;
use BenchGlow\Layout\Tiles;
use BenchGlow\Light\Lit;
use BenchGlow\Light\PanelTry;
use BenchGlow\Light\Suggest;

/** `glow layout`: what is laid out where, the light it gets, and its templates at true size. */
final class Layouts
{
    private readonly Review $review;

    private readonly Analysis $analysis;

    /** @var list<Laid> */
    private readonly array $all;

    /**
     * @param  string|null  $id  only this layout
     *
     * @throws BadBuild where there is no such layout
     */
    public function __construct(private Document $document, ?string $id, private bool $back, private string $paper)
    {
        $this->review = Review::of($document);
        $this->analysis = $this->review->analysis;
        $all = Laid::all($this->analysis->build);
        $ids = array_map(fn (Laid $l): string => $l->id, $all);
        if ($id !== null && ! in_array($id, $ids, true)) {
            throw BadBuild::at('/id', "there is no layout `{$id}`.".BadBuild::nearMiss($id, $ids));
        }
        $this->all = array_values(array_filter($all, fn (Laid $l): bool => $id === null || $l->id === $id));
    }

    /** @return array{layouts: list<array<string, mixed>>, findings: list<array<string, mixed>>} */
    public function toArray(): array
    {
        $found = array_filter($this->review->open(), fn (Finding $f): bool => Rules::readsLayouts($f->rule));

        return [
            'layouts' => array_map($this->one(...), $this->all),
            'findings' => array_map(fn (Finding $f): array => $f->toArray(), array_values($found)),
        ];
    }

    /** @return array<string, mixed> */
    private function one(Laid $laid): array
    {
        $path = $laid->path();
        $template = $this->template($laid);

        return [
            'id' => $laid->id,
            'kind' => $laid->kind,
            'label' => $laid->label,
            'chosen' => $laid->chosen,
            'in_step' => $laid->inStep($this->analysis->build),
            'pieces' => array_map(
                fn (StripPiece $p): array => [
                    'from_m' => round($p->fromM, 9),
                    'units' => $p->units,
                    'cut_m' => round($p->cutM, 9),
                    'gap_m' => round($p->gapM, 9),
                ],
                $path->pieces ?? [],
            ),
            'tape_m' => $path === null ? $this->panelTape($laid) : round($path->tapeM(), 9),
            'marks' => $this->marks($laid, $template),
            'light' => $this->light($laid),
            'suggest' => $laid->kind === 'panel' && $laid->light() !== null
                    ? array_map(
                        fn (PanelTry $t): array => $t->toArray(),
                        (new Suggest($this->analysis->build, $laid))->all(),
                    )
                    : [],
            'islands' => $laid->kind === 'panel' ? Shapes::islands($laid->fields->object('outline')) : [],
            'sheets' => $template === null ? 0 : Tiles::of($template, $this->paper)->count(),
        ];
    }

    private function panelTape(Laid $laid): ?float
    {
        $light = $laid->kind === 'panel' ? $laid->light() : null;

        return $light?->kind === 'strip' ? round(count($laid->seats()) * $light->strip()->pitchM(), 9) : null;
    }

    private function template(Laid $laid): ?Template
    {
        return Templates::of($this->analysis->build, $laid, $this->back);
    }

    /** @return list<array<string, mixed>> */
    private function marks(Laid $laid, ?Template $template): array
    {
        $looked = [];
        foreach ($laid->kind === 'piece' ? Piece::of($laid->fields)->marks : [] as $mark) {
            $looked[$mark->id] = ! $mark->isBlind();
        }

        return array_map(
            fn (array $h): array => [
                'id' => $h['id'],
                'x_mm' => round($h['x'], 3),
                'y_mm' => round($h['y'], 3),
                'drill_mm' => $h['mm'],
                'accuracy_mm' => $h['accuracy_mm'],
                'covered_by' => $h['covered_by'],
                'looked' => $looked[$h['id']] ?? null,
            ],
            $template->holes ?? [],
        );
    }

    /** @return array<string, mixed>|null */
    private function light(Laid $laid): ?array
    {
        $light = $laid->light();
        $scene = $light === null ? null : $this->analysis->litScene($light->id, 'nominal');
        $lit = $light === null ? null : Lit::of($this->analysis->build, $laid, $scene?->lit);
        if ($lit === null || $lit->lamps === []) {
            return null;
        }
        $field = $lit->field();

        return [
            'lux' => ['min' => $field->least(), 'avg' => $field->mean(), 'max' => $field->greatest()],
            'min_over_avg' => $field->evenness(),
            'min_over_max' => $field->contrast(),
            'luminance_cd_m2' => $lit->box ? $field->luminance($lit->transmission) : null,
            'darkest' => $field->darkest(),
            'brightest' => $field->brightest(),
            'state' => ['inputs' => (object) ($scene->inputs ?? []), 'supply' => 'nominal'],
        ];
    }

    /** "Heron, revision of the file, 2026-05-02" without what is not known. */
    private function about(): string
    {
        return $this->document->title();
    }

    /** @return array{string, string} text, what it is */
    public function out(string $kind): array
    {
        $templates = [];
        foreach ($this->all as $laid) {
            $template = $this->template($laid);
            if ($template !== null) {
                $templates[$laid->id] = $template;
            }
        }
        if ($templates === []) {
            throw BadBuild::at('/layouts', 'there is nothing here that has a template.');
        }
        if ($kind === 'svg' && count($templates) > 1) {
            throw BadBuild::at('/id', 'an SVG holds one layout; name it with --id.');
        }

        return match ($kind) {
            'pdf' => [Sheets::pdf(array_values($templates), $this->paper, $this->about()), 'templates'],
            'svg' => [Sheets::svg(array_values($templates)[0], $this->about()), 'the template'],
            default => [Sheets::csv($templates), 'the holes'],
        };
    }
}
