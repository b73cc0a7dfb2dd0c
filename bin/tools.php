<?php

declare(strict_types=1);

/*
 * The headless tools of bin/glow: size series|strip|wire|panel, report, story, compose, edit, offers, probe, host, layout, harness, cuts, schema. No framework is loaded; classes come straight from core/.
 * One JSON document on standard output; errors as one sentence on standard error. Exit 0 done, 1 a finding of severity danger, 2 bad input.
 */

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Document;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Review;
use BenchGlow\Check\Severity;
use BenchGlow\Command\Composing;
use BenchGlow\Command\Cutting;
use BenchGlow\Command\Export;
use BenchGlow\Command\Faulting;
use BenchGlow\Command\Gating;
use BenchGlow\Command\Harnessing;
use BenchGlow\Command\Hosting;
use BenchGlow\Command\Layouts;
use BenchGlow\Command\ProbingCommand;
use BenchGlow\Command\Report;
use BenchGlow\Command\SizePanel;
use BenchGlow\Command\SizeSeries;
use BenchGlow\Command\SizeStrip;
use BenchGlow\Command\SizeWire;
use BenchGlow\Command\Stepping;
use BenchGlow\Command\Stories;
use BenchGlow\Edit\Edits;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\FormatOne;
use BenchGlow\Format\JsonSchema;
use BenchGlow\Format\WorkFields;
use BenchGlow\Lists\Lists;
use BenchGlow\Probe\Host\Instrument;
use BenchGlow\Prove\FaultRows;
use BenchGlow\Prove\Seen;
use BenchGlow\Quantity\Csv;
use BenchGlow\Quantity\NotUnderstood;
use BenchGlow\Scene\EmitterState;

error_reporting(E_ALL);
ini_set('display_errors', 'stderr');
ini_set('serialize_precision', '-1');
ini_set('memory_limit', '1G');

spl_autoload_register(function (string $class): void {
    if (str_starts_with($class, 'BenchGlow\\')) {
        require __DIR__.'/../core/'.str_replace('\\', '/', substr($class, 10)).'.php';
    } elseif (
        str_starts_with($class, 'TCPDF') ||
        str_starts_with($class, 'FontLib\\') ||
        str_starts_with($class, 'Brick\\')
    ) {
        // Faces and paper are the only work that packages do here; they load when they are asked for.
        if (! is_file(__DIR__.'/../vendor/autoload.php')) {
            throw new Misused('Lettering and paper need packages that are not here yet; bin/glow layout fetches them.');
        }
        /** @var Composer\Autoload\ClassLoader $packages */
        $packages = require __DIR__.'/../vendor/autoload.php';
        $packages->loadClass($class);
    }
});

final class Misused extends RuntimeException
{
}

function source(?string $path): string
{
    if ($path === null || $path === '-') {
        return (string) stream_get_contents(STDIN);
    }
    if (! is_file($path) || ! is_readable($path)) {
        throw new Misused("There is no file {$path} to read.");
    }

    return (string) file_get_contents($path);
}

/**
 * @param  list<string>  $args
 * @param  list<string>  $known
 * @param  list<string>  $flags  options that take no value
 * @return array{list<string>, array<string, string>} words and options
 */
function words(array $args, array $known, array $flags = []): array
{
    $words = $options = [];
    for ($i = 0; $i < count($args); $i++) {
        if (! str_starts_with($args[$i], '--')) {
            $words[] = $args[$i];

            continue;
        }
        [$name, $value] = [...explode('=', substr($args[$i], 2), 2), null];
        if (! in_array($name, $known, true)) {
            throw new Misused("There is no option --{$name} here.".BadBuild::nearMiss((string) $name, $known));
        }
        if (in_array($name, $flags, true)) {
            $options[$name] = 'yes';

            continue;
        }
        $value ??= $args[++$i] ?? throw new Misused("--{$name} needs a value.");
        $options[$name] = $value;
    }

    return [$words, $options];
}

/** @param  array<string, mixed>  $out */
function answer(array $out): void
{
    echo json_encode($out, JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR), "\n";
}

/**
 * What a CSV begins with.
 *
 * @param  array<string, string>  $options
 */
function mark(array $options): string
{
    $mark = $options['mark'] ?? '';
    if (! in_array($mark, ['', 'utf8'], true)) {
        throw new Misused("--mark takes utf8, the mark some spreadsheets want before a CSV, not '{$mark}'.");
    }

    return $mark === '' ? '' : Csv::MARK;
}

/**
 * The state that --with and --supply name.
 *
 * @param  array<string, string>  $options
 * @return array{array<string, string>, string}
 */
function asked(Analysis $analysis, array $options): array
{
    $build = $analysis->build;
    $inputs = [];
    foreach (array_filter(explode(',', $options['with'] ?? ''), fn (string $p): bool => trim($p) !== '') as $pair) {
        [$input, $position] = [...array_map(trim(...), explode('=', $pair, 2)), ''];
        if (! isset($build->inputs[$input])) {
            $near = BadBuild::nearMiss($input, array_keys($build->inputs));
            throw new Misused("--with: the build has no input `{$input}`.{$near}");
        }
        if (! in_array($position, $build->positions($input), true)) {
            $has = implode(', ', $build->positions($input));
            throw new Misused("--with: `{$input}` has no position `{$position}`; it has {$has}.");
        }
        $inputs[$input] = $position;
    }
    $supply = $options['supply'] ?? 'nominal';
    if (! in_array($supply, Analysis::SUPPLY_STATES, true)) {
        throw new Misused("--supply takes min, nominal or max, not '{$supply}'.");
    }

    return [$inputs, $supply];
}

/**
 * @param  array<string, string>  $options
 * @return array{path: string, bytes: int, what: string}
 */
function written(Analysis $analysis, array $options): array
{
    [$inputs, $supply] = asked($analysis, $options);
    $phase = $options['phase'] ?? '1';
    if (preg_match('/^[1-9]\d?$/', $phase) !== 1) {
        throw new Misused("--phase takes the number of a phase, from 1, not '{$phase}'.");
    }
    $path = $options['out'];
    [$what, $text] = match (pathinfo($path, PATHINFO_EXTENSION)) {
        'csv' => ['all states', mark($options).Export::states($analysis)],
        'json' => [
            'derived lists',
            json_encode(
                (new Lists($analysis))->toArray(),
                JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
            )."\n",
        ],
        'cir', 'net' => ['netlist', Export::netlist($analysis, $inputs, $supply, (int) $phase)],
        default => throw new Misused(
            "--out takes a file ending in .csv (all states), .json (derived lists) or .cir (netlist), not '{$path}'.",
        ),
    };
    if (
        ! is_dir(dirname($path)) ||
        (file_exists($path) && ! is_writable($path)) ||
        file_put_contents($path, $text) === false
    ) {
        throw new Misused("{$path} can't be written.");
    }

    return ['path' => $path, 'bytes' => strlen($text), 'what' => $what];
}

/**
 * Writes a build, whole or not at all.
 *
 * @return array{path: string, bytes: int, what: string}
 */
function built(string $path, Document $document): array
{
    $there = is_dir(dirname($path)) && (! file_exists($path) || is_writable($path));
    if (! $there || file_put_contents($path.'.part', $document->json) === false || ! rename($path.'.part', $path)) {
        throw new Misused("{$path} can't be written.");
    }

    return ['path' => $path, 'bytes' => strlen($document->json), 'what' => 'the build'];
}

/** @param  array<string, string>  $options */
function number(array $options, string $name, int $default, int $most): int
{
    $value = $options[$name] ?? (string) $default;
    if (preg_match('/^[1-9]\d{0,3}$/', $value) !== 1 || (int) $value > $most) {
        throw new Misused("--{$name} takes a whole number from 1 to {$most}, not '{$value}'.");
    }

    return (int) $value;
}

/** @param  list<string>  $args */
function compose(array $args): int
{
    [$words, $options] = words($args, ['circuit', 'when', 'most', 'take', 'out']);
    $document = Document::fromJson(source($words[0] ?? null));
    $circuit = $options['circuit'] ?? throw new Misused('--circuit names the circuit.');
    $most = number($options, 'most', 6, 6);
    $take = isset($options['take']) ? number($options, 'take', 1, $most) : null;
    if (($take === null) !== ! isset($options['out'])) {
        throw new Misused('--take N goes with --out FILE.');
    }
    $composed = Composing::compose($document, $circuit, $options['when'] ?? null, $most);
    $written =
        $take === null ? [] : ['written' => built($options['out'], Composing::take($document, $composed, $take))];
    answer([...$written, ...$composed]);

    return $composed['cards'] === [] ? 1 : 0;
}

/** @param  list<string>  $args */
function edit(array $args): int
{
    [$words, $options] = words($args, ['out']);
    if (count($words) !== 2) {
        throw new Misused('glow edit takes a build and an edit, a file or - for standard input.');
    }
    $out = $options['out'] ?? throw new Misused('--out names the file the build is written to.');
    $json = json_decode(source($words[1]), true);
    $edit = Edits::read(is_array($json) ? $json : throw new Misused('The edit is not JSON, or no object.'));
    [$after, $says] = Composing::edit(Document::fromJson(source($words[0])), $edit);
    answer(['written' => built($out, $after), 'says' => $says]);

    return 0;
}

/** @param  list<string>  $args */
function offers(array $args): int
{
    [$words, $options] = words($args, ['lead', 'core', 'at']);
    $lead = $options['lead'] ?? throw new Misused('--lead names the wire.');
    $at = $options['at'] ?? null;
    if ($at !== null && ! is_numeric($at)) {
        throw new Misused("--at takes metres from the lead's first end, not '{$at}'.");
    }
    $document = Document::fromJson(source($words[0] ?? null));
    answer(Composing::offers($document, $lead, number($options, 'core', 1, 64), $at === null ? null : (float) $at));

    return 0;
}

/**
 * @param  array<string, string>  $options
 * @param  list<string>  $known
 */
function choice(array $options, string $name, array $known): string
{
    $value = $options[$name] ?? $known[0];
    if (! in_array($value, $known, true)) {
        throw new Misused(
            "--{$name} takes ".implode(', ', $known).", not '{$value}'.".BadBuild::nearMiss($value, $known),
        );
    }

    return $value;
}

/**
 * Writes a text, whole or not at all.
 *
 * @return array{path: string, bytes: int, what: string}
 */
function laid(string $path, string $text, string $what): array
{
    $there = is_dir(dirname($path)) && (! file_exists($path) || is_writable($path));
    if (! $there || file_put_contents($path.'.part', $text) === false || ! rename($path.'.part', $path)) {
        throw new Misused("{$path} can't be written.");
    }

    return ['path' => $path, 'bytes' => strlen($text), 'what' => $what];
}

/** @param  list<string>  $args */
function probe(array $args): int
{
    [$words, $options] = words($args, ['goal', 'place', 'spot', 'out', 'follow']);
    $goal = choice($options, 'goal', ['needed', 'all']);
    $path = $words[0] ?? throw new Misused('glow probe takes a build or a table of readings ending in .csv.');
    $table = pathinfo($path, PATHINFO_EXTENSION) === 'csv';
    if (! $table && (isset($options['place']) || isset($options['spot']))) {
        throw new Misused('--place and --spot go with a table of readings; a build says its own.');
    }
    $document = $table
        ? ProbingCommand::around(
            source($path),
            choice($options, 'place', ['other', ...array_values(array_diff(FormatOne::PLACES, ['other']))]),
            choice($options, 'spot', ['other', 'lamp', 'loom', 'panel', 'relay', 'driver']),
        )
        : Document::fromJson(source($path));
    if (isset($options['follow'])) {
        if ($options['follow'] !== '-') {
            throw new Misused('--follow takes -, readings on standard input.');
        }
        while (($line = fgets(STDIN)) !== false) {
            if (trim($line) === '') {
                continue;
            }
            [$document, $wrong] = ProbingCommand::with($document, $line);
            answer($wrong === '' ? ProbingCommand::of($document, $goal) : ['refused' => ucfirst($wrong)]);
        }

        return 0;
    }
    $written = isset($options['out'])
        ? ['written' => laid($options['out'], ProbingCommand::names($document, $goal), 'the names')]
        : [];
    answer([...$written, ...ProbingCommand::of($document, $goal)]);

    return 0;
}

/** @param  list<string>  $args */
function host(array $args): int
{
    $reveal = in_array('--reveal', $args, true);
    [$words, $options] = words(array_values(array_diff($args, ['--reveal'])), [
        'seed',
        'place',
        'spot',
        'difficulty',
        'out',
        'measure',
    ]);
    if ($words !== []) {
        throw new Misused("glow host takes no file; there is '{$words[0]}'.");
    }
    $seed = $options['seed'] ?? '1';
    if (preg_match('/^\d{1,9}$/', $seed) !== 1) {
        throw new Misused("--seed takes a whole number, not '{$seed}'.");
    }
    $host = Hosting::draw(
        (int) $seed,
        $options['place'] ?? 'boat',
        $options['spot'] ?? 'loom',
        $options['difficulty'] ?? 'plain',
    );
    if (isset($options['measure'])) {
        if ($options['measure'] !== '-') {
            throw new Misused('--measure takes -, requests on standard input.');
        }
        $instrument = new Instrument($host);
        while (($line = fgets(STDIN)) !== false) {
            if (trim($line) !== '') {
                answer(Hosting::measure($host, $instrument, $line));
            }
        }

        return 0;
    }
    $written = isset($options['out']) ? ['written' => built($options['out'], $host->document)] : [];
    $wires = array_map(
        fn ($w): array => ['id' => $w->text('id'), 'colour' => $w->text('colour'), 'tracer' => $w->textOrNull('tracer')],
        $host->document->fields()->object('probe')->objects('wires'),
    );
    answer([...$written, 'title' => $host->document->title(), 'wires' => $reveal ? $host->revealed() : $wires]);

    return 0;
}

/** @param  list<string>  $args */
function layout(array $args): int
{
    [$words, $options] = words($args, ['id', 'side', 'paper', 'out']);
    $layouts = new Layouts(
        Document::fromJson(source($words[0] ?? null)),
        $options['id'] ?? null,
        choice($options, 'side', ['front', 'back']) === 'back',
        choice($options, 'paper', ['a4', 'letter']),
    );
    $written = [];
    if (isset($options['out'])) {
        $kind = pathinfo($options['out'], PATHINFO_EXTENSION);
        if (! in_array($kind, ['pdf', 'svg', 'csv'], true)) {
            throw new Misused("--out takes a file ending in .pdf, .svg or .csv, not '{$options['out']}'.");
        }
        $written = ['written' => laid($options['out'], ...$layouts->out($kind))];
    }
    $all = $layouts->toArray();
    answer([...$written, ...$all]);

    return in_array('danger', array_column($all['findings'], 'severity'), true) ? 1 : 0;
}

/** @param  list<string>  $args */
function harness(array $args): int
{
    [$words, $options] = words($args, ['paper', 'out', 'labels']);
    $harness = new Harnessing(
        Document::fromJson(source($words[0] ?? null)),
        choice($options, 'paper', ['a4', 'letter']),
    );
    $written = [];
    if (isset($options['out'])) {
        $kind = pathinfo($options['out'], PATHINFO_EXTENSION);
        if (! in_array($kind, ['csv', 'svg', 'pdf'], true)) {
            throw new Misused("--out takes a file ending in .csv, .svg or .pdf, not '{$options['out']}'.");
        }
        $written['written'] = laid($options['out'], ...$harness->out($kind));
    }
    if (isset($options['labels'])) {
        if (pathinfo($options['labels'], PATHINFO_EXTENSION) !== 'pdf') {
            throw new Misused("--labels takes a file ending in .pdf, not '{$options['labels']}'.");
        }
        $written['labels'] = laid($options['labels'], ...$harness->labels());
    }
    answer([...$written, ...$harness->toArray()]);

    return $harness->isDangerous() ? 1 : 0;
}

/** @param  list<string>  $args */
function cuts(array $args): int
{
    [$words, $options] = words($args, ['stock', 'today', 'out']);
    $today = $options['today'] ?? date('Y-m-d');
    if (preg_match('/^\d{4}-\d{2}-\d{2}$/', $today) !== 1 || strtotime($today) === false) {
        throw new Misused("--today takes a day as 2026-05-02, not '{$today}'.");
    }
    $documents = array_map(
        fn (?string $path): Document => Document::fromJson(source($path)),
        $words === [] ? [null] : $words,
    );
    $cutting = new Cutting(
        $documents,
        isset($options['stock']) ? Cutting::stock(source($options['stock'])) : [],
        $today,
    );
    $written = [];
    if (isset($options['out'])) {
        if (pathinfo($options['out'], PATHINFO_EXTENSION) !== 'csv') {
            throw new Misused("--out takes a file ending in .csv, not '{$options['out']}'.");
        }
        $written = ['written' => laid($options['out'], $cutting->csv(), 'the cuts')];
    }
    answer([...$written, ...$cutting->toArray()]);

    return 0;
}

/** @param  list<string>  $args */
function steps(array $args): int
{
    [$words, $options] = words($args, ['choose', 'people', 'at', 'times', 'compare', 'out', 'paper'], ['compare']);
    $people = $options['people'] ?? null;
    if ($people !== null && ! in_array($people, ['1', '2', '3', '4'], true)) {
        throw new Misused("--people takes 1 to 4, not '{$people}'.");
    }
    $at = $options['at'] ?? null;
    if ($at !== null && preg_match('#'.WorkFields::MOMENT.'#', $at) !== 1) {
        throw new Misused("--at takes a time as 2026-06-01T18:00, not '{$at}'.");
    }
    $stepping = new Stepping(
        Document::fromJson(source($words[0] ?? null)),
        Stepping::chosen($options['choose'] ?? ''),
        $people === null ? null : (int) $people,
        $at,
        isset($options['times']) ? Stepping::times(source($options['times'])) : null,
    );
    $written = [];
    if (isset($options['out'])) {
        $kind = pathinfo($options['out'], PATHINFO_EXTENSION);
        if (! in_array($kind, ['csv', 'pdf'], true)) {
            throw new Misused("--out takes a file ending in .csv or .pdf, not '{$options['out']}'.");
        }
        $written['written'] = laid(
            $options['out'],
            ...$stepping->out($kind, choice($options, 'paper', ['a4', 'letter'])),
        );
    }
    answer([...$written, ...$stepping->toArray(isset($options['compare']))]);

    return $stepping->isDangerous() ? 1 : 0;
}

/** @param  list<string>  $args */
function ledger(array $args): int
{
    [$words, $options] = words($args, ['out', 'paper']);
    $stepping = new Stepping(Document::fromJson(source($words[0] ?? null)));
    $written = [];
    if (isset($options['out'])) {
        if (pathinfo($options['out'], PATHINFO_EXTENSION) !== 'pdf') {
            throw new Misused("--out takes a file ending in .pdf, not '{$options['out']}'.");
        }
        $written['written'] = laid($options['out'], ...$stepping->tray(choice($options, 'paper', ['a4', 'letter'])));
    }
    answer([...$written, 'closing' => $stepping->closing()]);

    return 0;
}

/** @param  list<string>  $args */
function gates(array $args): int
{
    [$words, $options] = words($args, ['circuit', 'supply-v', 'out']);
    $volts = $options['supply-v'] ?? null;
    if ($volts !== null && ! is_numeric($volts)) {
        throw new Misused("--supply-v takes the volts of the bank, not '{$volts}'.");
    }
    $gating = new Gating(
        Document::fromJson(source($words[0] ?? null)),
        $options['circuit'] ?? null,
        $volts === null ? null : (float) $volts,
    );
    $written = [];
    if (isset($options['out'])) {
        if (pathinfo($options['out'], PATHINFO_EXTENSION) !== 'csv') {
            throw new Misused("--out takes a file ending in .csv, not '{$options['out']}'.");
        }
        $written['written'] = laid($options['out'], $gating->csv(), 'what is to be proven');
    }
    answer([...$written, ...$gating->toArray()]);

    return $gating->fails() ? 1 : 0;
}

/**
 * Fault tables of earlier calls, in the system's folder for temporary files: by the wiring, the circuit and the age of the code.
 * What can't be read or written is made again.
 *
 * @return array{Closure(string): (FaultRows|null), Closure(string, FaultRows): void}
 */
function kept_faults(Document $document): array
{
    $times = array_map(filemtime(...), glob(__DIR__.'/../core/*/*.php') ?: []);
    $own = function_exists('posix_geteuid') ? (string) posix_geteuid() : 'x';
    $path = fn (string $circuit): string => sys_get_temp_dir().
        '/bench-glow-faults-'.
        hash('sha256', implode(' ', [$own, $document->wiringHash(), $circuit, max([0, ...$times]), count($times)]));
    $classes = ['allowed_classes' => [FaultRows::class, Seen::class, EmitterState::class]];

    return [
        function (string $circuit) use ($path, $classes, $own): ?FaultRows {
            $file = $path($circuit);
            // Only what this user wrote is read.
            $mine = is_file($file) && ($own === 'x' || (string) fileowner($file) === $own);
            $kept = $mine ? @unserialize((string) @gzuncompress((string) @file_get_contents($file)), $classes) : null;

            return $kept instanceof FaultRows ? $kept : null;
        },
        function (string $circuit, FaultRows $rows) use ($path): void {
            $draft = @tempnam(sys_get_temp_dir(), 'bench-glow-');
            if ($draft !== false && @file_put_contents($draft, gzcompress(serialize($rows), 1)) !== false) {
                @rename($draft, $path($circuit));
            }
        },
    ];
}

/** @param  list<string>  $args */
function fault(array $args): int
{
    [$words] = words($args, []);
    if (! isset($words[1])) {
        throw new Misused(
            'fault needs a build and what was seen: bin/glow fault BUILD SEEN.json, or - for standard input.',
        );
    }
    $document = Document::fromJson(source($words[0]));
    $faulting = new Faulting($document, ...kept_faults($document));
    answer($faulting->hunt(source($words[1])));

    return 0;
}

/** @param  list<string>  $args */
function plant(array $args): int
{
    [$words, $options] = words($args, ['fault', 'seed', 'out']);
    $seed = $options['seed'] ?? null;
    if (isset($options['fault']) === ($seed !== null)) {
        throw new Misused('plant needs --fault KEY or --seed N, one of the two.');
    }
    if ($seed !== null && ! ctype_digit($seed)) {
        throw new Misused("--seed takes a whole number, not '{$seed}'.");
    }
    $faulting = new Faulting(Document::fromJson(source($words[0] ?? null)));
    $planted = $faulting->plant($options['fault'] ?? null, $seed === null ? null : (int) $seed);
    $written = [];
    if (isset($options['out'])) {
        $json = json_encode($planted['build'], JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR)."\n";
        $written['written'] = laid($options['out'], $json, 'the build with its fault');
    }
    answer([...$written, ...$planted]);

    return 0;
}

/** @param  list<string>  $args */
function run(array $args): int
{
    $tool = array_shift($args) ?? '';
    if ($tool === 'schema') {
        echo json_encode(
            JsonSchema::of(FormatOne::shape()),
            JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
        ),
        "\n";

        return 0;
    }
    if ($tool === 'size') {
        $what = array_shift($args) ?? '';
        [$words] = words($args, []);
        if (! in_array($what, ['series', 'strip', 'wire', 'panel'], true)) {
            throw new Misused(
                "glow size takes series, strip, wire or panel, not '{$what}'.".
                    BadBuild::nearMiss($what, ['series', 'strip', 'wire', 'panel']),
            );
        }
        $text = source($words[0] ?? null);
        answer(
            match ($what) {
                'series' => SizeSeries::run($text),
                'strip' => SizeStrip::run($text),
                'wire' => SizeWire::run($text),
                'panel' => SizePanel::run($text),
            },
        );

        return 0;
    }
    if (in_array($tool, ['compose', 'edit', 'offers'], true)) {
        return match ($tool) {
            'compose' => compose($args),
            'edit' => edit($args),
            default => offers($args),
        };
    }
    if (in_array($tool, ['layout', 'harness', 'cuts', 'steps', 'ledger'], true)) {
        return match ($tool) {
            'steps' => steps($args),
            'ledger' => ledger($args),
            'layout' => layout($args),
            'harness' => harness($args),
            default => cuts($args),
        };
    }
    if (in_array($tool, ['gates', 'fault', 'plant'], true)) {
        return match ($tool) {
            'gates' => gates($args),
            'fault' => fault($args),
            default => plant($args),
        };
    }
    if (in_array($tool, ['cost', 'sheet', 'verify', 'compare', 'archive', 'unarchive', 'failures'], true)) {
        require_once __DIR__.'/handing.php';

        return handing($tool, $args);
    }
    if ($tool === 'probe' || $tool === 'host') {
        return $tool === 'probe' ? probe($args) : host($args);
    }
    if ($tool === 'story') {
        [$words, $options] = words($args, ['story', 'out', 'mark']);
        $document = Document::fromJson(source($words[0] ?? null));
        $written = [];
        if (isset($options['out'])) {
            $path = $options['out'];
            $text =
                pathinfo($path, PATHINFO_EXTENSION) === 'csv'
                    ? mark($options).Stories::csv($document, $options['story'] ?? null)
                    : throw new Misused("--out takes a file ending in .csv (the course of every idea), not '{$path}'.");
            if (
                ! is_dir(dirname($path)) ||
                (file_exists($path) && ! is_writable($path)) ||
                file_put_contents($path, $text) === false
            ) {
                throw new Misused("{$path} can't be written.");
            }
            $written = ['written' => ['path' => $path, 'bytes' => strlen($text), 'what' => 'the course of every idea']];
        }
        answer([...$written, ...Stories::of($document, $options['story'] ?? null)]);

        return 0;
    }
    [$words, $options] = words($args, ['states', 'wire', 'out', 'with', 'supply', 'phase', 'mark']);
    $states = $options['states'] ?? 'worst';
    $wire = $options['wire'] ?? 'mm2';
    if (! in_array($states, ['worst', 'all'], true)) {
        throw new Misused("--states takes worst or all, not '{$states}'.");
    }
    if (! in_array($wire, ['mm2', 'awg'], true)) {
        throw new Misused("--wire takes mm2 or awg, not '{$wire}'.");
    }
    $review = Review::of(Document::fromJson(source($words[0] ?? null)), $wire);
    // Named without a file to write, a state is the one that is shown.
    $shown = null;
    if (isset($options['with']) || isset($options['supply'])) {
        $state = asked($review->analysis, $options);
        $shown = isset($options['out'])
            ? null
            : $review->analysis->scene(...$state) ??
                throw new Misused('--with: this state is one of those that never happen.');
    }
    answer([
        ...isset($options['out']) ? ['written' => written($review->analysis, $options)] : [],
        ...Report::of($review, $states, $shown),
    ]);

    return array_filter($review->open(), fn (Finding $f): bool => $f->severity === Severity::Danger) === [] ? 0 : 1;
}

try {
    exit(run(array_slice($argv, 1)));
} catch (BadBuild|Misused|NotUnderstood $e) {
    $said = $e->getMessage();
    fwrite(STDERR, (($argv[1] ?? '') === 'size' ? preg_replace('/^The build:/', 'The input:', $said) : $said)."\n");
    exit(2);
}
