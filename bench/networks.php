<?php

declare(strict_types=1);

/*
 * 9,000 seeded random networks: strings, diodes down to 10 µΩ, resistors from 1 mΩ to 10 kΩ, one to three supplies. Prints how
 * many are solved, the steps and the residuals; then a 10,000-unit strip behind a relay and two diodes against one of 1,000.
 *
 * php -d opcache.enable_cli=1 -d opcache.jit=tracing -d opcache.jit_buffer_size=64M bench/networks.php [COUNT]
 */

use BenchGlow\Law\Resistor;
use BenchGlow\Law\StringLaw;
use BenchGlow\Network\NetworkBuilder;
use BenchGlow\Network\Solver;
use BenchGlow\Parts\StripLadder;

require __DIR__.'/../vendor/autoload.php';

mt_srand(1);
$random = fn (float $low, float $high): float => $low * ($high / $low) ** (mt_rand() / mt_getrandmax());
$count = (int) ($argv[1] ?? 9000);
$steps = [];
$worst = 0.0;
$over = $unsolved = 0;
$begun = hrtime(true);
for ($n = 0; $n < $count; $n++) {
    $nodes = mt_rand(4, 16);
    $net = new NetworkBuilder();
    foreach (range(1, mt_rand(1, 3)) as $s) {
        $net->source("s{$s}", 'n'.mt_rand(1, $nodes), 'n0', $random(5.0, 30.0), $random(0.001, 2.0));
    }
    foreach (range(1, 2 * $nodes) as $b) {
        [$a, $c] = [mt_rand(0, $nodes), mt_rand(0, $nodes)];
        if ($a !== $c) {
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
    }
    $solution = Solver::solve($net->build());
    $steps[] = $solution->newton;
    $unsolved += $solution->solved ? 0 : 1;
    $over += $solution->newton > 80 ? 1 : 0;
    $worst = max($worst, $solution->residualA / $solution->toleranceA);
}
printf(
    "%d networks in %.1f s: %d not solved, %d over 80 steps, at most %d, mean %.1f; largest residual %.2f of its tolerance\n",
    $count,
    (hrtime(true) - $begun) / 1e9,
    $unsolved,
    $over,
    max(0, ...$steps),
    array_sum($steps) / max(1, $count),
    $worst,
);

foreach ([1000, 10000] as $units) {
    $amps = (14.4 * 5.0) / $units / 12;
    $times = [];
    for ($n = 0; $n < 7; $n++) {
        $begun = hrtime(true);
        $net = new NetworkBuilder(leaks: true);
        $net->source('bank', 'p', 'm', 12.6, 0.02);
        $net->branch('contact', 'p', 'a', new Resistor(0.01));
        $net->branch('d1', 'a', 'b', StringLaw::of(0.45, 5.0, ideality: 1.05));
        $net->branch('d2', 'b', 'c', StringLaw::of(0.45, 5.0, ideality: 1.05));
        $net->ladder(
            'strip',
            new StripLadder([StringLaw::of(3.0, $amps, 3, 3.0 / $amps)], [0.5 / $units], 0.5 / $units),
            $units,
            [0 => ['c', 'm']],
        );
        $solution = Solver::solve($net->build());
        $times[] = (hrtime(true) - $begun) / 1e6;
    }
    sort($times);
    printf(
        "%5d units behind a contact and two diodes: median %.1f ms, %d steps, %s\n",
        $units,
        $times[3],
        $solution->newton,
        $solution->solved ? 'solved' : 'not solved',
    );
}
