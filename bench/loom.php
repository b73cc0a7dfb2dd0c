<?php

declare(strict_types=1);

/*
 * How long a large loom takes: 300 places, 400 stretches, 200 leads derived; the drawing; cut plans of 12 and 200 pieces.
 * php -d opcache.enable_cli=1 -d opcache.jit=tracing -d opcache.jit_buffer_size=64M bench/loom.php
 */

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Build;
use BenchGlow\Build\Document;
use BenchGlow\Drawing\LoomPlan;
use BenchGlow\Lists\LoomList;
use BenchGlow\Loom\Loom;
use BenchGlow\Sizing\CutPlan;

require dirname(__DIR__).'/vendor/autoload.php';

/**
 * Milliseconds, the middle one of several runs.
 *
 * @param  callable(mixed): mixed  $run
 * @param  (callable(): mixed)|null  $before  what is made for each run, outside of its time
 */
function took(callable $run, int $times = 9, ?callable $before = null): float
{
    $all = [];
    for ($i = 0; $i < $times; $i++) {
        $with = $before === null ? null : $before();
        $begun = hrtime(true);
        $run($with);
        $all[] = (hrtime(true) - $begun) / 1e6;
    }
    sort($all);

    return $all[intdiv($times, 2)];
}

mt_srand(7);
$raw = [
    'format' => 'bench-glow/build',
    'version' => 1,
    'title' => 'Large loom',
    'place' => 'display',
    'supplies' => [
        [
            'id' => 'bank',
            'kind' => 'lead_acid_12v',
            'min_v' => 11.8,
            'nominal_v' => 12.6,
            'max_v' => 14.4,
            'place' => 'p0',
        ],
    ],
    'circuits' => [],
];
for ($p = 0; $p < 300; $p++) {
    $raw['places'][] = ['id' => "p{$p}", 'label' => "Place {$p}"];
    $raw['devices'][] = ['id' => "d{$p}", 'kind' => 'joint', 'place' => "p{$p}"];
}
for ($r = 0; $r < 400; $r++) {
    $to = $r < 299 ? $r + 1 : mt_rand(0, 299);
    $from = $r < 299 ? mt_rand(max(0, $r - 6), $r) : ($to + mt_rand(1, 298)) % 300;
    $raw['routes'][] = ['id' => "r{$r}", 'from' => "p{$from}", 'to' => "p{$to}", 'length_m' => mt_rand(1, 40) / 10];
}
for ($l = 0; $l < 200; $l++) {
    $raw['leads'][] = ['id' => "l{$l}", 'cores' => [['d'.mt_rand(0, 149), 'd'.mt_rand(150, 299)]]];
}
$document = Document::fromJson((string) json_encode($raw));
printf(
    "derive 300 places, 400 stretches, 200 leads: %.0f ms (goal 150)\n",
    took(
        fn (mixed $build): mixed => $build instanceof Build ? Loom::of($build) : null,
        9,
        fn (): Build => Build::of($document),
    ),
);
foreach (['heron', 'coffee-trike'] as $name) {
    $demo = Document::fromJson((string) file_get_contents(dirname(__DIR__)."/examples/{$name}.glow.json"));
    $analysis = Analysis::of($demo);
    printf(
        "draw the loom of %s: %.1f ms (goal 30)\n",
        $name,
        took(fn () => (new LoomPlan(new LoomList($analysis)))->captions(strval(...))),
    );
}
$slowest = 0.0;
for ($t = 0; $t < 20; $t++) {
    $pieces = array_map(fn (): int => mt_rand(200, 2500), range(1, 12));
    $offcuts = array_map(fn (): int => mt_rand(300, 2600), range(1, 6));
    $slowest = max($slowest, took(fn () => CutPlan::of($pieces, $offcuts, 5000), 3));
}
printf("cut plan of 12 pieces with 6 offcuts, slowest of 20: %.0f ms (goal 200)\n", $slowest);
$pieces = array_map(fn (): int => mt_rand(200, 2500), range(1, 200));
printf("cut plan of 200 pieces: %.0f ms (goal 100)\n", took(fn () => CutPlan::of($pieces, [], 5000)));
