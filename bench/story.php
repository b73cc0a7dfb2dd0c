<?php

declare(strict_types=1);

/*
 * A story of a week with 2,000 events, played on twelve ways of switching: prints events, ideas, solves and milliseconds.
 *
 * php -d opcache.enable_cli=1 -d opcache.jit=tracing -d opcache.jit_buffer_size=64M bench/story.php [EVENTS]
 */

use BenchGlow\Build\Build;
use BenchGlow\Build\Document;
use BenchGlow\Format\Fields;
use BenchGlow\Parts\Catalogue;
use BenchGlow\Story\Ideas;
use BenchGlow\Story\Story;

require __DIR__.'/../vendor/autoload.php';

$count = (int) ($argv[1] ?? 2000);
$wire = fn (string $id, string $kind, string $polarity, string $input): array => [
    'id' => $id,
    'label' => $id,
    'kind' => $kind,
    'polarity' => $polarity,
    'live_when' => ['input' => $input],
    'fed_by' => 'bank',
    'fuse_a' => 7.5,
    'behaviour' => $kind === 'courtesy' ? ['kind' => 'timed', 'off_after_s' => 600] : ['kind' => 'steady'],
    'loads' => [['id' => 'lamp', 'kind' => 'filament', 'w' => 5, 'at_v' => 12]],
];
$build = Document::fromJson(
    (string) json_encode([
        'format' => 'bench-glow/build',
        'version' => 1,
        'title' => 'A week',
        'place' => 'boat',
        'supplies' => [[...Catalogue::supply('house_bank_12')->data ?? [], 'id' => 'bank']],
        'inputs' => [
            ['id' => 'lid', 'kind' => 'lid', 'positions' => ['down', 'up']],
            ['id' => 'rocker', 'kind' => 'hand'],
            ['id' => 'lamp', 'kind' => 'courtesy'],
            ['id' => 'key', 'kind' => 'key'],
            ['id' => 'dusk', 'kind' => 'dusk'],
        ],
        'host' => [
            'wires' => [
                $wire('courtesy_wire', 'courtesy', 'positive', 'lamp'),
                $wire('key_wire', 'key', 'positive', 'key'),
                $wire('door_wire', 'door', 'ground', 'lid'),
            ],
        ],
        'parts' => [
            [...Catalogue::part('strip_warm_12_48')->data ?? [], 'id' => 'strip'],
            ['id' => 'w', 'kind' => 'wire', 'area_mm2' => 0.75],
        ],
        'circuits' => [['id' => 'shelf', 'label' => 'Shelf', 'wants' => []]],
        'lights' => [['id' => 'l', 'circuit' => 'shelf', 'kind' => 'strip', 'part' => 'strip', 'wanted_m' => 2]],
        'leads' => [
            [
                'id' => 'feed',
                'circuit' => 'shelf',
                'cores' => [['bank.plus', 'l.start.plus'], ['l.start.minus', 'bank.minus']],
                'length_m' => 2,
                'wire' => 'w',
                'inline' => [['id' => 'F1', 'kind' => 'fuse', 'at_m' => 0.1, 'fuse_a' => 3]],
            ],
        ],
    ]),
);
mt_srand(20261125);
$week = 7 * 86400;
$positions = [
    'lid' => ['down', 'up'],
    'rocker' => ['off', 'on'],
    'lamp' => ['off', 'on'],
    'key' => ['off', 'on'],
    'dusk' => ['off', 'on'],
];
$events = [];
for ($n = 0; $n < $count; $n++) {
    $input = array_keys($positions)[mt_rand(0, 4)];
    $events[] = ['at_s' => mt_rand(0, $week), 'input' => $input, 'to' => $positions[$input][mt_rand(0, 1)]];
}
$wanted = array_map(
    fn (int $day): array => ['circuit' => 'shelf', 'from_s' => 86400 * $day + 64800, 'to_s' => 86400 * $day + 79200],
    range(0, 6),
);
$story = Story::of(
    new Fields(['id' => 'week', 'lasts_s' => $week, 'events' => $events, 'wanted' => $wanted]),
    Build::of($build),
);
for ($round = 0; $round < 2; $round++) {
    $begun = hrtime(true);
    $ideas = (new Ideas($build, 'shelf'))->of($story);
    printf(
        "%d events, %d ideas, %d solves, %d spans, %.0f ms; best: %s\n",
        count($story->events),
        count($ideas),
        array_sum(array_map(fn ($i): int => $i->day->solves, $ideas)),
        array_sum(array_map(fn ($i): int => count($i->day->spans), $ideas)),
        (hrtime(true) - $begun) / 1e6,
        $ideas[0]->name,
    );
}
