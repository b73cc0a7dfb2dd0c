<?php

declare(strict_types=1);

use BenchGlow\Build\Device\Devices;
use BenchGlow\Build\Part;
use BenchGlow\Format\Fields;
use Tests\Support\ClassGraph;

arch('the core knows no framework and no application')
    ->expect('BenchGlow')
    ->not->toUse(['Illuminate', 'App']);
arch('rules are final and named so')->expect('BenchGlow\Check')->classes()->toBeFinal();
arch('nothing is dumped')
    ->expect(['BenchGlow', 'App'])
    ->not->toUse(['dd', 'dump', 'var_dump', 'ray', 'print_r', 'die']);
arch('everything is strict')
    ->expect(['BenchGlow', 'App'])
    ->toUseStrictTypes();
arch('no facade in the core')->expect('BenchGlow')->not->toUse('Illuminate\Support\Facades');
arch('no clock and no randomness in the core')
    ->expect('BenchGlow')
    ->not->toUse(['time', 'microtime', 'date', 'rand', 'mt_rand', 'random_int', 'now']);

/** The rooms of the core from the ground up: each uses only rooms before it. */
const ROOMS = [
    'Quantity',
    'Format',
    'Law',
    'Parts',
    'Build',
    'Loom',
    'Harness',
    'Network',
    'Scene',
    'Sizing',
    'Analysis',
    'Ways',
    'Layout',
    'Light',
    'Lists',
    'Probe',
    'Prove',
    'Steps',
    'Edit',
    'Cost',
    'HandOver',
    'Options',
    'Story',
    'Check',
    'Compose',
    'Drawing',
    'AsBuilt',
    'Trial',
    'Command',
];

foreach (ROOMS as $place => $room) {
    $above = array_map(fn (string $r): string => "BenchGlow\\{$r}", array_slice(ROOMS, $place + 1));
    if ($above !== []) {
        arch("{$room} uses no room above it")
            ->expect("BenchGlow\\{$room}")
            ->not->toUse($above);
    }
}

it('names every room of the core in the order', function (): void {
    $rooms = array_map(basename(...), glob(dirname(__DIR__, 2).'/core/*', GLOB_ONLYDIR) ?: []);
    expect($rooms)->toEqualCanonicalizing(ROOMS);
});

it('has circles of classes only where two halves of one thing are', function (): void {
    $graph = ClassGraph::ofCore();
    expect($graph->circles())->toBe([
        // A document is checked whole as it is made: its index, its pins and its references read it, and it asks them.
        'Build\\Document Build\\HandOverReferences Build\\Index Build\\LayoutReferences Build\\LoomReferences Build\\Pins Build\\ProbeReferences Build\\ProofReferences Build\\References Build\\WorkReferences',
        // An option is an edit kept as text: to take it is to read it.
        'Edit\\Edits Edit\\TakeOption',
        // A tail is an abstract sweep whose factory picks the one written for its number of channels.
        'Network\\Tail Network\\TailOfMany Network\\TailOfOne Network\\TailOfThree',
    ]);
    foreach ($graph->rooms() as $room => $named) {
        $below = array_slice(ROOMS, 0, (int) array_search($room, ROOMS, true) + 1);
        expect(array_diff($named, $below))->toBe([], "{$room} names a room above it");
    }
});

it('finds a circle where there is one', function (): void {
    $graph = new ClassGraph([
        'A\\One' => ['B\\Two'],
        'B\\Two' => ['C\\Three'],
        'C\\Three' => ['A\\One', 'D\\Out'],
        'D\\Out' => [],
    ]);
    expect($graph->circles())
        ->toBe(['A\\One B\\Two C\\Three'])
        ->and($graph->rooms()['C'])
        ->toBe(['A', 'D']);
});

it('asks the class of a thing, not the word for its kind', function (): void {
    $root = dirname(__DIR__, 2);
    exec(
        'git -C '.
            escapeshellarg($root).
            ' grep -nE '.
            escapeshellarg("text\\('kind'[^)]*\\) (===|!==)").
            ' -- core app resources',
        $found,
    );
    // Fields::isA is the one place where the word is compared, for what reads documents before they are typed.
    expect(
        array_values(array_filter($found, fn (string $l): bool => ! str_contains($l, 'core/Format/Fields.php'))),
    )->toBe([]);
});

it('has one class per kind of device, each on the list, each with pins and a symbol', function (): void {
    $files = array_map(
        fn (string $f): string => basename($f, '.php'),
        glob(dirname(__DIR__, 2).'/core/Build/Device/*Device.php') ?: [],
    );
    $listed = array_map(fn (string $c): string => substr((string) strrchr($c, '\\'), 1), array_values(Devices::KINDS));
    expect(array_values(array_diff($files, ['Device'])))->toEqualCanonicalizing($listed);
    foreach (Devices::KINDS as $kind => $class) {
        $device = Devices::of(new Fields(['id' => 'x', 'kind' => $kind]), Part::none());
        expect($device)
            ->toBeInstanceOf($class)
            ->and($device->kind())
            ->toBe($kind)
            ->and($device->symbol())
            ->not->toBe('');
    }
});
