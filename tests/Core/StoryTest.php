<?php

declare(strict_types=1);

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Document;
use BenchGlow\Build\When;
use BenchGlow\Check\Review;
use BenchGlow\Edit\AddItem;
use BenchGlow\Edit\Editor;
use BenchGlow\Edit\SetField;
use BenchGlow\Edit\UseWay;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Format\FormatOne;
use BenchGlow\Story\Day;
use BenchGlow\Story\Idea;
use BenchGlow\Story\Ideas;
use BenchGlow\Story\Player;
use BenchGlow\Story\Share;
use BenchGlow\Story\Shipped;
use BenchGlow\Story\Story;
use Tests\Support\Faults;
use Tests\Support\Make;
use Tests\Support\Scenery;

/** A rocker and a strip of a metre: 0.4 A at the normal supply. @param  array<string, mixed>  $supply @param  array<string, mixed>  $more */
function rockered(array $supply = [], array $more = []): Document
{
    $raw = json_decode(
        Scenery::build(
            [Scenery::ROCKER],
            [['id' => 's', 'kind' => 'switch', 'part' => 'rocker', 'at' => ['on' => ['input' => 'hand']]]],
            [['bank.plus', 's.1'], ['s.2', 'shelf_light.start.plus'], ['shelf_light.start.minus', 'bank.minus']],
            $more,
        )->json,
        true,
    );
    $raw['supplies'][0] = [
        ...$raw['supplies'][0],
        'capacity_ah' => 10,
        'usable_fraction' => 0.8,
        'peukert' => 1,
        ...$supply,
    ];

    return Document::fromJson((string) json_encode($raw));
}

/** @param  list<array{float, string}>  $throws hour, position of the hand switch @param  list<array{float, float}>  $wanted */
function told(float $hours, array $throws, array $wanted = [], string $input = 'hand'): Story
{
    return new Story(
        's',
        's',
        3600 * $hours,
        array_map(fn (array $t): array => [3600 * $t[0], $input, $t[1]], $throws),
        array_map(fn (array $w): array => ['shelf', 3600 * $w[0], 3600 * $w[1]], $wanted),
    );
}

function played(Document $document, Story $story, ?float $start = null): Day
{
    return (new Player(Analysis::of($document), 'shelf', $start))->play($story);
}

it('plays a story worked by hand', function (): void {
    $day = played(rockered(), told(10, [[2, 'on'], [5, 'off']], [[1, 4]]));
    // Wanted from 1 to 4, lit from 2 to 5.
    expect($day->darkS)
        ->toBe(3600.0)
        ->and($day->wastedS)
        ->toBe(3600.0)
        ->and($day->litS)
        ->toBe(3 * 3600.0)
        ->and($day->flatS)
        ->toBeNull();
    $amps = Analysis::of(rockered())
        ->at(['hand' => 'on'])
        ->states['nominal']->totalA();
    expect($day->ampHours)
        ->toEqualWithDelta(3 * $amps, 1e-6)
        ->and($day->left())
        ->toEqualWithDelta(1 - (3 * $amps) / 10, 1e-6)
        ->and(array_map(fn (array $s): array => [$s[0] / 3600, $s[1] / 3600, $s[2], $s[3]], $day->spans))
        ->toEqual([
            [0.0, 1.0, false, false],
            [1.0, 2.0, false, true],
            [2.0, 4.0, true, true],
            [4.0, 5.0, true, false],
            [5.0, 10.0, false, false],
        ]);
});

it('finds the moment a battery is flat in closed form, with Peukert and without', function (float $peukert): void {
    $document = rockered(['capacity_ah' => 2, 'peukert' => $peukert, 'min_v' => 12.6, 'max_v' => 12.6]);
    $day = played($document, told(24, [[1, 'on']]));
    $amps = Analysis::of($document)
        ->at(['hand' => 'on'])
        ->states['nominal']->totalA();
    $hours = ((0.8 * 2) / $amps) * (2 / (20 * $amps)) ** ($peukert - 1);
    expect($day->flatS)->toEqualWithDelta(3600 * (1 + $hours), 1.0);
})->with([1.0, 1.15]);

it('gives its lowest volts under a fifth of the charge, and its highest while charging', function (): void {
    $document = rockered(
        ['capacity_ah' => 2, 'charger' => ['charge_a' => 5, 'when' => ['input' => 'plugged']]],
        ['inputs' => [['id' => 'hand', 'kind' => 'hand'], ['id' => 'plugged', 'kind' => 'other']]],
    );
    $a = Analysis::of($document)->at(['hand' => 'on']);
    $at = fn (string $state): float => $a->states[$state]->totalA();
    $low = (new Player($a, 'shelf', 0.19))->play(told(0.1, [[0, 'on']]));
    expect($low->ampHours)->toEqualWithDelta(0.1 * $at('min'), 1e-6);
    $story = new Story('s', 's', 360.0, [[0.0, 'hand', 'on'], [0.0, 'plugged', 'on']], []);
    $charged = (new Player($a, 'shelf', 0.5))->play($story);
    expect($charged->ampHours)
        ->toEqualWithDelta(0.1 * $at('max'), 1e-6)
        ->and($charged->left())
        ->toEqualWithDelta(0.5 + (0.1 * (5 - $at('max'))) / 2, 1e-6);
    // Full stays full.
    expect((new Player($a, 'shelf'))->play(told(1, [], [], 'plugged'))->left())->toEqualWithDelta(1.0, 1e-9);
});

it('stays dark once the battery is empty', function (): void {
    $document = rockered(['capacity_ah' => 0.5, 'min_v' => 12.6, 'max_v' => 12.6]);
    $day = played($document, told(10, [[0, 'on']], [[0, 10]]));
    $amps = Analysis::of($document)
        ->at(['hand' => 'on'])
        ->states['nominal']->totalA();
    expect($day->litS)
        ->toEqualWithDelta((3600 * 0.5) / $amps, 2.0)
        ->and($day->darkS)
        ->toEqualWithDelta(36000 - (3600 * 0.5) / $amps, 2.0)
        ->and($day->ampHours)
        ->toEqualWithDelta(0.5, 1e-3);
});

/** The strip straight on a host wire. */
function wired(array $behaviour): Document
{
    return Scenery::build(
        [],
        [],
        [['court', 'shelf_light.start.plus'], ['shelf_light.start.minus', 'bank.minus']],
        [
            'host' => [
                'wires' => [
                    [
                        'id' => 'court',
                        'polarity' => 'positive',
                        'live_when' => ['input' => 'hand'],
                        'fed_by' => 'bank',
                        'fuse_a' => 1,
                        'behaviour' => $behaviour,
                        'loads' => [],
                    ],
                ],
            ],
        ],
    );
}

it('lets timed wires run out, each time anew', function (): void {
    $day = played(
        wired(['kind' => 'timed', 'off_after_s' => 600]),
        told(2, [[0, 'on'], [0.5, 'off'], [0.75, 'on'], [1.75, 'off']]),
    );
    expect($day->litS)
        ->toBe(1200.0)
        ->and($day->spans[0])
        ->toBe([0.0, 600.0, true, false]);
    // Shut and opened again within the same moment begins anew.
    expect(
        played(wired(['kind' => 'timed', 'off_after_s' => 600]), told(1, [[0, 'on'], [0.1, 'off'], [0.1, 'on']]))->litS,
    )->toBe(360.0 + 600.0);
});

it('counts fading as live and a flasher by its duty', function (): void {
    $steady = played(wired(['kind' => 'steady']), told(1, [[0, 'on']]));
    expect(played(wired(['kind' => 'fading', 'fade_s' => 2]), told(1, [[0, 'on']]))->ampHours)
        ->toBe($steady->ampHours)
        ->and(played(wired(['kind' => 'flashing', 'hz' => 1.5]), told(1, [[0, 'on']]))->ampHours)
        ->toEqualWithDelta(0.5 * $steady->ampHours, 1e-9);
});

it('gives the same sums when a story is shifted, and energy adds up over its parts', function (): void {
    $document = rockered();
    $story = told(6, [[1, 'on'], [2, 'off'], [3, 'on'], [5, 'off']], [[1.5, 4]]);
    $day = played($document, $story);
    $later = played($document, $story->shifted(7200.0));
    expect([$later->darkS, $later->wastedS, $later->litS])
        ->toBe([$day->darkS, $day->wastedS, $day->litS])
        ->and($later->ampHours)
        ->toEqualWithDelta($day->ampHours, 1e-9)
        ->and($day->ampHours)
        ->toEqualWithDelta(
            played($document, told(2.5, [[1, 'on'], [2, 'off']]))->ampHours +
                played($document, told(3.5, [[0.5, 'on'], [2.5, 'off']]))->ampHours,
            1e-9,
        )
        ->and($day->darkS + $day->litS - $day->wastedS)
        ->toBe($story->wantedS('shelf'));
});

it('refuses a malformed story by name', function (array $story, string $says): void {
    $build = Analysis::of(rockered())->build;
    expect(fn () => Story::of(new Fields(['id' => 's', 'lasts_s' => 100, ...$story]), $build))->toThrow(
        BadBuild::class,
        $says,
    );
})->with([
    [['events' => [['at_s' => 1, 'input' => 'attic', 'to' => 'on']]], 'nothing in inputs has the id `attic`.'],
    [
        ['events' => [['at_s' => 1, 'input' => 'hand', 'to' => 'sideways']]],
        '`hand` has no position `sideways`; it has off, on.',
    ],
    [['events' => [['at_s' => 101, 'input' => 'hand', 'to' => 'on']]], "101 s lies past the story's end at 100 s."],
    [['wanted' => [['circuit' => 'attic', 'from_s' => 0, 'to_s' => 1]]], 'nothing in circuits has the id `attic`.'],
    [['wanted' => [['circuit' => 'shelf', 'from_s' => 5, 'to_s' => 5]]], 'the span ends before it begins.'],
]);

it('takes every shipped story into a build of its place and plays it', function (string $place): void {
    $raw = json_decode(
        Make::circuit(Make::bare(), 'Shelf', 'strip_warm_12_48', ['kind' => 'strip', 'wanted_m' => 0.8], 1.5)->json,
    );
    $raw->place = $place;
    $document = Document::fromDecoded($raw);
    expect(Shipped::of($place))->not->toBe([]);
    foreach (array_keys(Shipped::of($place)) as $id) {
        $with = Editor::apply($document, Shipped::edit($document, $id, 'shelf') ?? []);
        $story = Story::of($with->fields()->objects('stories')[0], Analysis::of($with)->build);
        $ideas = (new Ideas($with, 'shelf'))->of($story);
        expect(count($story->events))
            ->toBeGreaterThan(1)
            ->and(count($ideas))
            ->toBeGreaterThanOrEqual(2)
            ->and($ideas[0]->day->darkS)
            ->toBe(0.0, "{$place} {$id}: ".$ideas[0]->name);
    }
    expect(Shipped::edit($document, 'nothing', 'shelf'))->toBeNull();
})->with(FormatOne::PLACES);

it('ranks by wanted light first; covering more of it never lowers a way', function (): void {
    $document = rockered(['capacity_ah' => 1000]);
    $cost = fn (array $throws): float => array_values(
        array_filter(
            (new Ideas($document, 'shelf'))->of(told(10, $throws, [[2, 6]])),
            fn (Idea $i): bool => $i->edit === null,
        ),
    )[0]->cost;
    $last = INF;
    foreach (
        [[], [[5, 'on'], [6, 'off']], [[4, 'on'], [6, 'off']], [[3, 'on'], [6, 'off']], [[2, 'on'], [6, 'off']]] as $throws
    ) {
        expect($cost($throws))->toBeLessThan($last);
        $last = $cost($throws);
    }
    // Light for nobody costs a little.
    expect($cost([[1, 'on'], [6, 'off']]))->toBeGreaterThan($last);
});

it('puts the obvious trigger last where it is the wrong one, and says why', function (): void {
    $document = Editor::apply(
        Make::circuit(
            Make::bare(['capacity_ah' => 20]),
            'Shelf',
            'strip_warm_12_48',
            ['kind' => 'strip', 'wanted_m' => 1.2],
            1.5,
        ),
        new AddItem(
            'inputs',
            new Fields(['id' => 'lid', 'label' => 'Hatch lid', 'kind' => 'lid', 'positions' => ['down', 'up']]),
        ),
    );
    $document = Editor::apply(
        $document,
        new AddItem('inputs', new Fields(['id' => 'rocker', 'label' => 'Shelf rocker', 'kind' => 'hand'])),
    );
    $story = new Story(
        's',
        's',
        48 * 3600.0,
        [[3600.0, 'lid', 'up'], [7200.0, 'rocker', 'on'], [10800.0, 'rocker', 'off']],
        [['shelf', 7200.0, 10800.0]],
    );
    $ideas = (new Ideas($document, 'shelf'))->of($story);
    $names = array_map(fn (Idea $i): string => $i->name, $ideas);
    expect($names[0])
        ->toBeIn(['a hand switch: shelf rocker', 'hatch lid and shelf rocker together'])
        ->and(array_search('a switch at hatch lid', $names, true))
        ->toBeGreaterThan(1);
    $lid = $ideas[(int) array_search('a switch at hatch lid', $names, true)];
    expect($lid->why)->toStartWith(
        'It glows whenever it is wanted, and 41 h 51 for nobody. The battery is at its limit after 21 h',
    );
    // Using an idea is one edit and the circuit follows it.
    $used = Editor::apply($document, $lid->edit ?? []);
    expect(Analysis::of($used)->at(['lid' => 'up'])->states['nominal']->lights['shelf_light'])
        ->not->toBe([])
        ->and((new Ideas($used, 'shelf'))->of($story)[0]->day->solves)
        ->toBeGreaterThan(0);
});

it('obeys what the brief rules out where it concerns the circuit', function (string $where, bool $obeyed): void {
    $document = Editor::apply(
        rockered(),
        new AddItem(
            'brief.facts',
            new Fields(['id' => 'f1', 'kind' => 'no_drill', ...$where === '' ? [] : ['where' => $where]]),
        ),
    );
    foreach ((new Ideas($document, 'shelf'))->of(told(2, [[1, 'on']], [[1, 2]])) as $idea) {
        expect($idea->breaks)->toBe($idea->holes > 0 && $obeyed ? [trim("no drilling {$where}")] : []);
    }
})->with([['in the teak of the shelf', true], ['', true], ['cabin roof', false]]);

it('lays two days over each other', function (): void {
    $day = fn (array $lit): Day => new Day(
        array_map(fn (array $s): array => [$s[0], $s[1], $s[2], false], $lit),
        [],
        0.0,
        0.0,
        0.0,
        0.0,
        null,
        0,
        null,
    );
    $one = $day([[0.0, 10.0, false], [10.0, 30.0, true], [30.0, 60.0, false]]);
    $two = $day([[0.0, 20.0, true], [20.0, 50.0, false], [50.0, 60.0, true]]);
    expect($one->against($two))
        ->toBe(['both' => 10.0, 'this' => 10.0, 'other' => 20.0])
        ->and($two->against($one))
        ->toBe(['both' => 10.0, 'this' => 20.0, 'other' => 10.0])
        ->and($one->against($one))
        ->toBe(['both' => 20.0, 'this' => 0.0, 'other' => 0.0]);
});

it('finds what the brief says where the build goes against it', function (array $fact, ?string $says): void {
    $document = Faults::said($fact);
    $found = array_values(array_filter(Review::of($document)->findings, fn ($f): bool => $f->rule === 'brief.fact'));
    expect($found[0]->message ?? null)->toBe($says);
})->with([
    [
        ['kind' => 'no_drill'],
        'The brief says no drilling; shelf (hand switch) needs 1 hole. Choose a way without, or take the fact out.',
    ],
    [['kind' => 'no_drill', 'where' => 'cabin roof'], null],
    [
        ['kind' => 'comes_apart', 'where' => 'the shelf'],
        'The brief says it comes apart at the shelf; shelf has no plug. Put one where it parts.',
    ],
    [
        ['kind' => 'comes_apart', 'where' => 'bench end'],
        'The brief says it comes apart at bench end; no lead of this build has a plug. Put one where it parts.',
    ],
    [['kind' => 'wet', 'where' => 'by the shelf'], null],
    [['kind' => 'budget', 'value' => 'at most 500'], null],
    [
        ['kind' => 'budget', 'value' => '0,50'],
        'The parts whose price is known come to 11.83 EUR; the brief says a budget of 0,50.',
    ],
]);

it('finds a cut-through tap in a wet place', function (): void {
    $document = Editor::apply(
        Faults::said(['kind' => 'wet', 'where' => 'by the shelf']),
        new SetField('lead_0', 'ends', ['idc_tap', 'solder']),
    );
    expect(array_column(Review::of($document)->findings, 'message'))->toContain(
        'The brief says it gets wet by the shelf; shelf has a tap that cuts through the insulation that lets water in. Take a sealed one, or solder and seal.',
    );
});

it('says what every pattern of positions gave, and the sums are theirs added up', function (): void {
    $document = rockered(['capacity_ah' => 2, 'min_v' => 11.5]);
    $day = played($document, told(24, [[1, 'on'], [2, 'off'], [3, 'on']], [[1, 10]]));
    $sum = fn (callable $of): float => array_sum(array_map($of, $day->shares));
    expect($sum(fn (Share $s): float => $s->seconds))
        ->toEqualWithDelta(86400.0, 1e-6)
        ->and($sum(fn (Share $s): float => $s->ampHours()))
        ->toEqualWithDelta($day->ampHours, 1e-9)
        ->and($sum(fn (Share $s): float => $s->lit ? $s->seconds : 0.0))
        ->toEqualWithDelta($day->litS, 1e-6)
        ->and(array_map(fn (Share $s): array => [$s->positions, $s->supply, $s->lit], $day->shares))
        ->toBe([
            [[], 'nominal', false],
            [['hand' => 'on'], 'nominal', true],
            [['hand' => 'on'], 'min', true],
            [['hand' => 'on'], 'empty', false],
        ]);
    // Each is the very state the Circuit station shows.
    foreach (array_slice($day->shares, 0, 3) as $share) {
        $state = Analysis::of($document)->at(['hand' => 'off', ...$share->positions])->states[$share->supply];
        expect($share->amps)->toEqualWithDelta($state->totalA(), 1e-9);
    }
    expect(array_map(fn (Share $s): mixed => $s->toArray()['amp_hours'], $day->shares))->toBe(
        array_map(fn (Share $s): float => ($s->amps * $s->seconds) / 3600, $day->shares),
    );
});

it('foretells what a perfect trigger leaves dark and wastes, as the solved day then shows', function (
    array $throws,
    array $wanted,
): void {
    $story = told(12, $throws, $wanted);
    $missed = $story->missed(new When(['input' => 'hand']), ['hand' => 'off'], 'shelf');
    $day = played(rockered(), $story);
    expect($missed['dark'])
        ->toEqualWithDelta($day->darkS, 1e-6)
        ->and($missed['wasted'])
        ->toEqualWithDelta($day->wastedS, 1e-6);
    // The other way about it is dark exactly when this one glows.
    $other = $story->missed(new When(['not' => ['input' => 'hand']]), ['hand' => 'off'], 'shelf');
    expect($missed['dark'] + $other['dark'])
        ->toEqualWithDelta($story->wantedS('shelf'), 1e-6)
        ->and($missed['wasted'] + $other['wasted'])
        ->toEqualWithDelta(43200 - $story->wantedS('shelf'), 1e-6);
})->with([
    [[], [[1, 2]]],
    [[[0, 'on']], [[0, 12]]],
    [[[2, 'on'], [3, 'off'], [5, 'on']], [[1, 2.5], [2, 6], [11, 12]]],
    [[[4, 'on'], [4, 'off'], [4, 'on']], []],
]);

it(
    'lays no more ways side by side than fit, every kind of way among them, the best trigger of each first',
    function (): void {
        $raw = json_decode(rockered(['capacity_ah' => 90])->json, true);
        $raw['inputs'] = array_map(
            fn (int $n): array => ['id' => "i{$n}", 'kind' => $n === 0 ? 'hand' : 'other'],
            range(0, 9),
        );
        $raw['inputs'][] = ['id' => 'hand', 'kind' => 'hand'];
        $raw['host'] = [
            'wires' => array_map(
                fn (int $n): array => [
                    'id' => "w{$n}",
                    'label' => "Wire {$n}",
                    'kind' => 'courtesy',
                    'polarity' => 'positive',
                    'live_when' => ['input' => "i{$n}"],
                    'fed_by' => 'bank',
                    'fuse_a' => 10,
                    'loads' => [],
                ],
                range(0, 9),
            ),
        ];
        $document = Document::fromJson((string) json_encode($raw));
        $story = new Story(
            's',
            's',
            36000.0,
            [[3600.0, 'i7', 'on'], [7200.0, 'i7', 'off']],
            [['shelf', 3600.0, 7200.0]],
        );
        $ideas = new Ideas($document, 'shelf');
        $list = $ideas->of($story);
        expect($list)
            ->toHaveCount(Ideas::MOST)
            ->and($list[0]->name)
            ->toBe('straight off wire 7')
            ->and(array_unique(array_map(fn (Idea $i): string => $i->way, $list)))
            ->toContain('hand')
            ->toContain('either')
            ->toContain('relay_positive')
            ->toContain('straight')
            // 10 wires direct, 10 by relay, two hand switches, 45 pairs, always on, and what is on the bench.
            ->and($ideas->untried($story))
            ->toBe(69 - Ideas::MOST);
    },
);

it('takes a way of the host that is switched for a trigger, and says when it is live', function (): void {
    $document = Document::fromJson(
        (string) file_get_contents(__DIR__.'/../../examples/j13-over-the-hatch.glow.json'),
    );
    $circuit = array_key_first(Analysis::of($document)->build->circuits);
    $tapped = Editor::apply($document, new UseWay($circuit, 'fuse_tap', ways: ['w2'], say: true));
    expect($tapped->fields()->objects('circuits')[0]->objects('wants')[0]->object('when')->data)
        ->toBe(['input' => 'key'])
        ->and(array_column(Review::of($tapped)->findings, 'rule'))
        ->not->toContain('intent.not_met')
        ->not->toContain('light.always_lit');
    $on = array_map(
        fn (Idea $i): string => $i->name,
        (new Ideas(Editor::apply($document, new UseWay($circuit, 'straight')), $circuit))->of(
            new Story('s', 's', 60.0, [], []),
        ),
    );
    expect(implode("\n", $on))->toContain('a fuse tap at');
});

it('finds the first moment a story throws what never happens together', function (): void {
    $document = rockered(
        [],
        [
            'inputs' => [
                ['id' => 'hand', 'kind' => 'hand'],
                ['id' => 'lid', 'kind' => 'lid', 'positions' => ['down', 'up']],
            ],
            'never' => [['all' => [['input' => 'hand'], ['input' => 'lid']]]],
        ],
    );
    $build = Analysis::of($document)->build;
    $at = fn (array $events): ?float => (new Story('s', 's', 100.0, $events, []))->impossibleS($build);
    expect($at([[10.0, 'hand', 'on'], [20.0, 'lid', 'up']]))
        ->toBe(20.0)
        ->and($at([[10.0, 'hand', 'on'], [20.0, 'hand', 'off'], [20.0, 'lid', 'up']]))
        ->toBeNull()
        // Passed through within one moment it does not happen.
        ->and($at([[10.0, 'hand', 'on'], [20.0, 'lid', 'up'], [20.0, 'hand', 'off']]))
        ->toBeNull()
        ->and($at([[0.0, 'lid', 'up'], [0.0, 'hand', 'on']]))
        ->toBe(0.0);
});

it('counts hot stretches, dates and surfaces of the brief', function (): void {
    $hot = Document::fromJson(
        (string) json_encode([
            ...json_decode(
                Make::circuit(Make::bare(), 'Shelf', 'strip_warm_12_48', ['kind' => 'strip', 'wanted_m' => 1.2], 1.5)
                    ->json,
                true,
            ),
            'routes' => [
                ['id' => 'stove', 'label' => 'Behind the stove', 'length_m' => 0.5],
                ['id' => 'floor', 'label' => 'Under the floor', 'length_m' => 1],
            ],
        ]),
    );
    $hot = Editor::apply($hot, new SetField('shelf_light_feed', 'route', ['stove', 'floor']));
    $says = fn (Document $d, array $fact): array => array_values(
        array_map(
            fn ($f): string => $f->message,
            array_filter(
                Review::of(Editor::apply($d, new AddItem('brief.facts', new Fields(['id' => 'fact', ...$fact]))))
                    ->findings,
                fn ($f): bool => str_starts_with($f->rule, 'brief.'),
            ),
        ),
    );
    expect($says($hot, ['kind' => 'hot', 'where' => 'by the stove']))
        ->toBe([
            'The brief says it gets hot by the stove; the stretch behind the stove counts with 30 °C. Say how hot it gets: its wires carry less there.',
        ])
        ->and(
            $says(Editor::apply($hot, new SetField('stove', 'ambient_c', 60)), [
                'kind' => 'hot',
                'where' => 'by the stove',
            ]),
        )
        ->toBe([])
        ->and($says($hot, ['kind' => 'hot', 'where' => 'engine bay']))
        ->toBe([]);
    $due = fn (string $by): array => $says(Faults::cases()['brief.needed_by'][2](), [
        'id' => 'again',
        'kind' => 'needed_by',
        'value' => $by,
    ]);
    expect($due('2026-05-29'))
        ->toBe(['The brief needs the job by 2026-05-29; lens is due on 2026-05-30.'])
        ->and($due('next spring'))
        ->toBe([]);

    $strip = fn (string $value): array => array_column(
        Review::of(
            Editor::apply(
                Make::circuit(
                    Make::bare(),
                    'Shelf',
                    'strip_white_12_144',
                    ['kind' => 'strip', 'wanted_m' => 0.5, 'surface' => ''],
                    1.0,
                ),
                new AddItem('brief.facts', new Fields(['id' => 'fact', 'kind' => 'surface', 'value' => $value])),
            ),
        )->findings,
        'rule',
    );
    expect($strip('oak'))->toContain('strip.heat')->and($strip('aluminium channel'))->not->toContain('strip.heat');
});
