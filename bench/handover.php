<?php

declare(strict_types=1);

/*
 * Speed of price, sheet, rates and archive:
 *
 *     php -d opcache.enable_cli=1 -d opcache.jit=tracing -d opcache.jit_buffer_size=64M bench/handover.php
 */

require __DIR__.'/../vendor/autoload.php';

use BenchGlow\Analysis\Analysis;
use BenchGlow\AsBuilt\AsBuilt;
use BenchGlow\AsBuilt\Handed;
use BenchGlow\AsBuilt\HtmlFile;
use BenchGlow\AsBuilt\Paper;
use BenchGlow\Build\Document;
use BenchGlow\Check\Review;
use BenchGlow\Cost\Cost;
use BenchGlow\Cost\Options;
use BenchGlow\Edit\AddItem;
use BenchGlow\Edit\Editor;
use BenchGlow\Edit\Log;
use BenchGlow\Format\Fields;
use BenchGlow\HandOver\Archive;
use BenchGlow\HandOver\Isolation;
use BenchGlow\HandOver\Living;

/**
 * @template T
 *
 * @param  callable(): T  $do
 * @return T
 */
function timed(string $what, callable $do): mixed
{
    $begun = microtime(true);
    $made = $do();
    printf("%-46s %7.0f ms\n", $what, 1e3 * (microtime(true) - $begun));

    return $made;
}

$read = fn (string $name): Document => Document::fromJson(
    (string) file_get_contents(__DIR__."/../examples/{$name}.glow.json"),
);
$heron = $read('heron');
$picture = imagecreatetruecolor(1000, 750);
for ($n = 0; $n < 4000; $n++) {
    imagefilledellipse($picture, ($n * 37) % 1000, ($n * 91) % 750, 40, 30, ($n * 7919) % 16_777_216);
}
ob_start();
imagejpeg($picture, null, 74);
$jpeg = (string) ob_get_clean();
$things = [...array_keys(Analysis::of($heron)->build->devices), ...array_keys(Analysis::of($heron)->fuses)];
$pictured = $heron;
for ($n = 0; $n < 20; $n++) {
    $about = (string) $things[$n % count($things)];
    $pictured = Editor::apply(
        $pictured,
        new Log('note', '2026-05-02', photo: hash('sha256', "p{$n}"), about: [$about]),
    );
}
$review = timed('Heron solved and reviewed', fn (): Review => Review::of($pictured));
timed('how its five circuits are isolated', function () use ($review): void {
    $isolation = new Isolation($review->analysis);
    array_map(fn (int|string $c) => $isolation->of((string) $c), array_keys($review->analysis->build->circuits));
});
timed('how the eleven of the harbour tour are', function () use ($read): void {
    $isolation = new Isolation(Analysis::of($read('harbour-tour')));
    array_map(fn (string $c) => $isolation->of($c), ['long_quay', 'landing', 'gangway']);
});
$sheet = AsBuilt::of($review, new Handed(), null);
$html = timed('its file with pictures', fn (): string => HtmlFile::of($sheet, $pictured->json, fn (): string => $jpeg));
printf("%-46s %7.2f MB, %d pictures\n", '  its size', strlen($html) / 1e6, count($sheet->photos()));
timed('its paper', fn (): string => Paper::of($sheet, fn (): string => $jpeg));
$eight = $heron;
for ($n = 0; $n < 4; $n++) {
    $eight = Editor::apply(
        $eight,
        new AddItem(
            'quote.options',
            new Fields([
                'id' => "more_{$n}",
                'label' => "Longer by {$n}",
                'edit' => json_encode([
                    'op' => 'set',
                    'id' => 'galley_shelf_light',
                    'field' => 'wanted_m',
                    'value' => 2 + $n / 10,
                ]),
            ]),
        ),
    );
}
$analysis = Analysis::of($eight);
$cost = timed('its price', fn (): Cost => new Cost($analysis));
timed('its eight options', fn (): Options => new Options($analysis, $cost));
timed(
    'rates of 500 builds',
    fn (): array => (new Living(
        array_map(fn (int $n): array => [$n % 2 === 0 ? $eight : $pictured, '2024-01-01'], range(1, 500)),
        '2026-11-28',
    ))->families(),
);
$folder = sys_get_temp_dir().'/bench-glow-archive';
@mkdir($folder);
$files = [];
for ($n = 0; $n < 200; $n++) {
    file_put_contents("{$folder}/{$n}.jpg", $jpeg.str_repeat((string) $n, 300_000));
    $files['photos/'.hash('sha256', "p{$n}").'.jpg'] = "{$folder}/{$n}.jpg";
}
memory_reset_peak_usage();
$was = memory_get_usage();
timed(
    'an archive of 200 pictures',
    fn () => Archive::write("{$folder}/a.zip", [Archive::BUILD => $heron->json], $files),
);
timed('it is checked', fn (): array => Archive::check("{$folder}/a.zip"));
printf(
    "%-46s %7.0f MB, most memory %.1f MB\n",
    '  its size',
    filesize("{$folder}/a.zip") / 1e6,
    (memory_get_peak_usage() - $was) / 1e6,
);
array_map(unlink(...), glob("{$folder}/*") ?: []);
