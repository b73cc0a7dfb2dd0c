<?php

declare(strict_types=1);

namespace App\Stations\Layout;

use BenchGlow\Light\Suggest;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;

/** The one sentence of a layout: what it is, and what is wanting. */
final readonly class Said
{
    private function __construct(public string $name, public string $is, public string $wants)
    {
    }

    public static function of(LayoutPage $page): self
    {
        $laid = $page->laid;
        if ($laid === null) {
            return new self('', '', '');
        }
        $name = Words::first($laid->light()->label ?? $laid->label).':';
        [$is, $wants] = match ($laid->kind) {
            'strip_path' => self::path($page),
            'panel' => self::panel($page),
            'hole_row' => self::row($page),
            'footprint' => self::ground($page),
            'piece' => self::piece($page),
            'sensor' => self::sensor($page),
            default => ['light that leaves through a gap, seen in section.', ''],
        };

        // What is of no one light goes by its own name.
        $own = count($laid->lights) !== 1 || $laid->kind === 'stray';

        return new self($own ? Words::first($laid->label).':' : $name, $is, $wants);
    }

    /** @return array{string, string} */
    private static function path(LayoutPage $page): array
    {
        $path = $page->path();
        if ($path === null) {
            return ['its light is no strip.', ''];
        }
        $corners = count($path->corners);
        $round = match ($corners) {
            0 => 'in one straight',
            1 => 'round one corner',
            default => "round {$corners} corners",
        };
        $dark = array_filter($path->gaps(), fn (array $g): bool => $g['to'] - $g['from'] >= 0.0005);
        $is = "{$path->units()} units, {$page->short($path->tapeM())} {$round}".($dark === [] ? '.' : ';');
        if ($path->pastM() > 0.0005) {
            return [$is, $page->short($path->pastM()).' go past the end.'];
        }
        if ($dark === []) {
            return [$is, ''];
        }
        $long = array_map(fn (array $g): float => $g['to'] - $g['from'], $dark);
        $where = count($dark) === 1 ? self::where(array_values($dark)[0]) : 'in all';

        return [$is, "{$page->short(array_sum($long))} stay dark {$where}."];
    }

    /** @param  array{from: float, to: float, where: string}  $gap */
    private static function where(array $gap): string
    {
        return ['start' => 'at the start', 'corner' => 'at a corner', 'end' => 'at the end'][$gap['where']] ?? '';
    }

    /** @return array{string, string} */
    private static function panel(LayoutPage $page): array
    {
        $laid = $page->laid;
        $lit = $page->lit();
        if ($laid === null || $lit === null) {
            return ['it has no outline yet.', ''];
        }
        $light = $laid->light();
        $what =
            $light?->kind === 'strip'
                ? count($lit->lamps).' units in '.Words::count($laid->fields->integer('rows', 1), 'row')
                : Words::count(count($lit->lamps), 'LED');
        $even = $page->glow()?->evenness;
        $target = $laid->fields->number('target', Suggest::TARGET);
        $is = $what.($even === null ? '.' : ', '.number_format($even, 2).' darkest to mean.');

        return [$is, $even !== null && $even < $target ? Shown::plain($target, 2).' is wanted.' : ''];
    }

    /** @return array{string, string} */
    private static function row(LayoutPage $page): array
    {
        $row = $page->row();
        if ($row === null) {
            return ['', ''];
        }
        $n = count($row->atMm);
        $is =
            Words::count($n, 'hole').
            ' of '.
            Shown::plain($row->drillMm, 1).
            ' mm'.
            ($n > 1 ? ', '.Shown::plain($row->pitchMm, 1).' mm apart' : '').
            '; '.
            Shown::plain(max(0.0, $row->thinnestMm()), 1).
            ' mm of web stay.';

        return [$is, $row->ease === null ? '' : Words::first($row->ease).'.'];
    }

    /** @return array{string, string} */
    private static function ground(LayoutPage $page): array
    {
        $print = $page->footprint();
        $lit = $page->lit();
        if ($print === null || $lit === null) {
            return ['nothing to light yet.', ''];
        }
        $is =
            Words::count(count($print->under), 'lamp').
            ", {$page->short($lit->depthM)} high: ".
            Shown::plain($print->under === [] ? 0.0 : max($print->under), 0).
            ' lx under'.
            ($print->between === [] ? '' : ', '.Shown::plain(min($print->between), 0).' between').
            ($print->band ? ', one band.' : ', puddles.');

        return [$is, $print->hotSpots ? 'The face behind shows a spot at each.' : ''];
    }

    /** @return array{string, string} */
    private static function piece(LayoutPage $page): array
    {
        $marks = $page->piece()->marks ?? [];
        $blind = count(array_filter($marks, fn ($m): bool => $m->isBlind()));

        return [
            Words::count(count($marks), 'mark').'.',
            match (true) {
                $blind === 0 => '',
                count($marks) === 1 => 'Nobody has looked yet behind it.',
                default => 'Nobody has looked yet behind '.($blind === 1 ? 'one' : $blind).' of them.',
            },
        ];
    }

    /** @return array{string, string} */
    private static function sensor(LayoutPage $page): array
    {
        $trial = $page->trial();
        if ($trial === null || $trial->point === null) {
            return ['as drawn.', 'Try where it throws.'];
        }
        $is =
            'throws at '.
            $trial->said($trial->point).
            ' ± '.
            $trial->said((float) $trial->known).
            ', '.
            $trial->said((float) $trial->margin()).
            ' before it is shut.';

        return [$is, $trial->holds() ? '' : $trial->said($trial->wanted()).' is the least.'];
    }
}
