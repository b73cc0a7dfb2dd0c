<?php

declare(strict_types=1);

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Document;
use BenchGlow\Check\Review;
use BenchGlow\Edit\RemoveItem;
use BenchGlow\Edit\SetField;
use BenchGlow\Edit\SetWire;
use BenchGlow\Parts\Catalogue;
use BenchGlow\Parts\Copper;
use BenchGlow\Sizing\StripRun;
use Tests\Support\Make;

it('solves a strip on its lead as the ladder alone does', function (): void {
    // Bank 0.02 ohm, fuse 1 mohm, two conductors of 3.2 m at 30 °C: all in series with the strip.
    $a = Analysis::of(Make::edited(Make::shelf(3.3), new SetWire('shelf_light_feed', 1.5)));
    $wire = Copper::ohmPerM(1.5, 30.0) * 3.2;
    foreach (['min' => 11.8, 'nominal' => 12.6, 'max' => 14.4] as $state => $volts) {
        $run = StripRun::solve(
            $a->build->lights['shelf_light']->strip(),
            66,
            $volts,
            'start',
            0.02 + 0.001 + $wire,
            $wire,
        );
        $solved = $a->states[$state]->lights['shelf_light']['w'];
        expect($solved->flux)
            ->toEqualWithDelta($run->flux[0], 1e-8)
            ->and($a->states[$state]->totalA())
            ->toEqualWithDelta($run->currentA, 1e-8)
            ->and($a->states[$state]->solved)
            ->toBeTrue();
    }
});

it('lets a field on null follow and keeps a chosen one', function (): void {
    $long = fn (float $m): Document => Make::shelf(3.3, $m);
    expect(Analysis::of($long(1.0))->leads['shelf_light_feed']->wire->areaMm2)->toBeLessThan(
        Analysis::of($long(9.0))->leads['shelf_light_feed']->wire->areaMm2,
    );
    $chosen = Make::edited($long(9.0), new SetWire('shelf_light_feed', 0.5), Make::set('F1', 'fuse_a', 20));
    $a = Analysis::of($chosen);
    expect($a->leads['shelf_light_feed']->wire->areaMm2)
        ->toBe(0.5)
        ->and($a->fuses['F1']->fittedA())
        ->toBe(20.0)
        ->and(Make::findings($chosen))
        ->toContain('danger fuse.exceeds_wire F1', 'warning feed.drop shelf_light_feed');
});

it('recommends a wire that bears the fuse it recommends', function (): void {
    foreach (Catalogue::shelf('strips') as $entry) {
        foreach ([0.5, 2.0, 4.5] as $m) {
            $key = $entry->object('part')->text('id');
            $a = Analysis::of(
                Make::circuit(
                    Make::bare([], str_contains($key, '_24_') ? 'house_bank_24' : 'house_bank_12'),
                    'Shelf',
                    $key,
                    ['kind' => 'strip', 'wanted_m' => $m],
                    2.5,
                ),
            );
            foreach ($a->fuses as $fuse) {
                $lead = $a->leads['shelf_light_feed'];
                expect($fuse->window->recommendedA)
                    ->not->toBeNull()
                    ->and($fuse->window->recommendedA)
                    ->toBeLessThanOrEqual($lead->allowedA + 1e-9)
                    ->and($lead->wire->areaMm2)
                    ->toEqualWithDelta($lead->recommended?->areaMm2, 1e-9);
            }
            expect($a->states['nominal']->solved)->toBeTrue();
        }
    }
});

it('counts the fuse the way a short sees it', function (): void {
    $a = Analysis::of(Make::edited(Make::shelf(1.0, 5.0), new SetWire('shelf_light_feed', 0.5)));
    $loop = 2 * 5.0 * Copper::ohmPerM(0.5, Copper::INSULATION_C) + 0.001 + 0.02;
    expect($a->fuses['F1']->shortA)
        ->toEqualWithDelta(11.8 / $loop, 1e-9)
        ->and($a->fuses['F1']->distanceM)
        ->toEqualWithDelta(0.1, 1e-12);
});

it('adds the amps of parallel circuits at the supply', function (): void {
    $d = Make::circuit(
        Make::circuit(Make::bare(['internal_ohm' => 0.001]), 'One', 'strip_warm_12_48', [
            'kind' => 'strip',
            'wanted_m' => 1.0,
        ]),
        'Two',
        'pod_warm_12',
        ['kind' => 'module', 'count' => 3, 'spacing_m' => 0.2],
    );
    $a = Analysis::of($d);
    foreach (['min', 'nominal', 'max'] as $state) {
        expect($a->states[$state]->totalA())->toEqualWithDelta(
            $a->circuitA('one', $state) + $a->circuitA('two', $state),
            1e-6,
        );
    }
});

it('makes everything brighter with more supply', function (string $file): void {
    $a = Analysis::of(Document::fromJson((string) file_get_contents(__DIR__."/../../examples/{$file}.glow.json")));
    foreach ($a->states['min']->lights as $light => $emitters) {
        foreach ($emitters as $name => $low) {
            $normal = $a->states['nominal']->lights[$light][$name];
            $high = $a->states['max']->lights[$light][$name];
            foreach ($low->flux as $k => $flux) {
                expect($normal->flux[$k])
                    ->toBeGreaterThanOrEqual($flux - 1e-12)
                    ->and($high->flux[$k])
                    ->toBeGreaterThanOrEqual($normal->flux[$k] - 1e-12);
            }
        }
    }
})->with(['heron', 'coffee-stall', 'mineral-cabinet', 'carnival-lantern', 'harbour-tour']);

it('brings the suggested fix the evenness it promises', function (): void {
    $before = Analysis::of(Make::shelf(3.35));
    $fix = Review::reviewed($before)->open()[0];
    expect($fix->fix)->toBe('Feed both ends');
    $after = Analysis::of(Make::edited(Make::shelf(3.35), $fix->edit));
    expect($after->states['nominal']->lights['shelf_light']['w']->uniformity())
        ->toBeGreaterThan(0.85)
        ->and($before->states['nominal']->lights['shelf_light']['w']->uniformity())
        ->toBeLessThan(0.85);
});

it('wires a chassis return through the ground it stands on', function (): void {
    $d = Make::edited(Make::shelf(1.0), new SetField('build', 'brief.note', 'x'));
    $raw = json_decode($d->json);
    $raw->host = (object) ['grounds' => [(object) ['id' => 'hull', 'of' => 'bank', 'ohm' => 0.25, 'kind' => 'body']]];
    $raw->leads[0]->cores[1][1] = 'hull';
    $grounded = Analysis::of(Document::fromDecoded($raw))->states['nominal'];
    $wired = Analysis::of($d)->states['nominal'];
    expect($grounded->totalA())
        ->toBeLessThan($wired->totalA())
        ->and((float) $grounded->between('hull', 'bank.minus'))
        ->toEqualWithDelta(0.25 * $grounded->totalA(), 1e-9);
});

it('shares one trunk by a joint and sees the common drop', function (): void {
    $raw = json_decode(
        Make::circuit(Make::shelf(1.0), 'Two', 'strip_white_12_144', ['kind' => 'strip', 'wanted_m' => 1.0])->json,
    );
    $raw->devices = [
        (object) ['id' => 'j1', 'kind' => 'joint', 'style' => 'crimp'],
        (object) ['id' => 'j2', 'kind' => 'joint', 'style' => 'crimp'],
    ];
    $raw->leads[0]->cores = [['bank.plus', 'j1'], ['j2', 'bank.minus']];
    $raw->leads[] = (object) [
        'id' => 'a',
        'cores' => [['j1', 'shelf_light.start.plus'], ['shelf_light.start.minus', 'j2']],
        'length_m' => 0.5,
        'wire' => null,
    ];
    $raw->leads[1]->cores = [['j1', 'two_light.start.plus'], ['two_light.start.minus', 'j2']];
    unset($raw->leads[1]->inline);
    $a = Analysis::of(Document::fromDecoded($raw));
    expect($a->leads['shelf_light_feed']->amps)
        ->toEqualWithDelta($a->leads['a']->amps + $a->leads['two_light_feed']->amps, 1e-6)

        ->and($a->fuses['F1']->lights)
        ->toEqualCanonicalizing(['shelf_light', 'two_light'])
        ->and(array_map(fn ($f) => $f->rule, Review::reviewed($a)->open()))
        ->not->toContain('fuse.missing');
});

it('bears an empty build and a floating lamp', function (): void {
    expect(Review::of(Make::bare())->open())
        ->toBe([])
        ->and(Analysis::of(Make::bare())->states['max']->totalA())
        ->toEqualWithDelta(0.0, 1e-12);
    $floating = Analysis::of(Make::edited(Make::shelf(), new RemoveItem('shelf_light_feed')));
    expect($floating->states['nominal']->lights['shelf_light']['w']->flux)
        ->toBe([])
        ->and($floating->intents['shelf']->verdict)
        ->toBe('unknown');
    $raw = json_decode(Make::bare()->json);
    $raw->supplies = [];
    expect(Review::of(Document::fromDecoded($raw))->open())->toBe([]);
});

it('takes host states that can\'t happen out of the table', function (): void {
    $raw = json_decode(Make::shelf(1.0)->json);
    $raw->inputs = [(object) ['id' => 'a', 'kind' => 'hand'], (object) ['id' => 'b', 'kind' => 'hand']];
    $raw->never = [(object) ['all' => [(object) ['input' => 'a'], (object) ['input' => 'b']]]];
    $raw->circuits[0]->wants[0]->when = (object) ['any' => [(object) ['input' => 'a'], (object) ['input' => 'b']]];
    $a = Analysis::of(Document::fromDecoded($raw));
    $intent = $a->intents['shelf'];
    // Always lit: only the state with both off is wrong, at three supplies.
    expect(count($a->combinations->all))
        ->toBe(3)
        ->and($a->combinations->never)
        ->toBe(1)
        ->and(count($intent->mismatches))
        ->toBe(3)
        ->and($intent->mismatches[0]->inputs)
        ->toBe(['a' => 'off', 'b' => 'off']);
});

it('gives no danger for fifty sound random builds', function (): void {
    mt_srand(50);
    $strips = array_values(
        array_filter(
            array_map(fn ($e): string => $e->object('part')->text('id'), Catalogue::shelf('strips')),
            fn (string $k): bool => str_contains($k, '_12_'),
        ),
    );
    $leds = array_map(fn ($e): string => $e->object('part')->text('id'), array_slice(Catalogue::shelf('leds'), 0, 8));
    $modules = ['pod_warm_12', 'pod_white_12', 'pod_red_12', 'step_amber_12', 'bar_linear_12', 'spot_switching'];
    foreach (range(1, 50) as $n) {
        $d = Make::bare();
        foreach (range(1, mt_rand(1, 4)) as $c) {
            $d = match (mt_rand(0, 2)) {
                0 => Make::circuit(
                    $d,
                    "Strip {$c}",
                    $strips[mt_rand(0, count($strips) - 1)],
                    ['kind' => 'strip', 'wanted_m' => mt_rand(4, 60) / 20],
                    mt_rand(5, 60) / 10,
                ),
                1 => Make::circuit(
                    $d,
                    "Row {$c}",
                    $leds[mt_rand(0, count($leds) - 1)],
                    ['kind' => 'leds', 'count' => 3 * mt_rand(1, 8), 'per_string' => 3, 'ohm' => 330],
                    mt_rand(5, 60) / 10,
                ),
                default => Make::circuit(
                    $d,
                    "Pod {$c}",
                    $modules[mt_rand(0, count($modules) - 1)],
                    ['kind' => 'module', 'count' => mt_rand(1, 6), 'spacing_m' => 0.3],
                    mt_rand(5, 60) / 10,
                ),
            };
        }
        $danger = array_filter(Make::findings($d), fn (string $f): bool => str_starts_with($f, 'danger'));
        expect($danger)->toBe([], "build {$n}");
    }
});
