<?php

declare(strict_types=1);

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Document;
use BenchGlow\Scene\Cones;
use BenchGlow\Scene\Scene;
use Tests\Support\Scenery;

/** @return array<string, string> level of every emitter of the circuit's lights */
function levels(Analysis $a, Scene $scene, string $circuit): array
{
    $levels = [];
    foreach ($a->build->lightsOf($circuit) as $light) {
        foreach ($scene->lit->lights[$light->id] ?? [] as $e) {
            $levels[$e->name] = $e->flux === [] ? 'none' : $e->level($a->build->settings);
        }
    }

    return $levels;
}

it('leaves no input out that changes a light', function (string $file): void {
    $a = Analysis::of(Document::fromJson((string) file_get_contents($file)));
    $cones = new Cones($a->build, $a->harness, $a->bodies);
    foreach (array_keys($a->build->circuits) as $circuit) {
        $inputs = $cones->inputs($circuit);
        $seen = [];
        foreach ($a->scenes() as $scene) {
            // States alike in the cone must be alike in its lights.
            $key = $scene->supply.json_encode(array_intersect_key($scene->inputs, $inputs));
            $seen[$key] ??= levels($a, $scene, $circuit);
            expect(levels($a, $scene, $circuit))->toBe($seen[$key], "{$circuit} {$key} ".json_encode($scene->inputs));
        }
    }
})->with(
    fn (): array => array_values(
        array_filter(
            (array) glob(__DIR__.'/../../examples/*.glow.json'),
            fn ($f): bool => ! str_contains((string) $f, 'harbour'),
        ),
    ),
);

it('goes through every position of each circuit where all together are too many', function (): void {
    $a = Analysis::of(Scenery::many(6, 2));
    // 4,096 together; each circuit has four, the one with all at rest shared.
    expect($a->combinations->all)
        ->toHaveCount(6 * 3 + 1)
        ->and($a->combinations->held)
        ->toBe([])
        ->and(array_unique(array_map(fn ($i): string => $i->verdict, $a->intents)))
        ->toBe(['c1' => 'met']);

    $raw = json_decode(Scenery::many(6, 2)->json);
    $raw->leads = array_map(function (stdClass $l): stdClass {
        // The third circuit's second rocker is bridged.
        $l->cores = array_map(
            fn (array $c): array => $c === ['s3_2.2', 'l3.start.plus'] ? ['s3_2.1', 'l3.start.plus'] : $c,
            $l->cores,
        );

        return $l;
    }, $raw->leads);
    $verdicts = array_map(fn ($i): string => $i->verdict, Analysis::of(Document::fromDecoded($raw))->intents);
    expect($verdicts)->toBe([
        'c1' => 'met',
        'c2' => 'met',
        'c3' => 'not_met',
        'c4' => 'met',
        'c5' => 'met',
        'c6' => 'met',
    ]);
});

it('solves a state the table left out when it is asked for', function (): void {
    $a = Analysis::of(Scenery::many(6, 2));
    $both = ['in1_1' => 'on', 'in1_2' => 'on', 'in5_1' => 'on', 'in5_2' => 'on'];
    $lit = array_keys(
        array_filter($a->at($both)->states['nominal']->lights, fn (array $e): bool => reset($e)->greatest() > 0.5),
    );
    expect($lit)
        ->toBe(['l1', 'l5'])
        ->and($a->scene(['in1_1' => 'sideways'], 'nominal'))
        ->toBeNull();
});

it('never calls a wish met that it could not go through', function (): void {
    $a = Analysis::of(Scenery::many(1, 9));
    expect($a->combinations->held)
        ->toBe(['c1' => ['in1_9']])
        ->and($a->intents['c1']->verdict)
        ->toBe('unknown')
        ->and($a->intents['c1']->reason)
        ->toBe('too many positions to go through: in1_9 stayed at rest');
});

it('rests where there are many inputs and no circuit to judge', function (): void {
    $raw = json_decode(Scenery::many(9, 1)->json);
    $raw->circuits = $raw->lights = [];
    $raw->leads = array_values(array_filter($raw->leads, fn (stdClass $l): bool => $l->id === 'trunk'));
    foreach ($raw->devices as $device) {
        unset($device->circuit);
    }
    $a = Analysis::of(Document::fromDecoded($raw));
    expect($a->combinations->all)
        ->toHaveCount(1)
        ->and($a->scenes())
        ->toHaveCount(3)
        ->and($a->states['nominal']->solved)
        ->toBeTrue();
});
