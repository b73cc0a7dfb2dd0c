<?php

declare(strict_types=1);

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Document;
use BenchGlow\Light\Colour;
use BenchGlow\Lists\Lists;
use BenchGlow\Lists\PartsList;
use Tests\Support\Jobs;

it('mixes colours by their lumens: a single one keeps its own place, two lie between', function (): void {
    $red = Colour::mix([['red', 10.0]]);
    $both = Colour::mix([['red', 10.0], ['green', 20.0]]);
    expect([round((float) $red?->x, 6), round((float) $red?->y, 6)])
        ->toBe([0.69, 0.31])
        ->and($both?->lumens)
        ->toBe(30.0)
        // Weights of the line between two chromaticities are lumens over y.
        ->and($both?->x)
        ->toEqualWithDelta(((0.69 * 10) / 0.31 + (0.17 * 20) / 0.7) / (10 / 0.31 + 20 / 0.7), 1e-9)
        ->and(Colour::mix([['white', 0.0]]))
        ->toBeNull()
        ->and(Colour::mix([]))
        ->toBeNull()
        ->and(Colour::mix([['cool_white', 5.0]])?->hex)
        ->toBe('#ffffff');
});

it('fades warm along a colour strip', function (): void {
    $a = Analysis::of(
        Tests\Support\Make::circuit(Tests\Support\Make::bare(), 'Edge', 'strip_rgb_12_144', [
            'kind' => 'strip',
            'wanted_m' => 5.0,
        ]),
    );
    $lists = new Lists($a);
    $scene = $a->scenes()[1];
    $light = $a->build->lights['edge_light'];
    $first = $lists->colour($light, $scene, 0);
    $last = $lists->colour($light, $scene, 99);
    expect($last?->x)->toBeGreaterThan((float) $first?->x)->and($last?->lumens)->toBeLessThan((float) $first?->lumens);
});

it('mixes a host lamp behind the same lens in', function (): void {
    $raw = json_decode(Jobs::all()['J01']->document->json);
    $raw->host->wires[0]->loads[] = (object) [
        'id' => 'old',
        'kind' => 'filament',
        'w' => 2,
        'at_v' => 12,
        'colour' => 'warm_white',
        'lm' => 20,
        'mixes_into' => 'tell',
    ];
    $a = Analysis::of(Document::fromDecoded($raw));
    $lit = array_values(
        array_filter($a->scenes(), fn ($s): bool => $s->inputs === ['pump' => 'on'] && $s->supply === 'nominal'),
    )[0];
    $mixed = (new Lists($a))->colour($a->build->lights['tell'], $lit);
    $alone = (new Lists(Analysis::of(Jobs::all()['J01']->document)))->colour($a->build->lights['tell'], $lit);
    expect($mixed?->lumens)
        ->toBeGreaterThan(20.0)
        ->and($alone?->lumens)
        ->toBeLessThan(3.0)
        ->and($mixed?->x)
        ->toBeLessThan((float) $alone?->x);
});

it('says which wire is which, how far, how many, and what is to spare', function (): void {
    $lists = new Lists(Analysis::of(Jobs::all()['J05']->document));
    expect($lists->spare()[0]['donor'])
        ->toBe('w4')
        ->and($lists->spare()[0]['spare_a'])
        ->toEqualWithDelta(7.5 - $lists->spare()[0]['through_a'], 1e-9)
        ->and($lists->counts()['taps'])
        ->toBe(1);
    $trunk = new Lists(Analysis::of(Jobs::all()['J19']->document));
    expect($trunk->translation()[0])
        ->toBe([
            'host' => 'lamp_wire',
            'lead' => 'lead_0.1',
            'wire' => '1 mm²',
            'colour' => null,
            'to' => 'tap_1',
            'function' => 'lamp_wire',
        ])
        ->and($trunk->counts()['leads_in_one_terminal'])
        ->toBe(['tap_1' => 3, 'tap_2' => 2, 'back' => 3])
        ->and($trunk->counts()['taps'])
        ->toBe(2)
        ->and($trunk->distance()['aft'])
        ->toEqualWithDelta(3.4, 1e-9)
        ->and($trunk->distance()['fore'])
        ->toEqualWithDelta(1.4, 1e-9);
    $bundle = new Lists(
        Analysis::of(Document::fromJson((string) file_get_contents(__DIR__.'/../../examples/trike.glow.json'))),
    );
    expect($bundle->counts()['bundles'])->toBe(['bar' => 3, 'frame' => 1]);
});

it('buys every device once, solder never, and a plug however many leads pass it', function (): void {
    $a = Analysis::of(Document::fromJson((string) file_get_contents(__DIR__.'/../../examples/trike.glow.json')));
    $rows = array_column(PartsList::of($a), 'count', 'part');
    expect(array_diff_key($rows, ['w05' => 0, 'w05x5' => 0]))->toBe([
        'rear_lamp' => 2,
        'joint_terminal' => 1,
        'rocker' => 1,
        'lever_nc' => 1,
        'three_way' => 1,
        'blinker' => 1,
        'plug5' => 1,
        'fuse_inline_blade_3' => 1,
    ]);

    $cool = Analysis::of(Jobs::all()['J05']->document);
    $tap = array_values(
        array_filter(PartsList::of($cool), fn (array $r): bool => str_starts_with($r['part'], 'fuse_tap')),
    );
    expect($tap)
        ->toBe([
            ['part' => 'fuse_tap_2', 'label' => 'fuse tap, 2 A', 'count' => 1, 'length_m' => null, 'price' => null],
        ])
        ->and(array_column(PartsList::of($cool), 'price', 'part')['plunger'])
        ->toBeFloat();
});
