<?php

declare(strict_types=1);

use BenchGlow\Build\Document;
use BenchGlow\Check\Review;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Rules;
use BenchGlow\Edit\Accept;
use BenchGlow\Edit\AddItem;
use BenchGlow\Edit\FeedBothEnds;
use BenchGlow\Edit\RemoveItem;
use BenchGlow\Edit\SetWire;
use BenchGlow\Format\Fields;
use Tests\Support\Faults;
use Tests\Support\HandOverFaults;
use Tests\Support\LayoutFaults;
use Tests\Support\LoomFaults;
use Tests\Support\Make;
use Tests\Support\ProbeFaults;
use Tests\Support\ProofFaults;
use Tests\Support\RigFaults;
use Tests\Support\Scenery;
use Tests\Support\WorkFaults;

function sound(): Document
{
    return Make::circuit(Make::bare(), 'Shelf', 'strip_warm_12_48', ['kind' => 'strip', 'wanted_m' => 1.2], 1.5);
}

/**
 * Rule id => [a build in which it fires, the WHOLE list of findings then, a build where it stays silent].
 *
 * @return array<string, array{callable(): Document, list<string>, callable(): Document}>
 */
function ruleCases(): array
{
    $set = Make::set(...);

    $crossed = function (): Document {
        $raw = json_decode((string) file_get_contents(__DIR__.'/../../examples/j02-compass-housing.glow.json'));
        [$raw->leads[5]->cores[0][1], $raw->leads[6]->cores[0][1]] = [
            $raw->leads[6]->cores[0][1],
            $raw->leads[5]->cores[0][1],
        ];

        return Document::fromDecoded($raw);
    };

    return [
        ...Faults::cases(),
        ...RigFaults::cases(),
        ...ProbeFaults::cases(),
        ...LayoutFaults::cases(),
        ...LoomFaults::cases(),
        ...WorkFaults::cases(),
        ...ProofFaults::cases(),
        ...HandOverFaults::cases(),
        'channel.crossed' => [
            $crossed,
            ['warning channel.crossed ring'],
            fn () => Document::fromJson(
                (string) file_get_contents(__DIR__.'/../../examples/j02-compass-housing.glow.json'),
            ),
        ],
        'fuse.missing' => [
            fn () => Make::edited(sound(), new RemoveItem('F1')),
            ['danger fuse.missing shelf_light_feed'],
            fn () => Make::edited(
                Make::circuit(
                    Make::bare(['internal_ohm' => 2], 'block_9'),
                    'Row',
                    'led_red_5',
                    ['kind' => 'leds', 'count' => 3, 'per_string' => 3, 'ohm' => 150],
                    0.2,
                ),
                new RemoveItem('F1'),
            ),
        ],
        'fuse.exceeds_wire' => [
            fn () => Make::edited(sound(), $set('F1', 'fuse_a', 15)),
            ['danger fuse.exceeds_wire F1'],
            fn () => Make::edited(sound(), $set('F1', 'fuse_a', 5)),
        ],
        'fuse.too_small' => [
            fn () => Make::edited(
                Make::circuit(Make::bare(), 'Shelf', 'strip_white_12_144', ['kind' => 'strip', 'wanted_m' => 2], 1.0),
                $set('F1', 'fuse_a', 3),
            ),
            ['warning fuse.too_small F1'],
            fn () => Make::edited(
                Make::circuit(Make::bare(), 'Shelf', 'strip_white_12_144', ['kind' => 'strip', 'wanted_m' => 2], 1.0),
                $set('F1', 'fuse_a', 5),
            ),
        ],
        'fuse.may_not_blow' => [
            fn () => Make::edited(
                Make::circuit(Make::bare(), 'Shelf', 'strip_warm_12_48', ['kind' => 'strip', 'wanted_m' => 0.2], 14.0),
                new SetWire('shelf_light_feed', 0.22),
                $set('F1', 'fuse_a', 3),
            ),
            ['danger fuse.exceeds_wire F1', 'warning fuse.may_not_blow F1', 'note wire.too_thin shelf_light_feed'],
            fn () => Make::edited(sound(), $set('F1', 'fuse_a', 3)),
        ],
        'fuse.too_far' => [
            fn () => Make::edited(sound(), $set('F1', 'at_m', 0.9)),
            ['warning fuse.too_far F1'],
            fn () => Make::edited(sound(), $set('F1', 'at_m', 0.9), $set('build', 'settings.fuse_distance_m', 1)),
        ],
        'feed.drop' => [
            fn () => Make::edited(
                Make::circuit(Make::bare(), 'Shelf', 'strip_warm_12_48', ['kind' => 'strip', 'wanted_m' => 2], 8.0),
                new SetWire('shelf_light_feed', 0.22),
            ),
            ['warning feed.drop shelf_light_feed', 'note wire.too_thin shelf_light_feed'],
            fn () => Make::circuit(Make::bare(), 'Shelf', 'strip_warm_12_48', ['kind' => 'strip', 'wanted_m' => 2], 8.0),
        ],
        'wire.over_amps' => [
            fn () => Make::edited(
                sound(),
                new AddItem('parts', new Fields(['id' => 'hair', 'kind' => 'wire', 'area_mm2' => 0.005])),
                $set('shelf_light_feed', 'wire', 'hair'),
                $set('shelf_light_feed', 'length_m', 0.1),
                $set('F1', 'at_m', 0.05),
            ),
            ['danger wire.over_amps shelf_light_feed'],
            sound(...),
        ],
        'wire.none_fits' => [
            fn () => Make::edited(
                Make::circuit(Make::bare(), 'Shelf', 'strip_white_12_144', ['kind' => 'strip', 'wanted_m' => 2], 60.0),
            ),
            ['warning feed.drop shelf_light_feed', 'warning wire.none_fits shelf_light_feed'],
            sound(...),
        ],
        'strip.dim_end' => [
            fn () => Make::shelf(3.35),
            ['warning strip.dim_end shelf_light'],
            fn () => Make::edited(Make::shelf(3.35), new FeedBothEnds('shelf_light')),
        ],
        'strip.run_too_long' => [
            fn () => Make::edited(
                Make::circuit(Make::bare(), 'Shelf', 'strip_warm_12_48', ['kind' => 'strip', 'wanted_m' => 5.5], 1.0),
                $set('build', 'settings.uniformity_target', 0.1),
            ),
            ['warning strip.run_too_long shelf_light'],
            fn () => Make::edited(
                Make::circuit(Make::bare(), 'Shelf', 'strip_warm_12_48', ['kind' => 'strip', 'wanted_m' => 5.5], 1.0),
                $set('build', 'settings.uniformity_target', 0.1),
                new FeedBothEnds('shelf_light'),
            ),
        ],
        'strip.cut_mismatch' => [
            fn () => Make::edited(sound(), $set('shelf_light', 'wanted_m', 1.22)),
            ['note strip.cut_mismatch shelf_light'],
            fn () => Make::edited(sound(), $set('shelf_light', 'wanted_m', 1.25)),
        ],
        'strip.too_short' => [
            fn () => Make::edited(sound(), $set('shelf_light', 'wanted_m', 0.02)),
            ['warning strip.too_short shelf_light'],
            sound(...),
        ],
        'light.wrong_voltage' => [
            fn () => Make::circuit(
                Make::bare([], 'house_bank_24'),
                'Shelf',
                'strip_warm_12_48',
                ['kind' => 'strip', 'wanted_m' => 0.5],
                1.0,
            ),
            ['danger light.wrong_voltage shelf_light'],
            sound(...),
        ],
        'part.impossible' => [
            fn () => Make::circuit(
                Make::bare(),
                'Shelf',
                'strip_warm_12_48',
                ['kind' => 'strip', 'wanted_m' => 1.2],
                1.5,
                ['series_leds' => 4],
            ),
            ['warning part.impossible shelf_light'],
            sound(...),
        ],
        'led.over_limit' => [fn () => Make::row(12, 3, 130.0), ['danger led.over_limit row_light'], Make::row(...)],
        'led.thin_headroom' => [
            fn () => Make::row(12, 4, 62.0),
            ['warning led.thin_headroom row_light'],
            Make::row(...),
        ],
        'light.dark_at_low' => [
            fn () => Make::edited(
                Make::circuit(
                    Make::bare(['min_v' => 5.5]),
                    'Row',
                    'led_white_5',
                    ['kind' => 'leds', 'count' => 6, 'per_string' => 2, 'ohm' => 330],
                    1.0,
                ),
            ),
            ['warning light.dark_at_low row_light', 'warning intent.not_met row'],
            Make::row(...),
        ],
        'resistor.too_hot' => [
            fn () => Make::circuit(
                Make::bare(),
                'Row',
                'led_warm_half',
                ['kind' => 'leds', 'count' => 2, 'per_string' => 2, 'ohm' => 62],
                1.0,
            ),
            ['warning resistor.too_hot row_light'],
            Make::row(...),
        ],
        'supply.driver_overloaded' => [
            fn () => Make::circuit(
                Make::bare(['rated_w' => 12], 'driver_12_60'),
                'Shelf',
                'strip_warm_12_48',
                ['kind' => 'strip', 'wanted_m' => 2],
                1.0,
            ),
            ['warning supply.driver_overloaded bank', 'note fuse.may_not_blow F1'],
            fn () => Make::circuit(
                Make::bare([], 'driver_12_60'),
                'Shelf',
                'strip_warm_12_48',
                ['kind' => 'strip', 'wanted_m' => 2],
                1.0,
            ),
        ],
        'strip.heat' => [
            fn () => Make::circuit(
                Make::bare(),
                'Shelf',
                'strip_white_12_144',
                ['kind' => 'strip', 'wanted_m' => 0.5, 'surface' => 'oak'],
                1.0,
            ),
            ['warning strip.heat shelf_light'],
            fn () => Make::circuit(
                Make::bare(),
                'Shelf',
                'strip_white_12_144',
                ['kind' => 'strip', 'wanted_m' => 0.5],
                1.0,
            ),
        ],
        'lead.undecided' => [
            fn () => Make::circuit(
                Make::bare(),
                'Shelf',
                'strip_warm_12_48',
                ['kind' => 'strip', 'wanted_m' => 1.2],
                null,
            ),
            ['note lead.undecided shelf_light_feed'],
            sound(...),
        ],
        'lead.spare_core' => [
            fn () => Make::edited(
                sound(),
                new AddItem(
                    'leads',
                    new Fields([
                        'id' => 'spare',
                        'cores' => [['shelf_light.end.plus', null]],
                        'length_m' => 1,
                        'wire' => null,
                    ]),
                ),
            ),
            ['note lead.spare_core spare.1.spare_b'],
            sound(...),
        ],
        'light.unfed' => [
            fn () => Make::edited(sound(), new RemoveItem('shelf_light_feed')),
            ['note light.unfed shelf_light'],
            sound(...),
        ],
        'supply.shorted' => [
            fn () => Make::edited(
                sound(),
                new AddItem(
                    'leads',
                    new Fields([
                        'id' => 'slip',
                        'cores' => [['bank.plus', 'bank.minus']],
                        'length_m' => 0.2,
                        'wire' => null,
                    ]),
                ),
            ),
            [
                'danger wire.over_amps slip',
                'danger supply.shorted bank',
                'warning wire.none_fits slip',
                'warning intent.not_met shelf',
            ],
            sound(...),
        ],
        'tap.live_leg' => [
            fn () => Scenery::tap('unknown'),
            ['warning tap.live_leg tap'],
            fn () => Scenery::tap('common'),
        ],
        'circuit.not_solved' => [
            fn () => Scenery::many(1, 9),
            ['warning circuit.not_solved c1'],
            fn () => Scenery::relay(),
        ],
        'intent.not_met' => [
            fn () => Make::edited(
                sound(),
                new AddItem('inputs', new Fields(['id' => 'lid', 'kind' => 'lid', 'positions' => ['down', 'up']])),
                $set('shelf_light_want', 'when', ['input' => 'lid']),
            ),
            ['warning light.always_lit shelf_light', 'warning intent.not_met shelf', 'warning wish.no_signal lid'],
            sound(...),
        ],
    ];
}

it('fires with exactly these findings', function (string $id): void {
    [$build, $findings] = ruleCases()[$id];
    expect(Make::findings($build()))
        ->toBe($findings)
        ->and(implode("\n", $findings))
        ->toContain(" {$id} ");
})->with(array_keys(ruleCases()));

it('stays silent where there is nothing to say', function (string $id): void {
    expect(implode("\n", Make::findings(ruleCases()[$id][2]())))->not->toContain(" {$id} ");
})->with(array_keys(ruleCases()));

it('says it in these words', function (string $id): void {
    $said = [];
    foreach (Review::of(ruleCases()[$id][0]())->open() as $finding) {
        if ($finding->rule === $id) {
            array_push($said, $finding->message, ...$finding->fix === null ? [] : ["→ {$finding->fix}"]);
        }
    }
    $sentences = require __DIR__.'/../Fixtures/sentences.php';
    expect($said)->toBe($sentences[$id]);
})->with(array_keys(ruleCases()));

it('lists every rule once, each with a case', function (): void {
    $files = array_map(
        fn (string $f): string => basename($f, '.php'),
        glob(__DIR__.'/../../core/Check/*/*Rule.php') ?: [],
    );
    $listed = array_map(fn (string $c): string => (new ReflectionClass($c))->getShortName(), Rules::ALL);
    sort($files);
    $sorted = $listed;
    sort($sorted);
    expect($sorted)->toBe(array_values(array_diff($files, ['Rule'])));
    $ids = array_map(fn (string $c): string => (new $c())->id(), Rules::ALL);
    expect(array_unique($ids))->toBe($ids)->and(array_diff($ids, array_keys(ruleCases())))->toBe([]);
    foreach ($ids as $id) {
        expect($id)->toMatch('/^[a-z]+\.[a-z0-9_]+$/');
    }
});

it('mends what it offers to mend', function (string $id): void {
    $document = ruleCases()[$id][0]();
    foreach (Review::of($document)->open() as $finding) {
        if ($finding->rule === $id && $finding->edit !== null) {
            $mended = Make::edited($document, $finding->edit);
            expect(implode("\n", Make::findings($mended)))->not->toContain(" {$id} {$finding->subject}");
        }
    }
})->with([
    'build.rest_unsafe',
    'build.fastener_forbidden',
    'build.hole_unseen',
    'build.fastener_lost',
    'build.built_otherwise',
    'build.out_of_order',
    'build.sleeve_not_marked',
    'build.edge_bare',
    'build.cure_short',
    'build.helper_needed',
    'build.step_orphaned',
    'fuse.missing',
    'fuse.exceeds_wire',
    'fuse.too_small',
    'fuse.too_far',
    'feed.drop',
    'strip.dim_end',
    'strip.run_too_long',
    'strip.cut_mismatch',
    'strip.too_short',
    'led.over_limit',
    'tap.unfused',
    'coil.no_quench',
    'flasher.fast',
    'ground.unclean',
    'switch.mercury',
    'tap.live_leg',
    'colour.fades',
]);

it('sets warnings and notes aside, danger never', function (): void {
    $accept = fn (string $rule, string $subject): Accept => new Accept($rule, $subject, 'seen');
    $danger = Make::edited(sound(), new RemoveItem('F1'), $accept('fuse.missing', 'shelf_light_feed'));
    expect(Make::findings($danger))->toBe(['danger fuse.missing shelf_light_feed']);
    $warning = Make::edited(Make::shelf(3.35), $accept('strip.dim_end', 'shelf_light'));
    expect(Make::findings($warning))
        ->toBe([])
        ->and(Review::of($warning)->findings[0]->acceptedBecause)
        ->toBe('seen');
});
