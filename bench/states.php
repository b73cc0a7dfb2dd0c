<?php

declare(strict_types=1);

/*
 * States of a build with 6 circuits, 6 relays and 6 strips of 100 units behind one trunk, 8 inputs, 3 supplies: prints states,
 * solves, Newton steps and milliseconds, and writes the build for `bin/glow report` to time.
 *
 * php -d opcache.enable_cli=1 -d opcache.jit=tracing -d opcache.jit_buffer_size=64M bench/states.php [FILE.glow.json]
 */

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Document;
use BenchGlow\Parts\Catalogue;

require __DIR__.'/../vendor/autoload.php';

$wire = ['id' => 'w', 'kind' => 'wire', 'area_mm2' => 1.5];
$rocker = [...Catalogue::part('rocker_plain')->data ?? [], 'id' => 'rocker'];
$relay = [...Catalogue::part('relay_5_12_plain')->data ?? [], 'id' => 'relay'];
$strip = [...Catalogue::part('strip_warm_12_48')->data ?? [], 'id' => 'strip'];
$build = [
    'format' => 'bench-glow/build',
    'version' => 1,
    'title' => 'Six relays on one trunk',
    'place' => 'other',
    'supplies' => [['id' => 'bank', ...Catalogue::supply('house_bank_12')->data ?? []]],
    'inputs' => array_map(fn (int $n): array => ['id' => "in{$n}", 'kind' => 'hand'], range(1, 8)),
    'parts' => [$wire, $rocker, $relay, $strip],
    'circuits' => [],
    'lights' => [],
    'devices' => [['id' => 'hub', 'kind' => 'joint'], ['id' => 'back', 'kind' => 'joint']],
    'leads' => [
        [
            'id' => 'trunk',
            'cores' => [['bank.plus', 'hub'], ['back', 'bank.minus']],
            'length_m' => 2,
            'wire' => 'w',
            'inline' => [['id' => 'F1', 'kind' => 'fuse', 'at_m' => 0.1, 'fuse_a' => 20]],
        ],
    ],
];
foreach (range(1, 6) as $n) {
    // Inputs 7 and 8 stand in series with the first and the second coil.
    $second = $n <= 2 ? 'in'.(6 + $n) : null;
    $build['circuits'][] = [
        'id' => "c{$n}",
        'label' => "Circuit {$n}",
        'wants' => [
            [
                'id' => "want{$n}",
                'glow' => ["l{$n}"],
                'when' => $second === null ? ['input' => "in{$n}"] : ['all' => [['input' => "in{$n}"], ['input' => $second]]],
            ],
        ],
    ];
    $build['lights'][] = [
        'id' => "l{$n}",
        'circuit' => "c{$n}",
        'kind' => 'strip',
        'part' => 'strip',
        'wanted_m' => 5.0,
    ];
    $build['devices'][] = ['id' => "k{$n}", 'circuit' => "c{$n}", 'kind' => 'relay', 'part' => 'relay'];
    $build['devices'][] = [
        'id' => "s{$n}",
        'circuit' => "c{$n}",
        'kind' => 'switch',
        'part' => 'rocker',
        'at' => ['on' => ['input' => "in{$n}"]],
    ];
    $coil = "s{$n}.2";
    if ($second !== null) {
        $build['devices'][] = [
            'id' => "t{$n}",
            'circuit' => "c{$n}",
            'kind' => 'switch',
            'part' => 'rocker',
            'at' => ['on' => ['input' => $second]],
        ];
        $build['leads'][] = [
            'id' => "t{$n}_lead",
            'cores' => [["s{$n}.2", "t{$n}.1"]],
            'length_m' => 0.5,
            'wire' => 'w',
        ];
        $coil = "t{$n}.2";
    }
    foreach (
        [
            ['hub', "s{$n}.1"],
            [$coil, "k{$n}.86"],
            ["k{$n}.85", 'back'],
            ['hub', "k{$n}.30"],
            ["k{$n}.87", "l{$n}.start.plus"],
            ["l{$n}.start.minus", 'back'],
        ] as $m => $core
    ) {
        $build['leads'][] = [
            'id' => "lead{$n}_{$m}",
            'circuit' => "c{$n}",
            'cores' => [$core],
            'length_m' => 1.0,
            'wire' => 'w',
        ];
    }
}
$document = Document::fromJson((string) json_encode($build));
if (isset($argv[1])) {
    file_put_contents($argv[1], $document->json);
}
foreach ([1, 2] as $_) {
    $begun = hrtime(true);
    $a = Analysis::of($document);
    $ms = (hrtime(true) - $begun) / 1e6;
    $newton = array_map(fn ($s): int => $s->lit->newton, $a->scenes());
    printf(
        "%d states, %d solves, Newton at most %d, mean %.1f, %.0f ms, intents %s\n",
        $a->stateCount(),
        $a->solves,
        max(0, ...$newton),
        array_sum($newton) / count($newton),
        $ms,
        implode(' ', array_map(fn ($i): string => $i->verdict, $a->intents)),
    );
}
