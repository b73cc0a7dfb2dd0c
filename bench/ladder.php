<?php

declare(strict_types=1);

/*
 * The standard ladder, solved in one process: 5 m at 14.4 W/m and 12 V cut into N units of 3 LEDs, fed at the start without a
 * lead. One channel: vf 3.0 V, rails 0.1 ohm/m. Three: vf 2.0, 3.1, 3.05 V, rails 0.3, common 0.12 ohm/m.
 *
 * php -d opcache.enable_cli=1 -d opcache.jit=tracing -d opcache.jit_buffer_size=64M bench/ladder.php --units=10000 --channels=1 [--repeats=7] [--json]
 */

use BenchGlow\Law\StringLaw;
use BenchGlow\Network\NetworkBuilder;
use BenchGlow\Network\Solver;
use BenchGlow\Parts\StripLadder;

require __DIR__.'/../vendor/autoload.php';

$options = getopt('', ['units:', 'channels:', 'repeats:', 'json']);
$units = (int) ($options['units'] ?? 10000);
$channels = (int) ($options['channels'] ?? 1);
$repeats = (int) ($options['repeats'] ?? 7);

$pitch = 5.0 / $units;
$amps = (14.4 * $pitch) / 12 / $channels;
[$vfs, $rail, $common] = $channels === 1 ? [[3.0], 0.1, 0.1] : [[2.0, 3.1, 3.05], 0.3, 0.12];

/** @return array{float, float, \BenchGlow\Network\Solution} amps, volts at the last unit, the solution */
$once = function () use ($vfs, $amps, $channels, $rail, $common, $pitch, $units): array {
    $laws = array_map(fn (float $vf): StringLaw => StringLaw::of($vf, $amps, 3, (12 - 3 * $vf) / $amps), $vfs);
    $builder = new NetworkBuilder();
    $builder->hold('minus', 0.0);
    $builder->hold('plus', 12.0);
    $mark = [...array_map(fn (int $c): string => "c{$c}", array_keys($laws)), 'minus'];
    foreach (array_keys($laws) as $c) {
        $builder->join('plus', "c{$c}");
    }
    $places = $builder->ladder(
        'strip',
        new StripLadder($laws, array_fill(0, $channels, $rail * $pitch), $common * $pitch),
        $units,
        [0 => $mark],
    );
    $network = $builder->build();
    $solution = Solver::solve($network);

    return [
        $solution->leaving[$builder->places()['plus']],
        $places->volts($network, $solution)[0][$units - 1],
        $solution,
    ];
};

$times = [];
[$total, $lastV, $solution] = $once(); // compiles the loops; not timed
for ($n = 0; $n < $repeats; $n++) {
    $begun = hrtime(true);
    [$total, $lastV, $solution] = $once();
    $times[] = (hrtime(true) - $begun) / 1e6;
}
sort($times);
$out = [
    'median_ms' => round($times[intdiv($repeats, 2)], 3),
    'newton' => $solution->newton,
    'current_a' => $total,
    'last_v' => $lastV,
];
if (isset($options['json'])) {
    echo json_encode($out), "\n";
} else {
    printf(
        "%d units, %d channels: median %.2f ms of %d, %d Newton steps, %.9f A, last unit %.9f V, residual %.2e A under %.2e A\n",
        $units,
        $channels,
        $out['median_ms'],
        $repeats,
        $out['newton'],
        $total,
        $lastV,
        $solution->residualA,
        $solution->toleranceA,
    );
}
