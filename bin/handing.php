<?php

declare(strict_types=1);

/* Tools of bin/glow about handing over: cost, sheet, verify, compare, archive, unarchive, failures. */

use BenchGlow\Build\Document;
use BenchGlow\Command\Comparing;
use BenchGlow\Command\Costing;
use BenchGlow\Command\Sheets;
use BenchGlow\Command\Stepping;
use BenchGlow\Format\Fields;
use BenchGlow\HandOver\Archive;
use BenchGlow\HandOver\BenchKey;

/** @param  list<string>  $args */
function handing(string $tool, array $args): int
{
    return match ($tool) {
        'cost' => cost($args),
        'sheet' => sheet($args),
        'verify' => verify($args),
        'compare' => compare($args),
        'failures' => failures($args),
        'archive' => archive($args),
        default => unarchive($args),
    };
}

/** @param  list<string>  $args */
function cost(array $args): int
{
    [$words, $options] = words($args, ['times', 'record', 'with']);
    // A list is the record of this build; an object is how long things take on this bench.
    $times = isset($options['times']) ? source($options['times']) : null;
    $isRecord = $times !== null && str_starts_with(ltrim($times), '[');
    $record = $isRecord ? $times : (isset($options['record']) ? source($options['record']) : null);
    $costing = new Costing(
        Document::fromJson(source($words[0] ?? null)),
        array_values(array_filter(explode(',', $options['with'] ?? ''))),
        $times === null || $isRecord ? null : Stepping::times($times),
        $record === null ? null : Costing::record($record),
    );
    answer($costing->toArray());

    return 0;
}

function bench_key(): BenchKey
{
    return BenchKey::at(getenv('GLOW_KEY') ?: __DIR__.'/../storage/app/bench.key');
}

/** @param  list<string>  $args */
function sheet(array $args): int
{
    [$words, $options] = words($args, ['out', 'photos']);
    $out = $options['out'] ?? throw new Misused('sheet needs --out FILE.html or FILE.pdf.');
    $kind = pathinfo($out, PATHINFO_EXTENSION);
    if (! in_array($kind, ['html', 'pdf'], true)) {
        throw new Misused("--out takes a file ending in .html or .pdf, not '{$out}'.");
    }
    if (isset($options['photos']) && ! is_dir($options['photos'])) {
        throw new Misused("There is no folder {$options['photos']} of pictures.");
    }
    $package = json_decode((string) file_get_contents(__DIR__.'/../composer.json'), true);
    $version = (new Fields(is_array($package) ? $package : []))->text('version');
    $sheets = new Sheets(Document::fromJson(source($words[0] ?? null)), $options['photos'] ?? null, $version);
    $bytes = $kind === 'pdf' ? $sheets->pdf() : $sheets->html(bench_key());
    answer(['written' => laid($out, $bytes, 'the as-built sheet')]);

    return 0;
}

/** @param  list<string>  $args */
function verify(array $args): int
{
    [$words] = words($args, []);
    $read = Sheets::verified(source($words[0] ?? null), bench_key());
    if ($read === null) {
        throw new Misused('This is no sheet, or it was never signed.');
    }
    answer($read);

    return $read['state'] === 'sound' ? 0 : 1;
}

/** @param  list<string>  $args */
function compare(array $args): int
{
    [$words] = words($args, []);
    if (count($words) !== 2) {
        throw new Misused('compare needs two build files: the earlier and the later one.');
    }
    answer((new Comparing(Document::fromJson(source($words[0])), Document::fromJson(source($words[1]))))->toArray());

    return 0;
}

/** @param  list<string>  $args */
function failures(array $args): int
{
    [$words, $options] = words($args, ['today']);
    $folder = $words[0] ?? '';
    if (! is_dir($folder)) {
        throw new Misused('failures needs a folder of sealed build files.');
    }
    $today = $options['today'] ?? date('Y-m-d');
    if (preg_match('/^\d{4}-\d{2}-\d{2}$/', $today) !== 1) {
        throw new Misused("--today takes a day as 2026-06-01, not '{$today}'.");
    }
    answer(Comparing::failures(glob("{$folder}/*.json") ?: [], $today));

    return 0;
}

/**
 * Of a build file; of a build on the bench `bin/glow` asks the bench itself.
 *
 * @param  list<string>  $args
 */
function archive(array $args): int
{
    [$words, $options] = words($args, ['out', 'photos']);
    $out = $options['out'] ?? throw new Misused('archive needs --out FILE.zip.');
    $text = source($words[0] ?? null);
    $document = Document::fromJson($text);
    $photos = [];
    foreach ($document->fields()->objects('log') as $entry) {
        $sha = $entry->text('photo');
        $path = ($options['photos'] ?? '')."/{$sha}.jpg";
        isset($options['photos']) && is_file($path) ? ($photos["photos/{$sha}.jpg"] = $path) : null;
    }
    $sheet = (new Sheets($document, $options['photos'] ?? null, ''))->html(bench_key());
    Archive::write($out, [Archive::BUILD => $text, Archive::SHEET => $sheet], $photos);
    answer([
        'written' => ['path' => $out, 'bytes' => (int) filesize($out), 'what' => 'the archive'],
        'photos' => count($photos),
    ]);

    return 0;
}

/** @param  list<string>  $args */
function unarchive(array $args): int
{
    [$words, $options] = words($args, ['out']);
    $path = $words[0] ?? throw new Misused('unarchive needs a file.');
    $out = $options['out'] ?? throw new Misused('unarchive needs --out DIR here.');
    $sums = Archive::check($path);
    $build = Document::fromJson((string) Archive::text($path, Archive::BUILD));
    foreach (array_keys($sums) as $name) {
        if (! is_dir(dirname("{$out}/{$name}")) && ! @mkdir(dirname("{$out}/{$name}"), 0700, true)) {
            throw new Misused("{$out} can't be written.");
        }
        Archive::unpack($path, $name, "{$out}/{$name}");
    }
    answer(['build' => $build->title(), 'files' => count($sums), 'written' => ['path' => $out]]);

    return 0;
}
