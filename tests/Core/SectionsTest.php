<?php

declare(strict_types=1);

use BenchGlow\Build\Build;
use BenchGlow\Build\Device\Device;
use BenchGlow\Build\Lead;
use BenchGlow\Edit\ChooseSection;
use BenchGlow\Edit\Editor;
use BenchGlow\Format\BadBuild;
use BenchGlow\Ways\Chain;
use BenchGlow\Ways\Choices;
use BenchGlow\Ways\Section;
use BenchGlow\Ways\Sections;
use Tests\Support\Make;

/**
 * A random circuit of things in series and in parallel between two places.
 *
 * @param  list<array{string, string}>  $edges
 */
function seriesParallel(array &$edges, string $from, string $to, int $depth, int &$node): void
{
    $how = $depth === 0 ? 0 : mt_rand(0, 2);
    if ($how === 0) {
        $edges[] = [$from, $to];
    } elseif ($how === 1) {
        $middle = 'n'.++$node;
        seriesParallel($edges, $from, $middle, $depth - 1, $node);
        seriesParallel($edges, $middle, $to, $depth - 1, $node);
    } else {
        seriesParallel($edges, $from, $to, $depth - 1, $node);
        seriesParallel($edges, $from, $to, $depth - 1, $node);
    }
}

/**
 * Which places hang together without some of them, by merging names: another way than the one that is tested.
 *
 * @param  list<array{string, string}>  $edges
 * @param  list<string>  $without
 * @return array<string, string> place => the name of its group
 */
function groups(array $edges, array $without): array
{
    $of = [];
    foreach ($edges as $edge) {
        foreach (array_diff($edge, $without) as $place) {
            $of[$place] ??= $place;
        }
    }
    foreach ($edges as [$a, $b]) {
        if (isset($of[$a], $of[$b]) && $of[$a] !== $of[$b]) {
            [$keep, $gone] = [$of[$a], $of[$b]];
            $of = array_map(fn (string $g): string => $g === $gone ? $keep : $g, $of);
        }
    }

    return $of;
}

it('parts random circuits in series and parallel where a search through all places does', function (int $seed): void {
    mt_srand($seed);
    for ($n = 0; $n < 100; $n++) {
        $edges = [];
        $node = 0;
        seriesParallel($edges, 's', 'e', mt_rand(1, 5), $node);
        $places = array_values(array_diff(array_unique(array_merge(...$edges)), ['s', 'e']));
        $cuts = array_values(
            array_filter($places, function (string $place) use ($edges): bool {
                $of = groups($edges, [$place]);

                return ($of['s'] ?? 's') !== ($of['e'] ?? 'e');
            }),
        );
        // What hangs at one place only belongs to no block.
        $stubs = [];
        foreach ($places === [] ? [] : (array) array_rand(array_flip($places), min(2, count($places))) as $k => $at) {
            $stubs[] = [(string) $at, "stub{$k}"];
        }
        $elements = array_map(
            fn (array $e, int $i): array => [
                'a' => $e[0],
                'b' => $e[1],
                'kind' => 'wire',
                'thing' => "e{$i}",
                'lead' => '',
            ],
            [...$edges, ...$stubs],
            range(0, count($edges) + count($stubs) - 1),
        );
        $chain = Chain::of($elements, ['s' => true], ['e' => true], []);
        expect($chain->cuts)->toEqualCanonicalizing($cuts, "seed {$seed}, circuit {$n}");
        $block = [];
        foreach ($chain->blocks as $i => $list) {
            foreach ($list as $element) {
                $block[$element['thing']] = $i;
            }
        }
        expect(count($block))->toBe(count($edges), "seed {$seed}, circuit {$n}");
        // Two things stand in one block when a way joins them that passes none of the cuts.
        $bounds = ['s', ...$chain->cuts, 'e'];
        $of = groups($edges, $bounds);
        foreach ($edges as $i => [$a, $b]) {
            $inside = $of[$a] ?? ($of[$b] ?? null);
            $touches = [];
            foreach ($edges as [$c, $d]) {
                if ($inside !== null && in_array($inside, [$of[$c] ?? '', $of[$d] ?? ''], true)) {
                    array_push($touches, ...array_keys(array_intersect($bounds, [$c, $d])));
                }
            }
            $low = $inside === null ? min(array_keys(array_intersect($bounds, [$a, $b]))) : min($touches);
            expect($block["e{$i}"])->toBe($low, "seed {$seed}, circuit {$n}, {$a} {$b}");
        }
    }
})->with([1, 2, 3, 4, 5]);

it('changes one section of any circuit to any choice and keeps what stands in the others', function (
    string $file,
): void {
    $document = Make::file($file);
    $before = Build::of($document);
    $copper = fn (array $leads): float => array_sum(
        array_map(fn (Lead $l): float => (float) $l->lengthM * count($l->cores), $leads),
    );
    $ends = fn (Lead $l): array => array_map(
        fn (?string $pin): string => explode('.', (string) $pin)[0],
        array_merge(...$l->cores),
    );
    $plugs = fn (Build $b): int => count(array_filter($b->devices, fn (Device $d): bool => $d->kind() === 'plug'));
    $applied = 0;
    foreach (array_keys($before->circuits) as $circuit) {
        $sections = Sections::of($document, $circuit);
        foreach ($sections->isClear() ? Choices::ALL : [] as $kind => $choices) {
            foreach (array_keys($choices) as $choice) {
                $what = "{$circuit}: {$kind} {$choice}";
                try {
                    $after = Build::of(Editor::apply($document, new ChooseSection($circuit, $kind, $choice)));
                } catch (BadBuild $e) {
                    expect($e->problem)->not->toBe('', $what);

                    continue;
                }
                $applied++;
                expect($plugs($after))->toBeGreaterThanOrEqual($plugs($before), $what);
                // Several sources that meet are one section with what switches them.
                $changed = $sections->section($kind) ?? $sections->section(Section::SWITCHING);
                foreach ($before->devices as $id => $device) {
                    if ($device->circuit() !== $circuit) {
                        expect($after->devices)->toHaveKey($id, message: $what);
                    }
                }
                // Pieces of one wire grow together or are parted; of other sections none is lost, of other circuits none touched.
                $kept = array_filter(
                    $before->leads,
                    fn (Lead $l): bool => $l->circuit === $circuit &&
                        ! in_array($l->id, $changed->leads ?? [], true) &&
                        array_intersect($ends($l), $changed->devices ?? []) === [],
                );
                expect(
                    $copper(array_filter($after->leads, fn (Lead $l): bool => $l->circuit === $circuit)),
                )->toBeGreaterThanOrEqual($copper($kept) - 1e-6, $what);
                foreach ($before->leads as $id => $lead) {
                    if ($lead->circuit !== $circuit) {
                        expect($after->leads[$id]->lengthM ?? null)->toBe($lead->lengthM, "{$what}, {$id}");
                    }
                }
            }
        }
    }
    expect($applied)->toBeGreaterThanOrEqual(0);
})->with(array_map(basename(...), glob(dirname(__DIR__, 2).'/examples/*.glow.json') ?: []));
