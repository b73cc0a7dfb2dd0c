<?php

declare(strict_types=1);

/*
 * Light on a face, cell by cell: how long 15,000 cells × 120 sources take, whether it is linear in their product, a suggestion, and
 * sheets of eight letters. Try it with function JIT and with tracing:
 *   php -d opcache.enable_cli=1 -d opcache.jit=tracing -d opcache.jit_buffer_size=64M bench/field.php
 */

require __DIR__.'/../vendor/autoload.php';

use BenchGlow\Build\Build;
use BenchGlow\Build\Document;
use BenchGlow\Edit\AddLayout;
use BenchGlow\Edit\Editor;
use BenchGlow\Format\Fields;
use BenchGlow\Layout\Laid;
use BenchGlow\Layout\Outline;
use BenchGlow\Layout\Sheets;
use BenchGlow\Layout\Templates;
use BenchGlow\Light\Beam;
use BenchGlow\Light\Field;
use BenchGlow\Light\Lamp;
use BenchGlow\Light\Suggest;

/** Milliseconds of processor time so far. */
function spent(): float
{
    $used = getrusage();
    $figure = fn (string $key): float => is_numeric($used[$key] ?? null) ? (float) $used[$key] : 0.0;

    return 1000 * $figure('ru_utime.tv_sec') + $figure('ru_utime.tv_usec') / 1000;
}

/** @return float best of five, ms of processor time */
function best(callable $do): float
{
    $least = INF;
    for ($n = 0; $n < 5; $n++) {
        $before = spent();
        $do();
        $least = min($least, spent() - $before);
    }

    return $least;
}

/** @return list<Lamp> */
function lamps(int $n): array
{
    return array_map(
        fn (int $i): Lamp => new Lamp(
            0.9 * ($i * 0.618 - floor($i * 0.618)),
            0.4 * ($i * 0.414 - floor($i * 0.414)),
            10.0,
        ),
        range(1, $n),
    );
}

$face = Outline::rectangle(0.9, 0.4);
foreach (
    [[3_750, 120], [15_000, 30], [15_000, 60], [15_000, 120], [15_000, 240], [30_000, 120]] as [$cells, $sources]
) {
    $all = lamps($sources);
    $cell = sqrt(0.36 / $cells);
    $ms = best(fn (): Field => Field::of($face, $all, 0.05, Beam::of(120.0), $cell, 0.8));
    printf(
        "%6d cells × %3d sources  %6.1f ms  %5.1f ns each\n",
        $cells,
        $sources,
        $ms,
        (1e6 * $ms) / ($cells * $sources),
    );
}
$heron = Document::fromJson((string) file_get_contents(__DIR__.'/../examples/heron.glow.json'));
$document = Editor::apply(
    $heron,
    new AddLayout(
        'saloon_edge_light',
        'panel',
        new Fields(['id' => 'p', 'outline' => ['rect_m' => [0.6, 0.3]], 'rows' => 2]),
    ),
);
$document = Editor::apply(
    $document,
    new AddLayout(
        'nameboard_light',
        'panel',
        new Fields(['id' => 'w', 'outline' => ['text' => ['words' => 'WINDWARD', 'face' => 'bold', 'cap_m' => 0.2]]]),
    ),
);
$build = Build::of($document);
foreach (Laid::all($build) as $laid) {
    if ($laid->kind === 'panel') {
        printf(
            "suggestion for %-14s %6.1f ms\n",
            $laid->id === 'p' ? 'a panel' : 'eight letters',
            best(fn (): array => (new Suggest($build, $laid))->all()),
        );
        $template = Templates::of($build, $laid, false);
        if ($laid->id === 'w' && $template !== null) {
            printf(
                "sheets of eight letters       %6.1f ms\n",
                best(fn (): string => Sheets::pdf([$template], 'a4', 'bench')),
            );
        }
    }
}
