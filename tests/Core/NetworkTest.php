<?php

declare(strict_types=1);

use BenchGlow\Law\FilamentLaw;
use BenchGlow\Law\HeldLaw;
use BenchGlow\Law\LinearLaw;
use BenchGlow\Law\Resistor;
use BenchGlow\Law\StringLaw;
use BenchGlow\Network\NetworkBuilder;
use BenchGlow\Network\Solver;
use BenchGlow\Parts\StripLadder;

/** Currents into every node but the references, from the solution alone. */
function kirchhoff(BenchGlow\Network\Network $network, BenchGlow\Network\Solution $solution): float
{
    $sum = array_fill(0, count($network->nodes), 0.0);
    foreach ($network->branches as $k => $b) {
        $sum[$b->from] -= $solution->amps[$k];
        $sum[$b->to] += $solution->amps[$k];
    }
    foreach ($network->sources as $k => $s) {
        $sum[$s->plus] += $solution->sourceAmps[$k];
        $sum[$s->minus] -= $solution->sourceAmps[$k];
    }

    return max(array_map(abs(...), $sum));
}

it('divides volts over two resistors behind a supply\'s own resistance', function (): void {
    $net = new NetworkBuilder();
    $net->source('bank', 'p', 'm', 12.0, 1.0);
    $net->branch('r1', 'p', 'x', new Resistor(3.0));
    $net->branch('r2', 'x', 'm', new Resistor(8.0));
    $network = $net->build();
    $solution = Solver::solve($network);
    expect($solution->solved)
        ->toBeTrue()
        ->and($solution->sourceAmps[0])
        ->toEqualWithDelta(1.0, 1e-12)
        ->and($solution->volts[$net->places()['x']])
        ->toEqualWithDelta(8.0, 1e-11);
});

it('solves one LED string by hand', function (): void {
    $net = new NetworkBuilder();
    $net->source('bank', 'p', 'm', 12.0, 0.001);
    $k = $net->branch('leds', 'p', 'm', StringLaw::of(2.0, 0.02, 3, 299.999));
    $solution = Solver::solve($net->build());
    // 3 × 2 V, 299.999 ohm and the supply's 1 mohm: 20 mA to within the leak across the junctions.
    expect($solution->amps[$k])->toEqualWithDelta(0.02, 3e-9);
});

it('holds the amps of a linear part and lets them fall below dropout', function (float $volts, float $amps): void {
    $net = new NetworkBuilder();
    $net->source('bank', 'p', 'm', $volts, 0.01);
    $k = $net->branch('bar', 'p', 'm', new LinearLaw(0.35, 10.2));
    expect(Solver::solve($net->build())->amps[$k])->toEqualWithDelta($amps, 2e-3);
})->with([[14.0, 0.35], [11.0, 0.35], [10.2, 0.35]]);

it('lets a filament take less as it warms: its rated watts at its rated volts', function (float $volts): void {
    $net = new NetworkBuilder();
    $net->source('bank', 'p', 'm', $volts, 0.001);
    $k = $net->branch('bulb', 'p', 'm', new FilamentLaw(10.0, 12.0));
    $amps = Solver::solve($net->build())->amps[$k];
    // R = 14.4 ohm·(u/12)^0.45, never under a tenth of it
    $u = $volts - 0.001 * $amps;
    expect($amps)->toEqualWithDelta($u / (14.4 * max(0.1, ($u / 12) ** 0.45)), 1e-9);
})->with([12.0, 6.0, 1.0, 0.05]);

it('drops a Schottky diode\'s 0.45 V at its rated amps, and blocks the other way', function (): void {
    $net = new NetworkBuilder();
    $net->source('bank', 'p', 'm', 12.0, 0.001);
    $forward = $net->branch(
        'd',
        'p',
        'x',
        BenchGlow\Harness\Inside::diode(new BenchGlow\Format\Fields([]), 'schottky'),
    );
    $net->branch('r', 'x', 'm', new Resistor((12.0 - 0.45 - 0.003) / 3.0));
    $back = $net->branch('d2', 'm', 'p', BenchGlow\Harness\Inside::diode(new BenchGlow\Format\Fields([]), 'silicon'));
    $solution = Solver::solve($net->build());
    expect($solution->amps[$forward])
        ->toEqualWithDelta(3.0, 1e-5)
        ->and(abs($solution->amps[$back]))
        ->toBeLessThan(1e-6);
});

it('finds the stable amps of a switching part: P = u·I', function (): void {
    $net = new NetworkBuilder();
    $net->source('bank', 'p', 'm', 12.0, 0.5);
    $k = $net->branch('spot', 'p', 'm', new HeldLaw(6.0, 9.0, 32.0));
    $solution = Solver::solve($net->build());
    // I·(12 − 0.5·I) = 6 → I = 12 − sqrt(144 − 12)
    expect($solution->amps[$k])
        ->toEqualWithDelta(12 - sqrt(132), 1e-5)
        ->and($solution->reasons)
        ->toBe([]);
});

it(
    'says when a supply sags too far for a switching part, and stays silent when it never reached it',
    function (): void {
        $make = function (float $volts, float $ohm): array {
            $net = new NetworkBuilder();
            $net->source('bank', 'p', 'm', $volts, $ohm);
            $net->branch('spot', 'p', 'm', new HeldLaw(60.0, 9.0, 32.0));

            return Solver::solve($net->build())->reasons;
        };
        expect($make(10.0, 5.0))
            ->toBe(['supply too weak to start spot'])
            ->and($make(6.0, 0.1))
            ->toBe([]);
    },
);

it('leaves a piece without a supply unsolved and without volts', function (): void {
    $net = new NetworkBuilder();
    $net->source('bank', 'p', 'm', 12.0, 0.1);
    $net->branch('r', 'p', 'm', new Resistor(10.0));
    $net->branch('lonely', 'a', 'b', new Resistor(10.0));
    $solution = Solver::solve($net->build());
    expect($solution->solved)->toBeTrue()->and($solution->volts[$net->places()['a']])->toBeNull();
});

it('meets Kirchhoff and the power balance on random networks', function (): void {
    mt_srand(42);
    $random = fn (float $low, float $high): float => $low * ($high / $low) ** (mt_rand() / mt_getrandmax());
    foreach (range(1, 300) as $_) {
        $nodes = mt_rand(4, 16);
        $net = new NetworkBuilder();
        foreach (range(1, mt_rand(1, 3)) as $s) {
            $net->source("s{$s}", 'n'.mt_rand(1, $nodes), 'n0', $random(5.0, 30.0), $random(0.005, 2.0));
        }
        foreach (range(1, 2 * $nodes) as $b) {
            [$a, $c] = [mt_rand(0, $nodes), mt_rand(0, $nodes)];
            if ($a === $c) {
                continue;
            }
            $net->branch(
                "b{$b}",
                "n{$a}",
                "n{$c}",
                match (mt_rand(0, 2)) {
                    0 => new Resistor($random(1e-3, 1e4)),
                    1 => StringLaw::of($random(1.5, 3.5), $random(0.005, 0.5), mt_rand(1, 4), $random(1.0, 1000.0)),
                    default => StringLaw::of(0.45, 3.0, ideality: 1.05, rsOhm: $random(1e-5, 0.02)),
                },
            );
        }
        $network = $net->build();
        $solution = Solver::solve($network);
        expect($solution->solved)
            ->toBeTrue()
            ->and($solution->newton)
            ->toBeLessThanOrEqual(80)
            ->and(kirchhoff($network, $solution))
            ->toBeLessThanOrEqual(max(2 * $solution->toleranceA, 1e-8));
        $in = $out = 0.0;
        foreach ($network->sources as $k => $s) {
            $in += $s->volts * $solution->sourceAmps[$k];
            $out += $s->ohm * $solution->sourceAmps[$k] ** 2;
        }
        foreach ($network->branches as $k => $b) {
            $u = ($solution->volts[$b->from] ?? 0.0) - ($solution->volts[$b->to] ?? 0.0);
            $out += $u * $solution->amps[$k];
        }
        expect(abs($in - $out))->toBeLessThan(1e-6 * max(1.0, abs($in)));
    }
});

// ---- strips ---------------------------------------------------------------------------------------------------------

/** The same strip with every rail node kept: the general case, branch by branch. @return list<list<float>> amps per channel and unit */
function byHand(StripLadder $ladder, int $units, array $marks, float $volts): array
{
    $net = new NetworkBuilder();
    $net->hold('m', 0.0);
    $net->hold('p', $volts);
    $rails = [...$ladder->ohm, $ladder->commonOhm];
    $n = count($ladder->laws);
    $places = [];
    foreach ($rails as $c => $ohm) {
        for ($k = 0; $k <= $units; $k++) {
            // mark k lies half a pitch before tap k and half a pitch after tap k − 1
            $mark = "k{$k}.{$c}";
            if (in_array($k, $marks, true)) {
                $net->join($mark, $c === $n ? 'm' : 'p');
            }
            if ($k < $units) {
                $net->branch('half', $mark, "t{$k}.{$c}", new Resistor(0.5 * $ohm));
                $net->branch('half', "t{$k}.{$c}", 'k'.($k + 1).".{$c}", new Resistor(0.5 * $ohm));
            }
        }
    }
    foreach ($ladder->laws as $c => $law) {
        for ($k = 0; $k < $units; $k++) {
            $places[$c][$k] = $net->branch('unit', "t{$k}.{$c}", "t{$k}.{$n}", $law);
        }
    }
    $solution = Solver::solve($net->build());

    return array_map(fn (array $row): array => array_map(fn (int $p): float => $solution->amps[$p], $row), $places);
}

it('folds the rails of a strip without changing any unit', function (int $channels, array $marks, int $units): void {
    $laws = [];
    foreach (array_slice([2.0, 3.1, 3.05, 3.0], 0, $channels) as $vf) {
        $laws[] = StringLaw::of($vf, 0.012, 3, (12 - 3 * $vf) / 0.012);
    }
    $ladder = new StripLadder($laws, array_fill(0, $channels, 0.02), 0.008);
    $net = new NetworkBuilder();
    $net->hold('m', 0.0);
    $net->hold('p', 12.0);
    $at = [];
    foreach ($marks as $mark) {
        foreach (range(0, $channels - 1) as $c) {
            $net->join('p', "f{$mark}.{$c}");
        }
        $net->join('m', "f{$mark}.m");
        $at[$mark] = [...array_map(fn (int $c): string => "f{$mark}.{$c}", range(0, $channels - 1)), "f{$mark}.m"];
    }
    $places = $net->ladder('s', $ladder, $units, $at);
    $network = $net->build();
    $solution = Solver::solve($network);
    expect($solution->solved)->toBeTrue();
    foreach (byHand($ladder, $units, $marks, 12.0) as $c => $row) {
        foreach ($row as $k => $amps) {
            expect($places->amps($solution)[$c][$k])->toEqualWithDelta($amps, 2e-10);
        }
    }
})
    ->with([1, 2, 3, 4])
    ->with([[[0]], [[20]], [[10]], [[0, 20]], [[3, 11, 17]]])
    ->with([20]);

it('keeps the residual of ten thousand units under its bound', function (int $channels): void {
    $out = [];
    exec(PHP_BINARY.' '.__DIR__."/../../bench/ladder.php --units=10000 --channels={$channels} --repeats=1", $out);
    expect(preg_match('/residual (\S+) A under (\S+) A/', $out[0], $m))
        ->toBe(1)
        ->and((float) $m[1])
        ->toBeLessThan((float) $m[2]);
})->with([1, 3]);

it('agrees with the reference figures of the standard ladder', function (
    int $units,
    int $channels,
    float $amps,
    float $last,
): void {
    $out = [];
    exec(
        PHP_BINARY.
            ' '.
            __DIR__.
            "/../../bench/ladder.php --units={$units} --channels={$channels} --repeats=1 --json",
        $out,
    );
    $got = json_decode($out[0], true);
    expect($got['current_a'])->toEqualWithDelta($amps, 1e-6)->and($got['last_v'])->toEqualWithDelta($last, 1e-6);
})->with([
    [1000, 1, 4.146847477362275, 10.146405277288256],
    [10000, 1, 4.146848339142865, 10.14640514183865],
    [1000, 3, 4.170286996048076, 9.790714558394885],
    [10000, 3, 4.170287846146808, 9.79071442229749],
]);
