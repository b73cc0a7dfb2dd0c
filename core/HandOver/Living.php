<?php

declare(strict_types=1);

namespace BenchGlow\HandOver;

use BenchGlow\Build\Document;
use BenchGlow\Format\Fields;

/**
 * What became of what was handed over: things in use, how long, how many failed, by kind of joint, part and fixing, over all
 * builds together (build-handover.md 17). Read off the documents; nothing is solved for it.
 */
final class Living
{
    private const YEAR_S = 31_557_600.0;

    private const STYLES = [
        'solder' => 'soldered',
        'crimp' => 'crimped',
        'plug' => 'plugged',
        'ring' => 'ring',
        'spade' => 'spade',
        'clamp' => 'clamped',
        'idc_tap' => 'snap-on tap',
    ];

    /** @var array<string, array<string, array{things: int, failed: int, years: float}>> family => group => */
    private array $all = [];

    /** @param  iterable<array{Document, string}>  $sealed  each with the day it was handed over */
    public function __construct(iterable $sealed, private readonly string $today)
    {
        foreach ($sealed as [$document, $on]) {
            $this->take($document, $on);
        }
    }

    private function take(Document $document, string $on): void
    {
        $fields = $document->fields();
        $gone = [];
        foreach ($fields->objects('log') as $entry) {
            if (! in_array($entry->text('kind'), ['failed', 'changed'], true) || $entry->text('on') < $on) {
                continue;
            }
            foreach ($entry->texts('about') as $about) {
                $id = explode('.', $about)[0];
                $of = $entry->text('cause') === 'tape_let_go' ? "fixing {$id}" : $id;
                $gone[$of] ??= [substr($entry->text('on'), 0, 10), $entry->isA('failed')];
            }
        }
        foreach (self::things($fields) as [$family, $group, $id]) {
            $this->count($family, $group, $gone[$id] ?? null, $on);
        }
    }

    /** @param  array{string, bool}|null  $gone  day, and whether it failed: what was only changed ends its time, too */
    private function count(string $family, string $group, ?array $gone, string $on): void
    {
        $until = $gone === null ? $this->today : min($this->today, $gone[0]);
        $years =
            max(0.0, (float) strtotime("{$until} UTC") - (float) strtotime(substr($on, 0, 10).' UTC')) / self::YEAR_S;
        $was = $this->all[$family][$group] ?? ['things' => 0, 'failed' => 0, 'years' => 0.0];
        $this->all[$family][$group] = [
            'things' => $was['things'] + 1,
            'failed' => $was['failed'] + (int) ($gone[1] ?? false),
            'years' => $was['years'] + $years,
        ];
    }

    /**
     * Everything in use that can let go: which family, which group, whose id fails.
     *
     * @return list<array{string, string, string}>
     */
    public static function things(Fields $build): array
    {
        $parts = $places = $zones = $things = [];
        foreach ($build->objects('parts') as $part) {
            $parts[$part->text('id')] = $part->text('label', $part->text('id'));
        }
        foreach ($build->objects('places') as $place) {
            $places[$place->text('id')] = in_array($place->text('wet'), ['wet', 'damp'], true) ? 'outside' : 'inside';
        }
        foreach ($build->objects('routes') as $route) {
            $isWet = in_array($route->text('zone'), ['outside', 'engine', 'hinge'], true);
            $zones[$route->text('id')] = $isWet ? 'outside' : 'inside';
        }
        foreach ($build->objects('devices') as $device) {
            $where = $places[$device->text('place')] ?? 'inside';
            $style = $device->text('style', 'solder');
            $things[] = $device->isA('joint')
                ? ['joint', (self::STYLES[$style] ?? $style)." joint {$where}", $device->text('id')]
                : ['part', $parts[$device->text('part')] ?? $device->text('kind'), $device->text('id')];
        }
        foreach ($build->objects('supplies') as $supply) {
            $kind = str_contains($supply->text('kind'), 'driver') ? 'driver' : 'supply';
            $things[] = ['part', $kind, $supply->text('id')];
        }
        foreach ($build->objects('lights') as $light) {
            $things[] = ['part', $parts[$light->text('part')] ?? 'light', $light->text('id')];
        }
        foreach ($build->objects('leads') as $lead) {
            $isOutside = in_array(
                'outside',
                array_map(fn (string $r): string => $zones[$r] ?? '', $lead->texts('route')),
                true,
            );
            foreach ($lead->texts('ends') as $style) {
                $end = (self::STYLES[$style] ?? $style).' end '.($isOutside ? 'outside' : 'inside');
                $things[] = ['joint', $end, $lead->text('id')];
            }
        }
        foreach ($build->objects('fixings') as $fixing) {
            $on = $fixing->text('on');
            $kind = str_replace('_', ' ', $fixing->text('kind'));
            $things[] = ['fixing', $kind.($on === '' ? '' : " on {$on}"), "fixing {$fixing->text('of')}"];
        }

        return $things;
    }

    /** @return array<string, list<Exposed>> joint · part · fixing => groups, those that fail most first */
    public function families(): array
    {
        $all = [];
        foreach ($this->all as $family => $groups) {
            $rows = [];
            foreach ($groups as $group => $row) {
                $rows[] = Exposed::of((string) $group, $row['things'], $row['failed'], $row['years']);
            }
            usort(
                $rows,
                fn (Exposed $a, Exposed $b): int => [$b->ranks(), $b->failed, $b->years] <=> [
                    $a->ranks(),
                    $a->failed,
                    $a->years,
                ],
            );
            $all[$family] = $rows;
        }
        ksort($all);

        return $all;
    }

    /** @return list<Exposed> groups that surely fail more often than their family does */
    public function bad(): array
    {
        $bad = [];
        foreach ($this->families() as $rows) {
            $years = array_sum(array_map(fn (Exposed $e): float => $e->years, $rows));
            $failed = array_sum(array_map(fn (Exposed $e): int => $e->failed, $rows));
            $pooled = $years > 0.0 ? (1000.0 * $failed) / $years : 0.0;
            foreach ($rows as $row) {
                $row->ranks() && $row->low > $pooled ? ($bad[] = $row) : null;
            }
        }

        return $bad;
    }

    /** "Of 84 soldered joints outside, 1 has failed in 118 years of use (90 %: 0.4 to 40 per 1,000). Too few to tell." */
    public static function says(Exposed $e): string
    {
        $figure = fn (float $v): string => $v >= 10.0 ? number_format($v, 0, '.', ',') : number_format($v, 1);
        $failed =
            $e->failed === 0 ? 'none has failed' : $e->failed.($e->failed === 1 ? ' has failed' : ' have failed');
        $years = $figure($e->years);
        $words = "{$e->things} × {$e->group}";

        return "Of {$words}, {$failed} in {$years} years of use (90 %: ".
            $figure($e->low).
            ' to '.
            $figure($e->high).
            ' a year in 1,000).'.
            ($e->ranks() ? '' : ' Too few to tell.');
    }
}
