<?php

declare(strict_types=1);

use BenchGlow\Analysis\Analysis;
use BenchGlow\Analysis\LeadFigures;
use BenchGlow\Build\Document;
use BenchGlow\Law\Resistor;
use BenchGlow\Law\StringLaw;
use BenchGlow\Network\Compiler;
use BenchGlow\Network\NetworkBuilder;
use BenchGlow\Network\Solver;
use BenchGlow\Parts\StripLadder;
use BenchGlow\Scene\Scene;
use BenchGlow\Scene\StateSolver;

/** Largest difference of two lists that may hold null in the same places. @param  array<array-key, float|null>  $a @param  array<array-key, float|null>  $b */
function apart(array $a, array $b): float
{
    expect(array_keys($a))->toBe(array_keys($b));
    $worst = 0.0;
    foreach ($a as $k => $x) {
        expect($x === null)->toBe($b[$k] === null, "{$k} has volts in one of them only");
        $worst = max($worst, abs((float) $x - (float) $b[$k]));
    }

    return $worst;
}

it('solves a state made out of another one as if it had been compiled anew', function (string $file): void {
    $a = Analysis::of(Document::fromJson((string) file_get_contents($file)));
    $wiring = array_map(fn (LeadFigures $l) => $l->wire, $a->leads);
    $kept = null;
    // From the last state back to the first, so that contacts open as well as close.
    foreach (
        array_slice(array_reverse(array_filter($a->scenes(), fn (Scene $s): bool => $s->solved())), 0, 24) as $scene
    ) {
        $fresh = Compiler::compile($a->build, $a->harness, $wiring, $scene->supply, $a->bodies, $scene->closed);
        $kept = $kept === null ? $fresh : Compiler::again($kept, $a->build, $scene->supply, $a->bodies, $scene->closed);
        expect($kept->network->leaks)
            ->toEqual($fresh->network->leaks)
            ->and(array_map(fn ($b): string => $b->id, $kept->network->branches))
            ->toBe(array_map(fn ($b): string => $b->id, $fresh->network->branches));
        $one = StateSolver::solve($a->build, $kept, $scene->supply);
        $two = StateSolver::solve($a->build, $fresh, $scene->supply);
        expect(apart($one->volts, $two->volts))
            ->toBeLessThan(1e-9)
            ->and(apart($one->amps, $two->amps))
            ->toBeLessThan(1e-9);
        foreach ($one->lights as $light => $emitters) {
            foreach ($emitters as $name => $emitter) {
                expect(apart($emitter->flux, $two->lights[$light][$name]->flux))->toBeLessThan(1e-9);
            }
        }
    }
})->with(glob(__DIR__.'/../../examples/*.glow.json') ?: []);

/** A strip of 50 units behind a resistance, with a megohm's worth of leak across it. */
function behind(float $ohm, int $channels, bool $expand = false): array
{
    $net = new NetworkBuilder(leaks: true, expand: $expand);
    $net->hold('m', 0.0);
    $net->hold('p', 12.0);
    $laws = array_slice(
        [StringLaw::of(2.0, 0.02, 3, 150.0), StringLaw::of(3.0, 0.02, 3, 60.0), StringLaw::of(3.1, 0.02, 3, 50.0)],
        0,
        $channels,
    );
    $names = array_map(fn (int $c): string => "s{$c}", range(0, $channels - 1));
    foreach ($names as $name) {
        $net->branch("feed_{$name}", 'p', $name, new Resistor($ohm));
    }
    $places = $net->ladder('s', new StripLadder($laws, array_fill(0, $channels, 0.02), 0.01), 50, [
        0 => [...$names, 'm'],
    ]);
    $network = $net->build();

    return [$places, $network, Solver::solve($network)];
}

it('gives a strip the same light whether its units are swept one by one or, being dark, at once', function (
    int $channels,
    float $ohm,
): void {
    [$places, $network, $folded] = behind($ohm, $channels);
    [$whole, $long, $expanded] = behind($ohm, $channels, true);
    expect($folded->solved)->toBeTrue()->and($expanded->solved)->toBeTrue();
    foreach ($places->amps($folded) as $c => $row) {
        expect($row)
            ->toHaveCount(50)
            ->and(apart($row, $whole->amps($expanded)[$c]))
            ->toBeLessThan(1e-8)
            ->and(apart($places->volts($network, $folded)[$c], $whole->volts($long, $expanded)[$c]))
            ->toBeLessThan(1e-4 + 1e-9 * $ohm);
    }
})
    ->with([1, 2, 3])
    ->with([0.1, 10.0, 1e4, 1e6, 1e9]);

it('wakes a dark strip unit by unit: its light rises with what feeds it', function (int $channels): void {
    $last = -1.0;
    foreach ([1e13, 1e11, 1e9, 1e7, 1e6, 1e5, 1e4, 1e3, 1e2, 10.0, 1.0] as $ohm) {
        [$places, , $solution] = behind($ohm, $channels);
        $sum = array_sum($places->amps($solution)[0]);
        expect($solution->solved)
            ->toBeTrue("{$ohm} ohm")
            ->and($sum)
            ->toBeGreaterThanOrEqual($last);
        $last = $sum;
    }
    expect($last)->toBeGreaterThan(0.3);
})->with([1, 3]);
