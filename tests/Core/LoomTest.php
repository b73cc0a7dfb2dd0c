<?php

declare(strict_types=1);

use BenchGlow\Analysis\Analysis;
use BenchGlow\Analysis\Loaded;
use BenchGlow\Build\Build;
use BenchGlow\Build\Document;
use BenchGlow\Build\Hinge;
use BenchGlow\Check\Review;
use BenchGlow\Command\Cutting;
use BenchGlow\Command\Harnessing;
use BenchGlow\Drawing\LoomPaper;
use BenchGlow\Drawing\LoomPlan;
use BenchGlow\Edit\AddItem;
use BenchGlow\Edit\ColourAll;
use BenchGlow\Edit\Editor;
use BenchGlow\Edit\ExtendLead;
use BenchGlow\Edit\KeepPart;
use BenchGlow\Edit\LayLoom;
use BenchGlow\Edit\MoveThing;
use BenchGlow\Edit\PlugHere;
use BenchGlow\Edit\RemoveItem;
use BenchGlow\Edit\SetField;
use BenchGlow\Edit\SetWay;
use BenchGlow\Edit\SplitLead;
use BenchGlow\Edit\SplitStretch;
use BenchGlow\Edit\StringLength;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Lists\Consumable;
use BenchGlow\Lists\Consumables;
use BenchGlow\Lists\CutLists;
use BenchGlow\Lists\LoomList;
use BenchGlow\Lists\PartCuts;
use BenchGlow\Loom\Bundle;
use BenchGlow\Loom\Colours;
use BenchGlow\Loom\Ends;
use BenchGlow\Loom\Guards;
use BenchGlow\Loom\Joints;
use BenchGlow\Loom\Labels;
use BenchGlow\Loom\Loom;
use BenchGlow\Loom\PlugLines;
use BenchGlow\Loom\Tubes;
use BenchGlow\Parts\Catalogue;
use BenchGlow\Parts\Copper;
use BenchGlow\Probe\Donors;
use BenchGlow\Probe\Probing;
use BenchGlow\Sizing\Buy;
use BenchGlow\Sizing\CutPlan;
use BenchGlow\Sizing\Ready;
use Tests\Support\LoomFaults;
use Tests\Support\Make;

/** The worked example of the paper, with its figures. */
function pedlar(): array
{
    $folder = dirname(__DIR__).'/Fixtures';

    return [
        Document::fromJson((string) file_get_contents("{$folder}/loom.glow.json")),
        json_decode((string) file_get_contents("{$folder}/loom.expected.json"), true),
    ];
}

describe('the worked example', function (): void {
    it('takes places, ways and lengths as they were reckoned by hand', function (): void {
        [$document, $expected] = pedlar();
        $loom = Loom::of(Build::of($document));
        expect($loom->places->taken)->toBe($expected['places_taken']);
        foreach ($expected['leads'] as $id => $lead) {
            $laid = $loom->leads[$id];
            expect($laid->stretches)->toBe($lead['way'], $id);
            expect([$laid->wayM, $laid->rawM, $laid->lengthM])->toEqualWithDelta(
                [$lead['way_m'], $lead['raw_m'], $lead['length_m']],
                1e-9,
            );
        }
    });

    it('bundles, sleeves, plugs, tubes and labels as they were reckoned by hand', function (): void {
        [$document, $expected] = pedlar();
        $list = new LoomList(Analysis::of($document));
        foreach ($list->stretches() as $row) {
            $wanted = $expected['stretches'][$row['id']];
            expect($row['leads'])->toBe($wanted['leads'])->and($row['cores'])->toBe($wanted['cores']);
            expect([$row['bundle_mm'], $row['sleeve_mm'], $row['fill']])->toEqualWithDelta(
                [$wanted['bundle_mm'], $wanted['sleeve_mm'], $wanted['fill']],
                1e-9,
            );
        }
        foreach ($list->plugs() as $row) {
            $wanted = $expected['plug'][$row['id']];
            expect([$row['stretch'], $row['way_m'], $row['carrier']])->toBe([
                $wanted['stretch'],
                $wanted['way_m'],
                'box',
            ]);
        }
        $joint = $list->joints->all['j_plus'];
        $wanted = $expected['tubes']['j_plus'];
        expect(round($joint->jointMm, 3))
            ->toBe($wanted['joint_mm'])
            ->and(round(max($joint->sidesMm), 1))
            ->toBe($wanted['s_max'])
            ->and(round(min($joint->sidesMm), 1))
            ->toBe($wanted['s_min']);
        expect(
            array_map(fn (array $t): array => [$t['supplied_mm'], $t['recovered_mm'], $t['lined']], $joint->tubes),
        )->toBe([[6.0, 2.0, true]]);
        expect(Ends::pullN('ring', 0.5))->toBe($expected['pull_n']['w05']);
        foreach (['to_rocker' => 'w05', 'to_upper' => 'w05x2'] as $lead => $wire) {
            $d = $list->loom->outsides($list->build->leads[$lead])[0];
            expect(round(Labels::wrapMm($d), 1))->toBe($expected['label_mm'][$wire]);
        }
    });

    it('cuts and buys as they were reckoned by hand', function (): void {
        [$document, $expected] = pedlar();
        foreach ((new CutLists([Analysis::of($document)], []))->all() as $cuts) {
            $wanted = $expected['buy'][$cuts->sold->part];
            expect([$cuts->buy->packs, $cuts->sold->sizeM])->toEqual([$wanted['packs'], $wanted['of_m']]);
            expect([$cuts->buy->left, (float) $cuts->buy->price])->toEqualWithDelta(
                [$wanted['left_m'], $wanted['price']],
                1e-9,
            );
            if (isset($expected['cuts'][$cuts->sold->part])) {
                $pieces = array_map(fn ($p): float => $p->lengthM, $cuts->pieces);
                expect($pieces)->toEqualWithDelta($expected['cuts'][$cuts->sold->part]['pieces'], 1e-9);
            }
        }
    });

    it('says all of it in one document, and needs no more than the file', function (): void {
        [$document] = pedlar();
        $said = (new Harnessing($document, 'a4'))->toArray();
        expect(array_keys($said))->toBe([
            'places',
            'taken',
            'stretches',
            'wires',
            'joints',
            'plugs',
            'grounds',
            'holes',
            'unplaced',
            'findings',
        ]);
        expect($said['wires'][0])->toMatchArray([
            'lead' => 'to_rocker',
            'core' => 1,
            'length_from' => 'derived',
            'way' => ['stem'],
        ]);
        expect($said['wires'][0]['ends'][0])->toMatchArray([
            'pin' => 'pack.plus',
            'end' => 'ring',
            'strip_mm' => 7,
            'pull_n' => 60,
        ]);
        expect($said['unplaced'])->toBe([]);
    });
});

describe('lengths', function (): void {
    it('uses the derived length in what is solved, and 0 only where there is no way', function (): void {
        [$document] = pedlar();
        $analysis = Analysis::of($document);
        expect($analysis->leads['to_box']->lengthM)
            ->toBe(4.1)
            ->and($analysis->leads['to_box']->lengthKnown)
            ->toBeTrue();
        $bare = Make::circuit(Make::bare(), 'Shelf', 'strip_warm_12_48', ['kind' => 'strip', 'wanted_m' => 1.2], null);
        expect(Analysis::of($bare)->leads['shelf_light_feed']->lengthM)->toBe(0.0);
        $stated = Make::edited($document, new StringLength('to_box', 3.9));
        expect(Analysis::of($stated)->leads['to_box']->lengthM)->toBe(3.9);
    });

    it('needs at a hinge the longest chord there is, by sampling', function (): void {
        foreach (
            [[0.1, 0.15, 0.0, 180.0], [0.12, 0.15, 10.0, 110.0], [0.2, 0.05, 90.0, 300.0], [0.1, 0.1, 0.0, 40.0]] as $n => $of
        ) {
            $hinge = Hinge::of(new Fields(array_combine(['still_m', 'moving_m', 'shut_deg', 'open_deg'], $of)));
            $longest = 0.0;
            for ($i = 0; $i <= 20_000; $i++) {
                $longest = max($longest, $hinge->chordM($of[2] + (($of[3] - $of[2]) * $i) / 20_000));
            }
            expect($hinge->longestM())->toEqualWithDelta($longest, 1e-7, "hinge {$n}");
        }
        expect($hinge->needM(5.0))->toEqualWithDelta($hinge->longestM() + 0.08, 1e-12);
        expect(Hinge::radiusM(1.0))->toBe(0.02);
    });

    it('calls it a danger where the wire that pulls tight has no fuse', function (): void {
        $hinge = [
            'hinge' => ['still_m' => 0.1, 'moving_m' => 0.15, 'shut_deg' => 0, 'open_deg' => 180],
            'fixing' => 'clip',
        ];
        $document = LoomFaults::shelf(['length_m' => 0.25, ...$hinge], new SetField('shelf_light_feed', 'inline', []));
        expect(Make::findings($document))->toContain('danger hinge.short way');
    });
});

describe('ways', function (): void {
    /** A graph of places with stretches of random lengths, some of them unknown. */
    $graph = function (int $seed, int $places, int $stretches): Document {
        mt_srand($seed);
        $document = Make::bare();
        $routes = [];
        for ($i = 0; $i < $stretches; $i++) {
            [$a, $b] = [mt_rand(0, $places - 1), mt_rand(0, $places - 1)];
            if ($a !== $b) {
                $m = mt_rand(0, 9) === 0 ? null : mt_rand(1, 50) / 10;
                $routes[] = ['id' => "r{$i}", 'from' => "p{$a}", 'to' => "p{$b}", 'length_m' => $m];
            }
        }
        $raw = [...$document->data, 'routes' => $routes];
        for ($p = 0; $p < $places; $p++) {
            $raw['places'][] = ['id' => "p{$p}", 'label' => "Place {$p}"];
        }

        return Document::fromJson((string) json_encode($raw));
    };

    it('finds the shortest as brute force does, on graphs with loops', function () use ($graph): void {
        for ($seed = 1; $seed <= 40; $seed++) {
            $build = Build::of($graph($seed, 7, 11));
            $known = array_filter(array_map(fn ($r): ?float => $r->lengthM, $build->routes), is_float(...));
            $mean = array_sum($known) / max(1, count($known));
            $best = [];
            // Every simple path from p0.
            $walk = function (string $at, float $m, array $seen) use (&$walk, &$best, $build, $mean): void {
                $best[$at] = min($best[$at] ?? INF, $m);
                foreach ($build->routes as $route) {
                    $to = $route->over($at);
                    if ($to !== null && ! isset($seen[$to])) {
                        $walk($to, $m + ($route->lengthM ?? $mean), [...$seen, $to => true]);
                    }
                }
            };
            $walk('p0', 0.0, ['p0' => true]);
            $ways = Loom::of($build)->paths;
            foreach (array_keys($build->places) as $place) {
                expect($ways->metres('p0', $place))->toEqualWithDelta(
                    $best[$place] ?? null,
                    1e-9,
                    "seed {$seed}, {$place}",
                );
                $sum = 0.0;
                $at = 'p0';
                foreach ($ways->between('p0', $place) ?? [] as $stretch) {
                    $sum += $build->routes[$stretch]->lengthM ?? $mean;
                    $at = $build->routes[$stretch]->over($at);
                }
                expect(isset($best[$place]) ? [$at, round($sum, 9)] : [$place, 0.0])->toEqual(
                    isset($best[$place]) ? [$place, round($best[$place], 9)] : [$place, 0.0],
                );
            }
        }
    });

    it('goes the stated way where one is stated, and refuses one that does not hang together', function (): void {
        [$document] = pedlar();
        $stated = Loom::of(Build::of(Make::edited($document, new SetWay('home', ['gap', 'tube', 'stem']))))->leads[
            'home'
        ];
        expect($stated->stated)->toBeTrue()->and($stated->wayM)->toEqualWithDelta(3.45, 1e-9);
        expect(fn () => Make::edited($document, new SetWay('to_rocker', ['stem', 'to_up'])))->toThrow(
            BadBuild::class,
            '/leads/0/route/1: `to_up` does not touch `stem`.',
        );
    });

    it(
        'lays 500 random trees so that no drop crosses a lane and no caption another, the same each time',
        function (): void {
            for ($seed = 1; $seed <= 500; $seed++) {
                mt_srand($seed);
                $raw = [...Make::bare()->data, 'places' => [['id' => 'p0', 'label' => 'p0']]];
                for ($n = 1; $n <= mt_rand(2, 14); $n++) {
                    $raw['places'][] = ['id' => "p{$n}", 'label' => "Place {$n}"];
                    $raw['routes'][] = [
                        'id' => "r{$n}",
                        'from' => 'p'.mt_rand(0, $n - 1),
                        'to' => "p{$n}",
                        'length_m' => mt_rand(1, 60) / 10,
                    ];
                }
                $raw['supplies'][0]['place'] = 'p0';
                $list = new LoomList(Analysis::of(Document::fromJson((string) json_encode($raw))));
                $plan = new LoomPlan($list);
                foreach ($plan->drawn as $id => [$near, $far, $drop]) {
                    if (! $drop) {
                        expect($plan->lane[$far])->toBe($plan->lane[$near]);

                        continue;
                    }
                    foreach ($plan->drawn as [$a, $b]) {
                        $between = $plan->lane[$b] > $plan->lane[$near] && $plan->lane[$b] < $plan->lane[$far];
                        $crossed =
                            $between && $plan->x[$a] < $plan->x[$near] - 0.01 && $plan->x[$b] > $plan->x[$near] + 0.01;
                        expect($crossed)->toBeFalse("seed {$seed}, {$id}");
                    }
                }
                $said = array_filter(
                    $plan->captions(fn (string $id): string => "0.80 m · {$id}"),
                    fn (array $c): bool => $c['words'] !== '',
                );
                foreach ($said as $id => $one) {
                    foreach ($said as $other => $two) {
                        $wide = (6.6 * (mb_strlen($one['words']) + mb_strlen($two['words']))) / 2;
                        if ($id !== $other) {
                            expect(
                                abs($one['y'] - $two['y']) < 16.0 && abs($one['x'] - $two['x']) < $wide - 0.2,
                            )->toBeFalse("seed {$seed}");
                        }
                    }
                }
                expect((new LoomPlan($list))->x)->toBe($plan->x);
                $xs = array_values(array_unique(array_column($plan->tape, 'x')));
                for ($i = 1; $i < count($xs); $i++) {
                    expect($xs[$i] - $xs[$i - 1])->toBeGreaterThan(29.8);
                }
            }
        },
    );
});

describe('bundles, tubes, ends', function (): void {
    it('is as wide as equal circles pack, and never narrower', function (): void {
        // Radii of the least circle round n equal ones, by their own.
        foreach ([1 => 1.0, 2 => 2.0, 3 => 2.1547, 4 => 2.4142, 5 => 2.7013, 6 => 3.0, 7 => 3.0] as $n => $radii) {
            expect(Bundle::around(array_fill(0, $n, 2.0)))->toEqualWithDelta(2 * $radii, 0.004 * $n);
        }
        expect(Bundle::around([5.0, 1.0]))
            ->toEqualWithDelta(1.414 * sqrt(26), 1e-9)
            ->and(Bundle::around([]))
            ->toBe(0.0);
        mt_srand(5);
        for ($i = 0; $i < 60; $i++) {
            $mm = array_map(fn (): float => mt_rand(10, 60) / 10, range(1, mt_rand(1, 18)));
            $circles = LoomPlan::packed($mm);
            $radius = 0.0;
            foreach ($circles as $n => $c) {
                expect($c['r'])->toBe($mm[$n] / 2);
                $radius = max($radius, hypot($c['x'], $c['y']) + $c['r']);
                foreach (array_slice($circles, $n + 1) as $d) {
                    expect(hypot($c['x'] - $d['x'], $c['y'] - $d['y']))->toBeGreaterThan($c['r'] + $d['r'] - 1e-5);
                }
            }
            expect($radius)->toBeLessThan((1.16 * Bundle::around($mm)) / 2 + 1e-9);
        }
    });

    it('takes the least sleeve that is not too full, one more where growth is promised', function (): void {
        expect(Bundle::sleeve([1.9, 1.9], 0.65))
            ->toBe(5.0)
            ->and(Bundle::sleeve([1.9, 1.9], 0.65, true))
            ->toBe(6.5)
            ->and(Bundle::sleeve([5.0], 0.65))
            ->toBe(6.5)
            ->and(Bundle::sleeve(array_fill(0, 60, 6.0), 0.65))
            ->toBeNull();
    });

    it('finds tubes by the table', function (): void {
        $sizes = fn (array $fits): array => array_map(fn (array $t): array => [$t['supplied_mm'], $t['lined']], $fits);
        expect($sizes(Tubes::fits(2.211, [1.9, 3.8])))->toBe([[6.0, true]]);
        expect($sizes(Tubes::fits(1.3, [1.9, 1.9])))->toBe([[2.4, false], [3.0, true]]);
        expect(Tubes::fits(1.3, [0.9, 3.75]))->toBe([]);
        expect(Tubes::lengthMm(15.0))->toBe(35)->and(Tubes::lengthMm(16.0))->toBe(40);
    });

    it('takes the least grommet whose bore the bundle fills to five sixths', function (): void {
        expect(Guards::for(5.6)?->number('hole_mm'))
            ->toBe(9.0)
            ->and(Guards::for(4.0)?->number('hole_mm'))
            ->toBe(6.0)
            ->and(Guards::for(5.5, 'gland')?->flag('sealed'))
            ->toBeTrue()
            ->and(Guards::for(60.0))
            ->toBeNull();
        foreach (BenchGlow\Parts\Catalogue::LOOM_SHELVES as $shelf) {
            foreach (BenchGlow\Parts\Catalogue::shelf($shelf) as $entry) {
                expect($entry->text('source'))->toBe('typical');
                Make::edited(Make::bare(), new AddItem('parts', $entry->object('part')));
            }
        }
    });

    it('pulls each crimp by the standard, a tap and a pin by half', function (): void {
        expect(Ends::pullN('crimp', 2.5))
            ->toBe(230)
            ->and(Ends::pullN('crimp', 0.6))
            ->toBe(60)
            ->and(Ends::pullN('plug', 1.0))
            ->toBe(54)
            ->and(Ends::pullN('idc_tap', 0.35))
            ->toBe(20)
            ->and(Ends::pullN('solder', 1.0))
            ->toBeNull();
        expect(Ends::family(0.5))
            ->toBe('red')
            ->and(Ends::family(4.0))
            ->toBe('yellow')
            ->and(Ends::family(10.0))
            ->toBeNull();
        expect(Ends::stripMm('solder'))
            ->toBe(15)
            ->and(Ends::stripMm('ring'))
            ->toBe(7)
            ->and(Ends::stripMm('', true))
            ->toBe(10);
        expect(Copper::outsideMm(0.518))->toEqualWithDelta(1.9, 0.001)->and(Copper::outsideMm(20.0))->toBe(6.3);
    });

    it('says of each kind of joint whether it is right here, and why', function (): void {
        [$document] = pedlar();
        $build = Build::of(Make::edited($document, new SetField('floor', 'wet', 'wet')));
        $joints = new Joints($build, Loom::of($build));
        $kinds = array_column($joints->kinds($joints->all['j_plus']), null, 'style');
        expect($kinds['crimp']['fits'])
            ->toBeTrue()
            ->and($kinds['idc_tap']['fits'])
            ->toBeFalse()
            ->and($kinds['idc_tap']['why'])
            ->toContain('wet');
    });
});

it('reads places where there are any: heat under tape, and what moves by its way', function (): void {
    $taped = LoomFaults::shelf(
        [],
        new BenchGlow\Edit\AddLayout(
            'shelf_light',
            'strip_path',
            new Fields([
                'id' => 'lay',
                'segments' => [['straight_m' => 1.2, 'surface' => 'painted', 'hold' => 'tape']],
            ]),
        ),
    );
    expect(Make::findings($taped))->not->toContain('warning strip.wont_hold lay');
    expect(Make::findings(Make::edited($taped, new SetField('end', 'ambient_c', 70))))->toContain(
        'warning strip.wont_hold lay',
    );
    $fact = new SetField('build', 'brief', ['facts' => [['id' => 'f', 'kind' => 'moving', 'where' => 'shelf']]]);
    $soldered = new SetField('shelf_light_feed', 'ends', ['ring', 'solder']);
    $still = LoomFaults::shelf([], $fact, $soldered);
    expect(Make::findings($still))->not->toContain('note brief.place shelf_light_feed');
    $moves = LoomFaults::shelf(['hazards' => ['moving'], 'fixing' => 'clip'], $fact, $soldered);
    expect(Make::findings($moves))->toContain('note brief.place shelf_light_feed');
});

describe('loaded cores', function (): void {
    it('counts those that carry a tenth of the largest', function (): void {
        $cores = [['a.1.1'], ['b.1.1', 'b.1.2'], ['c.1.1'], ['d.1.1']];
        expect(Loaded::carrying($cores, ['a.1.1' => 2.0, 'b.1.2' => -0.3, 'c.1.1' => 0.1, 'd.1.1' => 0.04]))->toBe(2);
        expect(Loaded::carrying($cores, ['a.1.1' => 0.04]))->toBe(0);
    });

    it('warms no pair by itself', function (): void {
        [$document] = pedlar();
        $analysis = Analysis::of($document);
        expect($analysis->loaded)->toBe(['stem' => 2, 'tube' => 2, 'gap' => 2, 'to_up' => 2, 'to_down' => 2]);
        expect($analysis->leads['to_box']->wire->bundle)->toBe(1);
    });
});

describe('carriers', function (): void {
    it('finds every core that crosses, and takes a plug through all of them', function (): void {
        [$document] = pedlar();
        $bare = Make::edited(
            $document,
            new SetField('to_box', 'inline', []),
            new SetField('home', 'inline', []),
            new RemoveItem('p_box'),
        );
        $of = function (Document $d): PlugLines {
            $build = Build::of($d);

            return new PlugLines($build, Loom::of($build));
        };
        expect($of($bare)->all['box']['stretches'])
            ->toBe(['gap'])
            ->and(array_keys($of($bare)->all['box']['leads']))
            ->toBe(['to_box', 'home'])
            ->and(count($of($bare)->unplugged('box')))
            ->toBe(2);
        $plugged = Make::edited($bare, new PlugHere('gap'));
        expect($of($plugged)->unplugged('box'))->toBe([]);
        $inline = array_map(fn (Fields $l): array => $l->items('inline'), $plugged->fields()->objects('leads'));
        // The return is way 1; the plug is sealed, since it is wet there, and has a way to spare.
        expect($inline[2][0]['ways'])
            ->toBe([1])
            ->and($inline[1][0]['ways'])
            ->toBe([2]);
        $build = Build::of($plugged);
        $part = $build->devices['plug']->part->fields;
        expect([$part->integer('ways'), $part->flag('sealed')])->toBe([3, true]);
        expect(fn () => Make::edited($plugged, new PlugHere('gap')))->toThrow(BadBuild::class, 'has its plug already');
    });
});

describe('colours and labels', function (): void {
    it('never has a feed\'s colour twice in a stretch, in any demo', function (string $name): void {
        $raw = Make::file("{$name}.glow.json");
        $build = Build::of(Make::edited($raw, new ColourAll(true)));
        $loom = Loom::of($build);
        $colours = new Colours($build, $loom);
        $returns = new BenchGlow\Loom\Returns($build);
        foreach ($loom->stretches as $id => $stretch) {
            $seen = [];
            foreach ($stretch->leads as $lead) {
                foreach ($colours->all[$lead] as $n => $colour) {
                    if (! $returns->is($build->leads[$lead], $n + 1)) {
                        expect($seen)->not->toHaveKey($colour, "{$name}, {$id}");
                        $seen[$colour] = true;
                    }
                }
            }
        }
    })->with(['coffee-trike', 'heron', 'wherry', 'mineral-cabinet', 'carnival-lantern']);

    it('tells left from right by a tracer, and leaves what is stated', function (): void {
        [$document] = pedlar();
        $build = Build::of(
            Make::edited(
                $document,
                new SetField('upper', 'side', 'left'),
                new SetField('to_box', 'colours', ['green']),
            ),
        );
        $colours = (new Colours($build, Loom::of($build)))->all;
        expect($colours['to_upper'])->each->toEndWith('/white');
        expect($colours['to_lower'][1])
            ->toBe('black')
            ->and($colours['to_box'])
            ->toBe(['green']);
        expect(Colours::words('red/white'))->toBe('red with white');
    });

    it('labels each end with what is at the other, cut where it is too long', function (): void {
        [$document] = pedlar();
        $list = new LoomList(Analysis::of($document));
        expect($list->labels->words($list->build->leads['to_rocker'], 1, 0))->toBe('SH 1.1 → Light rocker 1');
        $labels = LoomPaper::labels($list);
        // Two ends of three single wires and of two sheaths.
        expect($labels)->toHaveCount(10)->and($labels[9]['key'])->toContain('black');
        $long = Make::edited($document, new SetField('upper', 'label', str_repeat('shelf ', 33)));
        foreach (LoomPaper::labels(new LoomList(Analysis::of($long))) as $label) {
            expect(mb_strlen($label['words']))->toBeLessThanOrEqual(60);
        }
        $pdf = LoomPaper::labelSheet($list, 'a4', 'Pedlar');
        expect($pdf)->toStartWith('%PDF-');
        preg_match_all('/stream\r?\n(.*?)\r?\nendstream/s', $pdf, $streams);
        $drawn = '';
        foreach ($streams[1] as $stream) {
            // The face is in there too, which is no drawing.
            $drawn .= str_starts_with($stream, "\x78") ? (string) gzuncompress($stream) : '';
        }
        // The bar: 100 mm are 283.46 pt, to 0.05.
        preg_match_all('/([\d.]+) ([\d.]+) m\s+([\d.]+) \2 l/', $drawn, $lines, PREG_SET_ORDER);
        $long = array_map(fn (array $l): float => abs((float) $l[3] - (float) $l[1]), $lines);
        expect(array_filter($long, fn (float $pt): bool => abs($pt - 283.46) <= 0.05))->not->toBe([]);
    });

    it('guards a table against cells that would be formulas', function (): void {
        [$document] = pedlar();
        $named = Make::edited($document, new SetField('to_rocker', 'label', '=1+1'));
        expect(LoomPaper::csv(new LoomList(Analysis::of($named))))->toContain("'=1+1");
    });
});

describe('cutting and buying', function (): void {
    it('is as good as brute force for up to 8 pieces, with offcuts', function (): void {
        mt_srand(11);
        for ($t = 0; $t < 60; $t++) {
            $pieces = array_map(fn (): int => mt_rand(200, 2400), range(1, mt_rand(1, 8)));
            $offcuts = array_map(fn (): int => mt_rand(300, 2600), range(1, mt_rand(1, 3)));
            $best = [PHP_INT_MAX, PHP_INT_MAX];
            $put = function (int $n, array $left, array $reels) use (&$put, &$best, $pieces, $offcuts): void {
                $broken = count(
                    array_filter($offcuts, fn (int $mm, int $k): bool => $left[$k] < $mm, ARRAY_FILTER_USE_BOTH),
                );
                if ([count($reels), $broken] >= $best) {
                    return;
                }
                if ($n === count($pieces)) {
                    $best = [count($reels), $broken];

                    return;
                }
                foreach ($left as $k => $room) {
                    if ($room >= $pieces[$n]) {
                        $put($n + 1, array_replace($left, [$k => $room - $pieces[$n]]), $reels);
                    }
                }
                foreach ($reels as $k => $room) {
                    if ($room >= $pieces[$n]) {
                        $put($n + 1, $left, array_replace($reels, [$k => $room - $pieces[$n]]));
                    }
                }
                $put($n + 1, $left, [...$reels, 3000 - $pieces[$n]]);
            };
            $put(0, $offcuts, []);
            $plan = CutPlan::of($pieces, $offcuts, 3000);
            $new = count(array_filter($plan->bins, fn (array $b): bool => $b['offcut'] === null));
            expect([$new, count($plan->bins) - $new])->toBe($best, json_encode([$pieces, $offcuts]));
            $cut = array_merge(...array_column($plan->bins, 'pieces'));
            sort($cut);
            expect($cut)->toBe(array_keys($pieces));
            foreach ($plan->bins as $bin) {
                expect(array_sum(array_map(fn (int $n): int => $pieces[$n], $bin['pieces'])) + $bin['left'])->toBe(
                    $bin['length'],
                );
                expect($bin['left'])->toBeGreaterThanOrEqual(0);
            }
            expect(array_unique(array_filter(array_column($plan->bins, 'offcut'), is_int(...))))->toHaveCount(
                count($plan->bins) - $new,
            );
        }
    });

    it('is within one reel of the bound for many pieces', function (): void {
        mt_srand(12);
        for ($t = 0; $t < 60; $t++) {
            $pieces = array_map(fn (): int => mt_rand(200, 2600), range(1, mt_rand(13, 120)));
            $plan = CutPlan::of($pieces, [], 5000);
            expect(count($plan->bins))
                ->toBeLessThanOrEqual($plan->bound + 1)
                ->and($plan->exact)
                ->toBeFalse();
        }
    });

    it('names what is longer than any reel, and takes a pair from one where that costs nothing', function (): void {
        expect(CutPlan::of([6000, 400], [], 5000)->over)->toBe([0]);
        $plan = CutPlan::of([3000, 1500, 1500, 3000], [], 5000, ['a', 'b', 'b', 'c']);
        $with = array_filter($plan->bins, fn (array $b): bool => in_array(1, $b['pieces'], true));
        expect(count($plan->bins))->toBe(2);
        $apart = CutPlan::of([2600, 2600, 2400, 2400], [], 5000, ['a', 'a', 'b', 'b']);
        expect(count($apart->bins))->toBe(2);
    });

    it('cuts strips on their marks', function (): void {
        foreach (['heron', 'mineral-cabinet', 'coffee-stall'] as $name) {
            $analysis = Analysis::of(Make::file("{$name}.glow.json"));
            foreach (
                array_filter(
                    (new CutLists([$analysis], []))->all(),
                    fn (PartCuts $c): bool => $c->sold->kind === 'strip',
                ) as $cuts
            ) {
                foreach ($cuts->pieces as $piece) {
                    $pitch = $analysis->build->lights[$piece->for]->strip()->pitchM();
                    $units = $piece->lengthM / $pitch;
                    expect(abs($units - round($units)))->toBeLessThan(1e-6);
                }
            }
        }
    });

    it('rounds up to packs, with money that is exact', function (): void {
        $buy = Buy::of(8.55, 0.0, 10.0, '3.10');
        expect([$buy->packs, $buy->price])
            ->toBe([1, '3.10'])
            ->and($buy->left)
            ->toEqualWithDelta(1.45, 1e-9);
        expect(Buy::of(21.0, 0.0, 10.0, '3.105')->price)->toBe('9.315');
        expect(Buy::of(2.0, 3.0, 10.0, '3.10')->packs)->toBe(0);
        expect(Buy::of(2.0, 0.0, null, null)->price)->toBeNull();
        expect(Buy::sum(['3.10', null, '0.905']))->toBe('4.01');
    });

    it('knows from which day something can be made', function (): void {
        expect(Ready::day('2026-05-01', false, null, null, '2026-04-30', 9))
            ->toBe('2026-05-09')
            ->and(Ready::day('2026-05-01', false, null, null, null, 9))
            ->toBe('2026-05-10')
            ->and(Ready::day('2026-05-01', true, null, '2026-06-01', null, null))
            ->toBe('2026-05-01')
            ->and(Ready::day('2026-05-01', false, null, null, null, null))
            ->toBeNull();
        $ready = Ready::of(['a' => '2026-05-01', 'b' => '2026-05-09'], '2026-05-01', '2026-05-08');
        expect([$ready->from, $ready->waits, $ready->inTime])->toBe(['2026-05-09', ['b'], false]);
    });

    it('takes offcuts first, and says of bad stock what was expected', function (): void {
        [$document] = pedlar();
        $stock = Cutting::stock('{"offcuts": [{"id": "x", "part": "w05x2", "length_m": 2.2}]}');
        $said = (new Cutting([$document], $stock, '2026-05-02'))->toArray();
        $cable = array_column($said['parts'], null, 'part')['w05x2'];
        expect(array_column($cable['bins'], 'from'))
            ->toBe(['offcut'])
            ->and($cable['bins'][0]['offcut'])
            ->toBe('x');
        foreach (
            [
                '{"offcuts": [{"part": "w05", "length_m": -1}]}' => 'metres over 0',
                '{"offcuts": [{"part": "w05", "length_m": "2"}]}' => 'metres over 0',
                '{"offcuts": [{"length_m": 2}]}' => 'expected the part',
                '{' => 'expected JSON',
            ] as $text => $says
        ) {
            expect(fn () => Cutting::stock($text))->toThrow(BadBuild::class, $says);
        }
    });
});

describe('edits', function (): void {
    it('takes each of them back to the same bytes, and lays any example out without losing it', function (
        string $file,
    ): void {
        $document = Document::fromJson((string) file_get_contents($file));
        $laid = Editor::apply($document, new LayLoom());
        $build = Build::of($laid);
        expect(Loom::of($build)->places->all())->not->toBe([]);
        foreach (array_keys($build->places) as $place) {
            $without = Editor::apply($laid, new RemoveItem((string) $place));
            expect($without->json)->not->toContain(": \"{$place}\"");
        }
        expect(Document::fromJson($laid->json)->json)->toBe($laid->json);
    })->with(glob(dirname(__DIR__, 2).'/examples/j*.glow.json') ?: []);

    it('splits a stretch, and stated ways go through both halves in their order', function (): void {
        [$document] = pedlar();
        $document = Make::edited(
            $document,
            new SetWay('to_box', ['stem', 'tube', 'gap']),
            new SetWay('home', ['gap', 'tube']),
        );
        $split = Make::edited($document, new SplitStretch('tube', 0.8, 'Half way'));
        $loom = Loom::of(Build::of($split));
        expect($loom->leads['to_box']->stretches)
            ->toBe(['stem', 'tube', 'tube_2', 'gap'])
            ->and($loom->leads['home']->stretches)
            ->toBe(['gap', 'tube_2', 'tube'])
            ->and($loom->leads['home']->lengthM)
            ->toBe(2.85);
        foreach ([0.0, 2.0, 9.0] as $m) {
            expect(fn () => Make::edited($document, new SplitStretch('tube', $m, 'x')))->toThrow(
                BadBuild::class,
                'expected between 0 and 2 m',
            );
        }
    });

    it('extends a lead that came short, and splits off a core that ends elsewhere', function (): void {
        $short = LoomFaults::shelf([], new StringLength('shelf_light_feed', 1.1, 'supplied'));
        $long = Make::edited($short, new ExtendLead('shelf_light_feed'));
        $build = Build::of($long);
        expect(count($build->leads))->toBe(2)->and($build->leads['shelf_light_feed']->lengthM)->toBe(1.1);
        expect(Make::findings($long))->not->toContain('warning lead.too_short shelf_light_feed');
        $apart = Make::edited(LoomFaults::shelf(), new SplitLead('shelf_light_feed', 2));
        expect(count(Build::of($apart)->leads))->toBe(2);
    });

    it('refuses what can\'t be, by its field', function (Closure $make, string $says): void {
        expect($make)->toThrow(BadBuild::class, $says);
    })->with([
        [fn () => LoomFaults::shelf(['to' => 'box']), 'a stretch goes from one place to another'],
        [fn () => LoomFaults::shelf(['to' => 'nowhere']), 'nothing in places has the id'],
        [fn () => LoomFaults::shelf(['length_m' => 1e9]), '/routes/0/length_m'],
        [
            fn () => LoomFaults::shelf(['hinge' => ['still_m' => 0, 'moving_m' => 1, 'shut_deg' => 0, 'open_deg' => 9]]),
            'still_m',
        ],
        [fn () => LoomFaults::shelf([], new MoveThing('shelf_light', 'way')), 'expected an id of places'],
        [
            fn () => LoomFaults::shelf(
                [],
                new AddItem('holes', new Fields(['id' => 'wall_hole', 'for' => 'box', 'in' => 'x', 'mm' => 9])),
            ),
            'is no stretch',
        ],
        [
            fn () => LoomFaults::shelf(
                [],
                new AddItem(
                    'parts',
                    new Fields(['id' => 't', 'kind' => 'tube', 'supplied_mm' => 2, 'recovered_mm' => 3]),
                ),
            ),
            'narrower once it has shrunk',
        ],
        [
            fn () => LoomFaults::shelf(
                [],
                new AddItem(
                    'parts',
                    new Fields(['id' => 't', 'kind' => 'terminal', 'style' => 'ring', 'accepts_mm2' => [2, 1]]),
                ),
            ),
            'the smaller one',
        ],
        [fn () => LoomFaults::shelf([], new StringLength('shelf_light_feed', 0.05)), 'something is set into it'],
    ]);
});

it('counts what is used up, by the part it is bought as', function (): void {
    $rows = fn (Document $d): array => array_column(
        array_map(
            fn (Consumable $c): array => [$c->what, [$c->amount($c->buy->need), $c->packs(), $c->buy->price, $c->own]],
            Consumables::of(new LoomList(Review::of($d)->analysis)),
        ),
        1,
        0,
    );
    // A metre, clipped every 0.3 m in a cupboard: 5 clips, a tenth more and rounded up.
    $document = LoomFaults::shelf(
        ['fixing' => 'clip', 'spacing_m' => 0.25, 'sleeve' => 'split'],
        new AddItem(
            'holes',
            new Fields(['id' => 'wall_hole', 'for' => 'way', 'in' => 'wall', 'mm' => 6, 'edge' => 'grommet']),
        ),
    );
    $used = $rows($document);
    expect($used['clip, up to 4 mm'])->toBe(['6', '1 × 25', '3.75', null]);
    expect($used['sleeve 5 mm, split'])->toBe(['1 m', '1 × 5 m', '5.02', null]);
    // Nobody said how thick the bank's studs are, so which ring is bought stays open.
    expect($used['ring, red'])->toBe(['2', '—', null, null]);
    expect($used['grommet for a hole of 6 mm'])->toBe(['1', '1 × 10', '2.00', null]);
    $own = new Fields([...Catalogue::part('clip_4')->data ?? [], 'id' => 'my_clips']);
    $kept = $rows(Make::edited($document, new AddItem('parts', $own), new KeepPart('my_clips', 40.0)));
    expect($kept['clip, up to 4 mm'])->toBe(['6', '0 × 25', '0.00', 'my_clips']);
});

it('says a feed is nearer by the wire it would add', function (): void {
    $way = fn (string $id, string $place): AddItem => new AddItem(
        'host.ways',
        new Fields([
            'id' => $id,
            'label' => $id,
            'kind' => 'spare_way',
            'fuse_a' => 10,
            'fed_by' => 'bank',
            'place' => $place,
        ]),
    );
    $document = LoomFaults::shelf(
        [],
        new AddItem('places', new Fields(['id' => 'far', 'label' => 'far away'])),
        new AddItem(
            'routes',
            new Fields(['id' => 'long', 'label' => 'the long way', 'from' => 'far', 'to' => 'box', 'length_m' => 3.0]),
        ),
        $way('a_far', 'far'),
        $way('b_near', 'box'),
    );
    $donors = Donors::of(Probing::of($document), 1.0);
    expect(array_column($donors, 'id'))->toBe(['b_near', 'a_far']);
    expect($donors[0]->why)->toContain('1 m of wire more')->and($donors[1]->why)->toContain('4 m of wire more');
});
