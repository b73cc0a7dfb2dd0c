<?php

declare(strict_types=1);

namespace App\Stations\Layout;

use App\Frame\Frame;
use App\Store\Keeper;
use ArrayObject;
use BenchGlow\Analysis\Analysis;
use BenchGlow\Edit\Batch;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\Editor;
use BenchGlow\Edit\SetField;
use BenchGlow\Edit\UseLayout;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Layout\Laid;
use BenchGlow\Light\Footprint;
use BenchGlow\Light\Lit;
use BenchGlow\Light\PanelTry;
use BenchGlow\Light\Suggest;
use BenchGlow\Lists\PartsList;
use BenchGlow\Quantity\Extreme;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;

/** Ways of laying what is laid, tried one after the other in slices: the cheapest that is even enough first. */
final class Arrangements
{
    /** A slice: long enough to be worth its request, short enough to be stopped. */
    private const SLICE_S = 0.15;

    /** Cells along the longer side of a card's picture. */
    private const SMALL = 56;

    private const SHOWN = 3;

    private bool $stopped = false;

    public int $done = 0;

    public int $of = 0;

    public function __construct(private readonly Frame $frame, private readonly Laid $laid)
    {
    }

    public function stop(): void
    {
        $this->stopped = true;
    }

    public function isStopped(): bool
    {
        return $this->stopped;
    }

    /** @return list<Arrangement> all of them where all were tried already, none otherwise */
    public function kept(): array
    {
        $this->stopped = true;

        return $this->cards() ?? [];
    }

    /** @return list<Arrangement>|null null while there is more to try */
    public function cards(): ?array
    {
        $steps = $this->steps();
        $this->of = count($steps);
        $begun = microtime(true);
        $found = [];
        foreach ($steps as $n => $step) {
            $key = [
                'arranged',
                $this->frame->document->wiringHash(),
                $this->frame->document->layoutHash(),
                $this->laid->id,
                // A panel is tried by its labels; a strip and lamps as they are solved here.
                $this->laid->kind === 'panel' ? '' : md5(serialize([$this->frame->state(), $this->frame->thrown()])),
                $n,
            ];
            $kept = Keeper::kept($key, ArrayObject::class);
            if ($kept === null) {
                if ($this->stopped || microtime(true) - $begun > self::SLICE_S) {
                    return null;
                }
                $kept = new ArrayObject(array_filter([$step()]));
                Keeper::put($key, $kept);
            }
            $this->done = $n + 1;
            array_push($found, ...array_values($kept->getArrayCopy()));
        }

        return $this->ranked($found);
    }

    /** @return list<callable(): mixed> */
    private function steps(): array
    {
        if ($this->laid->kind === 'panel') {
            $suggest = $this->suggest();

            return array_map(
                fn (array $c): \Closure => fn (): ?PanelTry => $suggest->tried($c[0], $c[1], false),
                $suggest->candidates(),
            );
        }

        return array_map(
            fn (array $try): \Closure => fn (): ?Arrangement => $this->tried(...$try),
            $this->laid->kind === 'footprint' ? $this->lamps() : (new StripLays($this->laid))->all(),
        );
    }

    private function suggest(): Suggest
    {
        return new Suggest($this->frame->analysis->build, $this->laid);
    }

    /**
     * @param  array<array-key, mixed>  $found
     * @return list<Arrangement>
     */
    private function ranked(array $found): array
    {
        if ($this->laid->kind === 'panel') {
            return $this->panels(array_values(array_filter($found, fn (mixed $t): bool => $t instanceof PanelTry)));
        }
        $all = array_values(array_filter($found, fn (mixed $a): bool => $a instanceof Arrangement));
        usort(
            $all,
            fn (Arrangement $a, Arrangement $b): int => [! $a->holds, $a->order, -(float) $a->figure] <=> [
                ! $b->holds,
                $b->order,
                -(float) $b->figure,
            ],
        );
        $here = array_filter($all, fn (Arrangement $a): bool => $a->edit === null);
        $others = array_slice(
            array_filter($all, fn (Arrangement $a): bool => $a->edit !== null),
            0,
            self::SHOWN - min(1, count($here)),
        );

        return [...array_values($others), ...array_slice(array_values($here), 0, 1)];
    }

    /** @return list<array{string, Edit|null}> other numbers of lamps along a path */
    private function lamps(): array
    {
        if ($this->laid->light()?->kind === 'strip') {
            return [];
        }
        $f = $this->laid->fields;
        $now = $f->integer('lamps', $this->laid->light()?->count() ?? 1);
        $path = $f->number('path_m', $now * $f->number('spacing_m', 0.3));
        $all = [[Words::count($now, 'lamp'), null]];
        foreach ([$now - 1, $now + 1, $now + 2] as $n) {
            if ($n >= 1) {
                $edits = [
                    new SetField($this->laid->id, 'lamps', $n),
                    new SetField($this->laid->id, 'spacing_m', round($path / $n, 3)),
                    new UseLayout($this->laid->id),
                ];
                $all[] = [
                    Words::count($n, 'lamp'),
                    new Batch($edits, "{$this->laid->label}: ".Words::count($n, 'lamp')),
                ];
            }
        }

        return $all;
    }

    private function tried(string $title, ?Edit $edit): ?Arrangement
    {
        $frame = $this->frame;
        try {
            $document = $edit === null ? $frame->document : Editor::apply($frame->document, $edit);
        } catch (BadBuild) {
            return null;
        }
        $analysis =
            $edit === null
                ? $frame->analysis
                : Analysis::of($document, $frame->preference->wire, $frame->preference->units)->at($frame->thrown());
        foreach (Laid::all($analysis->build) as $laid) {
            if ($laid->id === $this->laid->id) {
                return $this->card($title, $edit, $analysis, $laid);
            }
        }

        return null;
    }

    private function card(string $title, ?Edit $edit, Analysis $analysis, Laid $laid): ?Arrangement
    {
        $state = $analysis->states[$this->frame->state()] ?? null;
        $lit = Lit::of($analysis->build, $laid, $state);
        if ($lit === null || $lit->lamps === []) {
            return null;
        }
        if ($laid->kind === 'footprint') {
            [$even, $of, $wanted] = [
                (float) Footprint::of($lit, $laid->fields)->evenness(),
                'least to mean on the path',
                0.4,
            ];
        } else {
            $lm = array_map(fn ($l): float => $l->lm, $lit->lamps);
            $even = Extreme::greatest($lm) > 0.0 ? Extreme::least($lm) / Extreme::greatest($lm) : 0.0;
            [$of, $wanted] = ['dimmest to brightest', $analysis->build->settings->uniformityTarget];
        }
        [$png, $wide, $high] = $this->small($lit, $laid);

        return new Arrangement(
            $title,
            number_format($even, 2),
            $of,
            $this->takes($analysis, $laid),
            self::less($laid),
            $edit,
            $even >= $wanted,
            $png,
            $wide,
            $high,
            $laid->path()?->order(PartsList::price($analysis)) ?? [],
        );
    }

    /** "+2.40 EUR · 4 joints · 14.1 W/m" */
    private function takes(Analysis $analysis, Laid $laid): string
    {
        $price = PartsList::price($analysis) - PartsList::price($this->frame->analysis);
        $joints = $laid->path()?->joints() ?? 0;
        $strip = $laid->light()?->kind === 'strip' ? $laid->light()->strip() : null;
        $said = [
            abs($price) < 0.005
                ? 'nothing to add'
                : ($price > 0 ? '+' : '−').Shown::plain(abs($price), 2).' '.$analysis->build->settings->currency,
        ];
        if ($joints > 0) {
            $said[] = Words::count($joints, 'joint');
        }
        if ($strip !== null) {
            $said[] = Shown::plain($strip->wattsPerM, 1).' W/m';
        }

        return implode(' · ', $said);
    }

    private static function less(Laid $laid): string
    {
        $dark = $laid->path()?->darkM();

        return match (true) {
            $dark === null => '',
            $dark < 0.0005 => 'no dark place',
            default => Shown::plain(100 * $dark, 0).' cm dark',
        };
    }

    /**
     * @param  list<PanelTry>  $tried
     * @return list<Arrangement> the cheapest that holds, and a step less and more
     */
    private function panels(array $tried): array
    {
        $suggest = $this->suggest();
        $chosen = $suggest->chosen($tried);
        $now = $this->laid->fields->integer('rows', 1);
        $depth = $this->laid->fields->number('depth_m', 0.05);
        $all = [];
        foreach ($chosen as $one) {
            $here = $one->rows === $now && abs($one->depthM - $depth) < 1e-6;
            $less =
                array_values(array_filter($chosen, fn (PanelTry $c): bool => $c->rows === $one->rows - 1))[0] ?? null;
            $all[] = $this->panel($one, $here, $less);
        }
        $there = array_filter($chosen, fn (PanelTry $c): bool => $c->rows === $now && abs($c->depthM - $depth) < 1e-6);
        $stands = $there === [] ? $suggest->tried($now, $depth, true) : null;
        if ($stands !== null) {
            $all = [...array_slice($all, 0, self::SHOWN - 1), $this->panel($stands, true, null)];
        }

        return array_values(array_filter($all));
    }

    private function panel(PanelTry $one, bool $here, ?PanelTry $less): ?Arrangement
    {
        $laid = Laid::of(
            $this->frame->analysis->build,
            new Fields([
                ...$this->laid->fields->data,
                'rows' => $one->rows,
                'depth_m' => $one->depthM,
                'mirror_of' => null,
            ]),
        );
        $lit = Lit::of($this->frame->analysis->build, $laid, null);
        if ($lit === null) {
            return null;
        }
        $mm = Shown::plain(1000 * $one->depthM, 0);
        $title = Words::first(Words::count($one->rows, 'row')).", {$mm} mm deep";
        $edit = new Batch(
            [
                new SetField($this->laid->id, 'rows', $one->rows),
                new SetField($this->laid->id, 'depth_m', $one->depthM),
                new UseLayout($this->laid->id),
            ],
            "{$this->laid->label}: laid in ".Words::count($one->rows, 'row'),
        );
        [$png, $wide, $high] = $this->small($lit, $laid);
        $units =
            $one->metres > 0.0
                ? "{$this->frame->length($one->metres)} of strip · ".Shown::plain($one->watts, 1).' W'
                : Words::count($one->units, 'LED');

        return new Arrangement(
            $title,
            number_format($one->evenness, 2),
            'darkest to mean',
            $units,
            $less === null ? '' : 'one row less: '.number_format($less->evenness, 2),
            $here && $this->laid->chosen ? null : $edit,
            $one->evenness >= $this->suggest()->target(),
            $png,
            $wide,
            $high,
        );
    }

    /** @return array{string, float, float} picture, width and height in px */
    private function small(Lit $lit, Laid $laid): array
    {
        $cell = max($lit->outline->width(), $lit->outline->height()) / self::SMALL;
        $colours = [];
        foreach ($laid->lights as $light) {
            foreach ($light->emitters() as $emitter => $colour) {
                $colours[$colour] = ($colours[$colour] ?? 0.0) + (Lit::labels($light)[$emitter] ?? 1.0);
            }
        }
        $glow = Glow::of($lit, $lit->field($cell), $colours, false);
        $k = min(206 / max(1e-6, $lit->outline->width()), 84 / max(1e-6, $lit->outline->height()));

        return [$glow->png, round($lit->outline->width() * $k, 1), round($lit->outline->height() * $k, 1)];
    }
}
