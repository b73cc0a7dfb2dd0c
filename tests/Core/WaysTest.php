<?php

declare(strict_types=1);

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Document;
use BenchGlow\Check\Review;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\AddItem;
use BenchGlow\Edit\AddLight;
use BenchGlow\Edit\Editor;
use BenchGlow\Edit\RemoveItem;
use BenchGlow\Edit\UsePart;
use BenchGlow\Edit\UseWay;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Parts\Catalogue;
use BenchGlow\Ways\Recognise;
use BenchGlow\Ways\Ways;
use Tests\Support\Make;

/** A circuit that a way suits: one strip, two, a lamp of two functions, colour strips. */
function suited(string $way): Document
{
    $one = fn (): Document => Make::circuit(
        Make::bare(),
        'Shelf',
        'strip_warm_12_48',
        ['kind' => 'strip', 'wanted_m' => 0.8],
        1.5,
    );
    $more = fn (Document $d, string $part, array $light): Document => Make::edited(
        $d,
        new AddLight(
            'shelf',
            new Fields(['label' => 'Second', ...$light]),
            Catalogue::part($part) ?? new Fields([]),
            'bank',
        ),
    );

    return match ($way) {
        'change_over', 'low_high_runs', 'trunk' => $more($one(), 'strip_warm_12_48', [
            'kind' => 'strip',
            'wanted_m' => 0.6,
        ]),
        'functions' => Make::circuit(Make::bare(), 'Shelf', 'tail_two_level', ['kind' => 'module'], 1.5),
        'colour' => Make::circuit(
            Make::bare(),
            'Shelf',
            'strip_rgb_12_144',
            ['kind' => 'strip', 'wanted_m' => 0.6],
            1.5,
        ),
        'colour_amplifier' => $more(
            Make::circuit(Make::bare(), 'Shelf', 'strip_rgb_12_144', ['kind' => 'strip', 'wanted_m' => 0.6], 1.5),
            'strip_rgb_12_144',
            ['kind' => 'strip', 'wanted_m' => 0.6],
        ),
        default => $one(),
    };
}

it('applies every way, is met by it, and knows it again', function (string $way): void {
    $document = Editor::apply(suited($way), new UseWay('shelf', $way));
    $a = Analysis::of($document);
    $found = Recognise::of($document, 'shelf');
    // A hand switch is a hand switch: its own lamp is a finer choice of the same way where its return is wired.
    expect($found['way'] ?? null)
        ->toBe(in_array($way, ['repeater'], true) ? 'host_wire' : $way)
        ->and($a->intents['shelf']->verdict)
        ->toBe(
            'met',
            json_encode(array_map(fn ($m) => $m->toArray(), array_slice($a->intents['shelf']->mismatches, 0, 2))),
        )
        ->and(array_filter(Review::reviewed($a)->open(), fn ($f): bool => $f->severity === Severity::Danger))
        ->toBe([]);
    $lit = array_filter(
        $a->scenes(),
        fn ($s): bool => array_filter(
            $s->lit->lights,
            fn ($l): bool => array_filter($l, fn ($e): bool => $e->greatest() > 0.05) !== [],
        ) !== [],
    );
    expect($lit)->not->toBe([]);
    // Applied again with what was recognised, nothing is added.
    $again = Editor::apply($document, new UseWay('shelf', ...$found ?? []));
    expect(Recognise::of($again, 'shelf'))
        ->toBe($found)
        ->and(count($again->fields()->objects('inputs')))
        ->toBe(count($document->fields()->objects('inputs')))
        ->and(count($again->fields()->objects('devices')))
        ->toBe(count($document->fields()->objects('devices')));
})->with(array_keys(Ways::ALL));

it('keeps the lights, the length of the lead and what has been said', function (): void {
    $said = Make::edited(
        suited('hand'),
        new AddItem('inputs', new Fields(['id' => 'dusk', 'kind' => 'dusk'])),
        Make::set('shelf_light_want', 'when', ['input' => 'dusk']),
    );
    $document = Editor::apply($said, new UseWay('shelf', 'hand'));
    $fields = $document->fields();
    $feed = array_values(
        array_filter($fields->objects('leads'), fn ($l): bool => str_starts_with($l->text('label'), 'Feed')),
    );
    expect($fields->objects('lights'))
        ->toEqual($said->fields()->objects('lights'))
        ->and($feed[0]->number('length_m'))
        ->toBe(1.5)
        ->and($fields->objects('circuits')[0]->objects('wants')[0]->object('when')->data)
        ->toBe(['input' => 'dusk'])
        ->and(Analysis::of($document)->intents['shelf']->verdict)
        ->toBe('not_met');
    $told = Editor::apply($said, new UseWay('shelf', 'hand', say: true));
    expect(Analysis::of($told)->intents['shelf']->verdict)->toBe('met');
});

it('leaves finer choices open: another relay, another diode, a plug, and still knows the way', function (): void {
    $relay = Editor::apply(suited('relay_positive'), new UseWay('shelf', 'relay_positive'));
    $k = array_values(
        array_filter($relay->fields()->objects('devices'), fn ($d): bool => $d->text('kind') === 'relay'),
    )[0]->text('id');
    $five = Editor::apply($relay, new UsePart($k, Catalogue::part('relay_5_12_diode') ?? new Fields([])));
    expect(Recognise::of($five, 'shelf')['way'] ?? null)
        ->toBe('relay_positive')
        ->and(Analysis::of($five)->intents['shelf']->verdict)
        ->toBe('met');
    $hand = Editor::apply(suited('hand'), new UseWay('shelf', 'hand'));
    $s = array_values(
        array_filter($hand->fields()->objects('devices'), fn ($d): bool => $d->text('kind') === 'switch'),
    )[0]->text('id');
    $reed = Editor::apply($hand, new UsePart($s, Catalogue::part('reed_no') ?? new Fields([])));
    expect(Recognise::of($reed, 'shelf')['way'] ?? null)
        ->toBe('hand')
        ->and(Analysis::of($reed)->intents['shelf']->verdict)
        ->toBe('met')
        ->and($reed->fields()->objects('devices')[0]->object('at')->data)
        ->toBe(['near' => ['input' => 'shelf_rocker']]);
});

it('says why a way does not suit', function (string $way, callable $build, string $why): void {
    expect(fn () => Editor::apply($build(), new UseWay('shelf', $way)))->toThrow(BadBuild::class, $why);
})->with([
    ['change_over', fn () => suited('hand'), 'it changes over between two lights; this circuit has one.'],
    ['colour', fn () => suited('hand'), 'it drives colour strips; this circuit has another light.'],
    ['functions', fn () => suited('hand'), 'its lamp has one function only.'],
    ['sideways', fn () => suited('hand'), 'there is no way called `sideways`.'],
    [
        'hand',
        fn () => Make::edited(suited('hand'), new RemoveItem('shelf_light')),
        'a circuit without a light has nothing to switch.',
    ],
]);

it('takes the host wire it is told, if its side suits', function (): void {
    $wired = Editor::apply(suited('host_wire'), new UseWay('shelf', 'host_wire'));
    expect(fn () => Editor::apply($wired, new UseWay('shelf', 'relay_ground', ['courtesy_wire'])))->toThrow(
        BadBuild::class,
        '`courtesy_wire` is switched on the positive side; this way needs the other.',
    );
    $relay = Editor::apply($wired, new UseWay('shelf', 'relay_positive', ['courtesy_wire']));
    expect(count($relay->fields()->object('host')->objects('wires')))->toBe(1);
});

it('knows the ways of the examples', function (string $file, ?string $way): void {
    $document = Document::fromJson((string) file_get_contents(__DIR__."/../../examples/{$file}.glow.json"));
    expect(Recognise::of($document, array_key_first(Analysis::of($document)->build->circuits))['way'] ?? null)->toBe(
        $way,
    );
})->with([
    ['heron', 'straight'],
    ['j04-interior-lamp', 'relay_positive'],
    ['j05-cool-box-lid', null],
    ['j06-brake-lamp', 'hand'],
    ['j10-lid-and-master', 'lid_master'],
    ['j20-step-of-two-doors', 'either'],
    ['j13-over-the-hatch', 'fuse_tap'],
    ['j08-bar-lamp', null],
]);
