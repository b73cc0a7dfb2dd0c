<?php

declare(strict_types=1);

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Document;
use BenchGlow\Check\Review;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\SetWire;
use Tests\Support\Faults;
use Tests\Support\Make;

/*
 * Every threshold on both of its sides: one figure of a build is moved until the rule changes its mind, and there the
 * figure that the rule goes by is measured. It must be the one the papers give (docs/electrics.md, docs/safety.md).
 */

/** @param  callable(stdClass, float): mixed  $set */
function moved(Document $document, callable $set, float $x): Document
{
    $raw = json_decode($document->json);
    $set($raw, $x);

    return Document::fromDecoded($raw);
}

/** How bad the rule says it is: 0 nothing, 1 note, 2 warning, 3 danger. */
function howBad(Document $document, string $rule): int
{
    $worst = 0;
    foreach (Review::of($document)->open() as $finding) {
        if ($finding->rule === $rule) {
            $worst = max(
                $worst,
                [Severity::Note->value => 1, Severity::Warning->value => 2][$finding->severity->value] ?? 3,
            );
        }
    }

    return $worst;
}

/** Most amps the supply gives in any state. */
function mostA(Analysis $a, string $supply = 'nominal'): float
{
    return max(array_map(fn ($s): float => $s->supply === $supply ? $s->lit->supplyAmps['bank'] : 0.0, $a->scenes()));
}

/** Most watts the supply gives in any state. */
function mostW(Analysis $a): float
{
    return max(
        array_map(
            fn ($s): float => $s->lit->supplyAmps['bank'] * $a->build->supplies['bank']->volts($s->supply),
            $a->scenes(),
        ),
    );
}

/** Watts a metre of the strip at the highest supply, as solved. */
function wPerM(Analysis $a): float
{
    $id = array_key_first($a->build->lights);
    $light = $a->build->lights[$id];
    $emitters = $a->litState($id, 'max')->lights[$id];

    return array_sum(array_map(fn ($e): float => $e->watts, $emitters)) / $light->fit()->cutM;
}

/**
 * What is moved, between which figures, and what is then measured; the measure is 1 at the edge.
 *
 * @return array<string, array{callable(): Document, callable(stdClass, float): mixed, float, float, callable(Analysis, float): float}>
 */
function edges(): array
{
    $fault = fn (string $rule): callable => Faults::cases()[$rule][0];
    $volts = function (stdClass $b, float $x): void {
        [$b->supplies[0]->min_v, $b->supplies[0]->nominal_v, $b->supplies[0]->max_v] = [$x, $x, $x];
    };
    $strip = fn (
        string $part = 'strip_warm_12_48',
        float $m = 1.2,
        array $more = [],
    ): callable => fn (): Document => Make::circuit(
        Make::bare(),
        'Shelf',
        $part,
        ['kind' => 'strip', 'wanted_m' => $m, ...$more],
        1.5,
    );
    $driver = fn (): Document => Make::circuit(
        Make::bare([], 'driver_12_60'),
        'Shelf',
        'strip_warm_12_48',
        ['kind' => 'strip', 'wanted_m' => 2],
        1.0,
    );
    $fuse = fn (stdClass $b, float $x) => ($b->leads[0]->inline[0]->fuse_a = $x);
    $part = fn (string $id, string $field): callable => function (stdClass $b, float $x) use ($id, $field): void {
        foreach ($b->parts as $part) {
            if ($part->id === $id) {
                $part->{$field} = $x;
            }
        }
    };
    $contact = fn (string $id, string $field): callable => function (stdClass $b, float $x) use ($id, $field): void {
        foreach ($b->parts as $part) {
            if ($part->id === $id) {
                $part->contacts[0]->{$field} = $x;
            }
        }
    };
    $setting = fn (string $name): callable => function (stdClass $b, float $x) use ($name): void {
        $b->settings ??= new stdClass();
        $b->settings->{$name} = $x;
    };
    $throughDimmer = fn (Analysis $a): float => $a->peakA(
        array_values(array_filter($a->bodies->contacts, fn ($c): bool => $c->thing === 'c'))[0]->id,
    );

    return [
        'led.thin_headroom' => [
            Make::row(...),
            $volts,
            9.5,
            14.0,
            fn (Analysis $a, float $x) => ($x - 9.3) / (0.15 * $x),
        ],
        'strip.too_short' => [
            $strip(),
            fn (stdClass $b, float $x) => ($b->lights[0]->wanted_m = $x),
            0.01,
            0.09,
            fn (Analysis $a, float $x) => $x / $a->build->lights['shelf_light']->strip()->pitchM(),
        ],
        'strip.heat' => [
            $strip(more: ['surface' => 'oak']),
            $part('strip_warm_12_48', 'watts_per_m'),
            1.0,
            6.0,
            fn (Analysis $a) => wPerM($a) / 5.0,
        ],
        'resistor.too_hot' => [
            fn () => Make::circuit(
                Make::bare(),
                'Row',
                'led_warm_half',
                ['kind' => 'leds', 'count' => 2, 'per_string' => 2, 'ohm' => 62],
                1.0,
                ['vf_tolerance_v' => 0],
            ),
            fn (stdClass $b, float $x) => ($b->lights[0]->ohm = $x),
            62.0,
            400.0,
            fn (Analysis $a, float $x) => (mostA($a, 'max') ** 2 * $x) / 0.95 / 0.5,
        ],
        'fuse.too_far' => [
            $strip(),
            fn (stdClass $b, float $x) => ($b->leads[0]->inline[0]->at_m = $x),
            0.1,
            1.0,
            fn (Analysis $a, float $x) => $x / $a->build->settings->fuseDistanceM,
        ],
        'fuse.may_not_blow' => [
            fn () => moved(
                Make::circuit(Make::bare(), 'Shelf', 'strip_warm_12_48', ['kind' => 'strip', 'wanted_m' => 0.2], 14.0),
                $fuse,
                3.0,
            ),
            fn (stdClass $b, float $x) => ($b->leads[0]->length_m = $x),
            1.0,
            80.0,
            fn (Analysis $a) => $a->fuses['F1']->shortA / 6.0,
        ],
        'fuse.too_small' => [
            $strip(m: 2.0),
            $fuse,
            0.1,
            5.0,
            fn (Analysis $a, float $x) => $x / $a->fuses['F1']->window->lowA,
        ],
        'fuse.exceeds_wire' => [$strip(), $fuse, 1.0, 40.0, fn (Analysis $a, float $x) => $x / 7.5],
        'supply.driver_overloaded' => [
            $driver,
            fn (stdClass $b, float $x) => ($b->supplies[0]->rated_w = $x),
            11.0,
            40.0,
            fn (Analysis $a, float $x) => mostW($a) / (0.8 * $x),
        ],
        'supply.hours' => [
            $fault('supply.hours'),
            fn (stdClass $b, float $x) => ($b->supplies[0]->capacity_ah = $x),
            2.0,
            40.0,
            fn (Analysis $a) => $a->build->supplies['bank']->hours(mostA($a)) / 6.0,
        ],
        'light.flicker' => [
            $fault('light.flicker'),
            $contact('dim', 'pwm_hz'),
            100.0,
            300.0,
            fn (Analysis $a, float $x) => $x / 200.0,
        ],
        'feed.drop' => [
            fn () => Make::edited($strip(m: 2.0)(), new SetWire('shelf_light_feed', 0.5)),
            $setting('drop_target'),
            0.0001,
            0.4,
            fn (Analysis $a, float $x) => ($a
                ->litState('shelf_light', 'nominal')
                ->between('bank.plus', 'shelf_light.u0.plus') +
                $a->litState('shelf_light', 'nominal')->between('shelf_light.u0.minus', 'bank.minus')) /
                ($x * 12.6),
        ],
        'strip.dim_end' => [
            fn () => Make::shelf(3.35),
            $setting('uniformity_target'),
            0.3,
            0.95,
            fn (Analysis $a, float $x) => array_values(
                $a->litState('shelf_light', 'nominal')->lights['shelf_light'],
            )[0]->uniformity() / $x,
        ],
        'strip.run_too_long' => [
            $strip(m: 4.0),
            $part('strip_warm_12_48', 'max_run_m'),
            2.0,
            6.0,
            fn (Analysis $a, float $x) => $x / 4.0,
        ],
        'led.over_limit' => [
            fn () => moved(
                Make::row(12, 3, 180.0),
                fn (stdClass $b, float $x) => ($b->parts[0]->vf_tolerance_v = $x),
                0.0,
            ),
            fn (stdClass $b, float $x) => ($b->parts[0]->imax_a = $x),
            0.021,
            0.06,
            fn (Analysis $a, float $x) => mostA($a, 'max') / 4.0 / 0.95 / $x,
        ],
        'contact.over_rating' => [
            $fault('contact.over_rating'),
            $contact('sw', 'max_a'),
            0.1,
            5.0,
            fn (Analysis $a, float $x) => mostA($a, 'max') / (0.8 * $x),
        ],
        'dimmer.channel_over' => [
            $fault('dimmer.channel_over'),
            $contact('dim', 'max_a'),
            0.1,
            5.0,
            fn (Analysis $a, float $x) => $throughDimmer($a) / (0.8 * $x),
        ],
        'controller.total_over' => [
            $fault('controller.total_over'),
            $part('dim', 'max_total_a'),
            0.1,
            5.0,
            fn (Analysis $a, float $x) => $throughDimmer($a) / (0.8 * $x),
        ],
        'signal.over_capacity' => [
            $fault('signal.over_capacity'),
            fn (stdClass $b, float $x) => ($b->host->wires[0]->max_a = $x),
            0.05,
            3.0,
            fn (Analysis $a, float $x) => mostA($a, 'max') / $x,
        ],
        'donor.overloaded' => [
            $fault('donor.overloaded'),
            fn (stdClass $b, float $x) => ($b->host->ways[0]->load_a = $x),
            1.0,
            9.0,
            function (Analysis $a, float $x): float {
                $ours = 0.0;
                foreach ($a->scenes() as $scene) {
                    $ours = max($ours, abs($scene->lit->amps['w4.fuse']) - abs($scene->lit->amps['w4.own']));
                }

                return ($x + $ours) / (0.75 * 10.0);
            },
        ],
        'donor.fuse_enlarged' => [
            $fault('donor.fuse_enlarged'),
            fn (stdClass $b, float $x) => ($b->host->ways[0]->fuse_a = $x),
            10.0,
            25.0,
            fn (Analysis $a, float $x) => $x / 15.0,
        ],
        'supply.standby' => [
            $fault('supply.standby'),
            fn (stdClass $b, float $x) => ($b->supplies[0]->capacity_ah = $x),
            5.0,
            200.0,
            // The dimmer's own 8.5 mA, a week of it against what the bank has to give.
            fn (Analysis $a, float $x) => (0.0085 * 168) / (0.05 * $x * $a->build->supplies['bank']->usableFraction),
        ],
        'tap.gauge' => [
            $fault('tap.gauge'),
            fn (stdClass $b, float $x) => ($b->host->wires[0]->area_mm2 = $x),
            0.3,
            1.5,
            fn (Analysis $a, float $x) => $x / 0.75,
        ],
        'flasher.fast' => [
            $fault('flasher.fast'),
            $part('flash', 'min_load_w'),
            1.0,
            21.0,
            fn (Analysis $a, float $x) => (12.0 *
                max(
                    array_map(
                        fn ($s): float => $s->supply === 'nominal' ? $s->lit->supplyAmps['bank'] : 0.0,
                        $a->scenes(),
                    ),
                )) /
                $x,
        ],
        'light.dark_at_low' => [
            fn () => Make::circuit(
                Make::bare(['min_v' => 5.5]),
                'Row',
                'led_white_5',
                ['kind' => 'leds', 'count' => 6, 'per_string' => 2, 'ohm' => 330],
                1.0,
            ),
            fn (stdClass $b, float $x) => ($b->supplies[0]->min_v = $x),
            5.0,
            9.0,
            fn (Analysis $a) => $a
                ->litState('row_light', 'min')
                ->lights['row_light'][
                    array_key_first($a->litState('row_light', 'min')->lights['row_light'])
                ]->greatest() /
                (0.05 *
                    $a
                        ->litState('row_light', 'nominal')
                        ->lights['row_light'][
                            array_key_first($a->litState('row_light', 'nominal')->lights['row_light'])
                        ]->greatest()),
        ],
        'light.wrong_voltage' => [$strip(), $volts, 9.0, 11.0, fn (Analysis $a, float $x) => $x / (0.8 * 12.0)],
        'led.reverse_voltage' => [
            fn () => Faults::cases()['led.reverse_voltage'][0](),
            $volts,
            4.0,
            6.0,
            fn (Analysis $a, float $x) => $x / 5.0,
        ],
        'signal.needs_relay' => [
            fn () => Faults::cases()['relay.needed'][0](),
            fn (stdClass $b, float $x) => ($b->host->wires[0]->fuse_a = $x),
            1.0,
            9.0,
            fn (Analysis $a, float $x) => mostA($a, 'max') / (0.75 * $x),
        ],
        'wire.over_amps' => [
            $strip('strip_white_12_144', 2.0),
            function (stdClass $b, float $x): void {
                $b->parts[] = (object) ['id' => 'hair', 'kind' => 'wire', 'area_mm2' => $x];
                $b->leads[0]->wire = 'hair';
                $b->leads[0]->inline = [];
            },
            0.005,
            1.5,
            fn (Analysis $a) => $a->leads['shelf_light_feed']->amps / $a->leads['shelf_light_feed']->allowedA,
        ],
    ];
}

// A resistor is reckoned at the low end of its 5 %.
it('changes its mind exactly where the papers say', function (string $name): void {
    [$base, $set, $low, $high, $measure] = edges()[$name];
    $rule = ['signal.needs_relay' => 'relay.needed'][$name] ?? $name;
    $fires = fn (float $x): bool => howBad(moved($base(), $set, $x), $rule) > 0;
    $atLow = $fires($low);
    expect($atLow)->not->toBe($fires($high), "{$rule} says the same at both ends");
    for ($n = 0; $n < 24; $n++) {
        $x = ($low + $high) / 2;
        $fires($x) === $atLow ? ($low = $x) : ($high = $x);
    }
    $analysis = Analysis::of(moved($base(), $set, ($low + $high) / 2));
    expect($measure($analysis, ($low + $high) / 2))->toEqualWithDelta(1.0, 0.015, "{$name} at {$low}");
})->with(array_keys(edges()));

it('grows worse past its second threshold', function (callable $build, string $rule, array $levels): void {
    foreach ($levels as $x => $level) {
        expect(howBad($build()((float) $x), $rule))->toBe($level, "{$rule} at {$x}");
    }
})->with([
    'a driver at 80 %, and over all it has' => [
        fn (): callable => fn (float $w): Document => Make::circuit(
            Make::bare(['rated_w' => $w], 'driver_12_60'),
            'Shelf',
            'strip_warm_12_48',
            ['kind' => 'strip', 'wanted_m' => 2],
            1.0,
        ),
        'supply.driver_overloaded',
        ['8' => 3, '11' => 2, '13' => 0],
    ],
    'a strip on oak, over 5 and over 10 W a metre' => [
        fn (): callable => fn (float $w): Document => Make::circuit(
            Make::bare(),
            'Shelf',
            'strip_warm_12_48',
            ['kind' => 'strip', 'wanted_m' => 0.3, 'surface' => 'oak'],
            1.0,
            ['watts_per_m' => $w],
        ),
        'strip.heat',
        // At 14.4 V it makes 1.8 to 1.9 times what its label says.
        ['2.6' => 0, '2.8' => 1, '5.2' => 1, '5.6' => 2],
    ],
    'a strip on steel' => [
        fn (): callable => fn (float $w): Document => Make::circuit(
            Make::bare(),
            'Shelf',
            'strip_warm_12_48',
            ['kind' => 'strip', 'wanted_m' => 0.3, 'surface' => 'steel shelf'],
            1.0,
            ['watts_per_m' => $w],
        ),
        'strip.heat',
        ['5.2' => 0, '5.6' => 2],
    ],
    'a 12 V strip at the highest volts of its supply' => [
        fn (): callable => fn (float $v): Document => Make::circuit(
            Make::bare(['min_v' => 12, 'nominal_v' => 12, 'max_v' => $v]),
            'Shelf',
            'strip_warm_12_48',
            ['kind' => 'strip', 'wanted_m' => 0.3],
            1.0,
        ),
        'light.wrong_voltage',
        ['15.6' => 0, '15.61' => 3],
    ],
    'a battery that lasts under six hours, and under one' => [
        fn (): callable => fn (float $ah): Document => moved(
            Faults::cases()['supply.hours'][0](),
            fn (stdClass $b, float $x) => ($b->supplies[0]->capacity_ah = $x),
            $ah,
        ),
        'supply.hours',
        ['0.4' => 2, '4' => 1, '20' => 0],
    ],
]);
