<?php

declare(strict_types=1);

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Build;
use BenchGlow\Build\Document;
use BenchGlow\Edit\AddItem;
use BenchGlow\Edit\FeedBothEnds;
use BenchGlow\Format\Fields;
use BenchGlow\Harness\LeadWire;
use BenchGlow\Harness\OnTheWay;
use BenchGlow\Parts\Copper;
use BenchGlow\Quantity\Gauge;
use Tests\Support\Make;

/** @return list<int> edges on some way that passes no place twice, by going all ways */
function onSomeWay(array $edges, string $from, array $targets): array
{
    $on = [];
    $walk = function (string $at, array $seen, array $used) use (&$walk, &$on, $edges, $targets): void {
        if (in_array($at, $targets, true)) {
            $on += array_fill_keys($used, true);

            return;
        }
        foreach ($edges as $n => [$a, $b]) {
            $next = $a === $at ? $b : ($b === $at ? $a : null);
            if ($next !== null && ! isset($seen[$next])) {
                $walk($next, [...$seen, $next => true], [...$used, $n]);
            }
        }
    };
    $walk($from, [$from => true], []);
    ksort($on);

    return array_keys($on);
}

it('finds the edges on any way, as going all of them does', function (int $seed): void {
    mt_srand($seed);
    $places = range('a', 'h');
    $edges = [];
    for ($n = 0, $count = mt_rand(4, 14); $n < $count; $n++) {
        $edges[] = [$places[mt_rand(0, 7)], $places[mt_rand(0, 7)]];
    }
    $targets = array_slice(['h', 'g'], 0, mt_rand(1, 2));
    $found = OnTheWay::between($edges, 'a', $targets);
    // Two targets count as one place: an edge between them leads nowhere.
    $joined = array_map(
        fn (array $e): array => array_map(fn (string $p): string => in_array($p, $targets, true) ? '>' : $p, $e),
        $edges,
    );
    expect($found)->toBe(onSomeWay($joined, 'a', ['>']));
})->with(range(1, 60));

it('leaves out a dead end and a piece that hangs apart', function (): void {
    $edges = [['a', 'b'], ['b', 'x'], ['b', 'c'], ['q', 'r'], ['c', 't'], ['b', 't']];
    expect(OnTheWay::between($edges, 'a', ['t']))
        ->toBe([0, 2, 4, 5])
        ->and(OnTheWay::between($edges, 'a', ['q']))
        ->toBe([])
        ->and(OnTheWay::between([], 'a', ['t']))
        ->toBe([]);
});

it('gives a fuse the wires and lights it protects, out and back', function (): void {
    $one = Analysis::of(Make::shelf());
    [$wires, $lights] = $one->paths->behind('F1');
    expect($lights)
        ->toBe(['shelf_light'])
        ->and($wires)
        ->not->toBe([]);
    $leads = array_unique(
        array_map(fn (string $w): string => $one->harness->things[$w]->lead ?? explode('.', $w)[0], $wires),
    );
    expect(implode(' ', $leads))->toContain('shelf_light_feed');
    // With both ends fed the second feed's return is protected by the same fuse, if it is the only one.
    $both = Analysis::of(Make::edited(Make::shelf(), new FeedBothEnds('shelf_light')));
    $fuses = array_keys($both->fuses);
    $behind = array_map(fn (string $f): int => count($both->paths->behind($f)[0]), $fuses);
    expect(max($behind))->toBeGreaterThan(count($wires));
    // Two circuits: no fuse protects the other's light.
    $two = Analysis::of(
        Make::circuit(Make::shelf(), 'Row', 'led_white_5', [
            'kind' => 'leds',
            'count' => 3,
            'per_string' => 3,
            'ohm' => 180,
        ]),
    );
    expect(array_map(fn (string $f): array => $two->paths->behind($f)[1], array_keys($two->fuses)))->toBe([
        ['shelf_light'],
        ['row_light'],
    ]);
});

it('knows how far each pin is from its supply, and by which steps', function (): void {
    $analysis = Analysis::of(Make::shelf(3.34, 3.2));
    $paths = $analysis->paths;
    expect($paths->fed('shelf_light'))
        ->toBeTrue()
        ->and($paths->metresFromPlus('F1.1'))
        ->toEqualWithDelta(0.1, 1e-9)
        ->and($paths->metresFromPlus('nowhere.1'))
        ->toBeNull()
        ->and($paths->feed('nowhere.1'))
        ->toBeNull();
    $pins = $analysis->harness->wiredPins('shelf_light');
    foreach ($pins as $pin) {
        $steps = $paths->feed($pin) ?? ($paths->back($pin) ?? []);
        expect($steps)->not->toBe([]);
        foreach (array_slice($steps, 1) as $n => $step) {
            expect($step->from)->toBe($steps[$n]->to);
        }
    }
    expect(count($paths->waysTo('shelf_light')))->toBeGreaterThanOrEqual(2);
    // Without its fuse passed, nothing is reached.
    expect($paths->only(fn ($s): bool => $s->kind !== 'fuse')->fed('shelf_light'))->toBeFalse();
});

/** The shelf's lead laid along these routes, two more leads along the first. */
function routed(array ...$routes): Document
{
    $document = Make::shelf();
    foreach ($routes as $n => $route) {
        $document = Make::edited($document, new AddItem('routes', new Fields(['id' => "r{$n}", ...$route])));
    }

    return Make::edited(
        $document,
        Make::set('shelf_light_feed', 'route', array_map(fn (int $n): string => "r{$n}", array_keys($routes))),
    );
}

it('lays a wire where its route lies: the hottest stretch bears, the mean resists, motion counts', function (
    array $routes,
    float $ambient,
    float $mean,
    bool $moves,
): void {
    $build = Build::of(routed(...$routes));
    $wire = LeadWire::of($build, $build->leads['shelf_light_feed'], Gauge::mm2(1.5));
    expect([$wire->ambientC, $wire->meanC, $wire->moves, $wire->chosen, $wire->areaMm2])->toBe([
        $ambient,
        $mean,
        $moves,
        false,
        1.5,
    ]);
})->with([
    'no route' => [[], 30.0, 30.0, false],
    'one, warm' => [[['length_m' => 2, 'ambient_c' => 50]], 50.0, 50.0, false],
    'two, by their lengths' => [
        [['length_m' => 3, 'ambient_c' => 20], ['length_m' => 1, 'ambient_c' => 60]],
        60.0,
        30.0,
        false,
    ],
    'lengths not known' => [[['ambient_c' => 20], ['ambient_c' => 60]], 60.0, 40.0, false],
    'through a hinge' => [[['length_m' => 1, 'ambient_c' => 30, 'zone' => 'hinge']], 30.0, 30.0, true],
    'across a floor' => [[['length_m' => 1, 'ambient_c' => 30, 'zone' => 'floor']], 30.0, 30.0, true],
    'where something moves' => [[['length_m' => 1, 'ambient_c' => 30, 'hazards' => ['moving']]], 30.0, 30.0, true],
    'where it is only wet' => [[['length_m' => 1, 'ambient_c' => 30, 'hazards' => ['wet']]], 30.0, 30.0, false],
]);

it('bears less in company and in heat, and resists more', function (): void {
    $plain = Build::of(Make::shelf());
    $hot = Build::of(routed(['length_m' => 1, 'ambient_c' => 70]));
    $of = fn (Build $b): LeadWire => LeadWire::of($b, $b->leads['shelf_light_feed'], Gauge::mm2(1.0));
    expect($of($hot)->allowedA())
        ->toBeLessThan($of($plain)->allowedA())
        ->and($of($hot)->ohmPerM())
        ->toBeGreaterThan($of($plain)->ohmPerM());
    $alone = LeadWire::of($plain, $plain->leads['shelf_light_feed'], Gauge::mm2(1.0));
    $company = LeadWire::of($plain, $plain->leads['shelf_light_feed'], Gauge::mm2(1.0), 2);
    expect([$alone->bundle, $company->bundle, $alone->beside(2)->bundle])
        ->toBe([1, 2, 2])
        ->and($company->allowedA())
        ->toBeLessThan($alone->allowedA());
    expect($of($plain)->thickenedTo(2.5)->areaMm2)
        ->toBe(2.5)
        ->and($of($plain)->thickenedTo(2.5)->label())
        ->toContain('2.5');
});

it('never recommends less copper than its place asks for, whatever little runs', function (): void {
    $least = fn (Document $d): float => Analysis::of($d)->leads['row_light_feed']->recommended->areaMm2;
    $row = Make::circuit(
        Make::bare(),
        'Row',
        'led_red_5',
        ['kind' => 'leds', 'count' => 3, 'per_string' => 3, 'ohm' => 330],
        0.3,
    );
    expect($least($row))
        ->toBe(0.5)
        ->and($least(Make::edited($row, Make::set('build', 'place', 'boat'))))
        ->toBe(0.75)
        ->and(Copper::leastMm2('boat'))
        ->toBe(1.0);
});
