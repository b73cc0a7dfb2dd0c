<?php

declare(strict_types=1);

use BenchGlow\Build\Build;
use BenchGlow\Build\Document;
use BenchGlow\Command\Hosting;
use BenchGlow\Command\ProbingCommand;
use BenchGlow\Edit\AddItem;
use BenchGlow\Edit\NameWire;
use BenchGlow\Format\Fields;
use BenchGlow\Harness\Bodies;
use BenchGlow\Harness\Harness;
use BenchGlow\Harness\LeadWire;
use BenchGlow\Probe\Catalogue;
use BenchGlow\Probe\Condition;
use BenchGlow\Probe\Csv;
use BenchGlow\Probe\Evidence;
use BenchGlow\Probe\Host\Dice;
use BenchGlow\Probe\Host\Generator;
use BenchGlow\Probe\Host\Host;
use BenchGlow\Probe\Host\Instrument;
use BenchGlow\Probe\Host\Round;
use BenchGlow\Probe\Host\Truth;
use BenchGlow\Probe\Reading;
use BenchGlow\Probe\Tables;
use BenchGlow\Quantity\NotUnderstood;
use BenchGlow\Scene\Scenes;
use Tests\Support\Make;

/** A host of exactly these wires. @param  list<Truth>  $truths */
function hostOf(array $truths, string $place = 'other'): Host
{
    return new Host(Generator::draw(3, $place, 'loom')->document, $truths, 3, 'plain', 12.6);
}

function wireOf(string $function, float $size = 0.5, float $turn = 0.9, array $faults = [], int $variant = 0): Truth
{
    $is = Tables::function($function);

    return new Truth($is, $is->hypotheses[$variant], $faults, $size, $turn);
}

/** Volts or the word, without noise worth speaking of. */
function measured(
    Host $host,
    string $wire,
    array $with = [],
    string $tool = 'meter',
    string $to = 'ground',
    bool $on = true,
): float|string {
    $answer = (new Instrument($host))->measure($wire, $with, $tool, $to, $on);

    return $answer['word'] ?? (float) $answer['value'];
}

it('draws the same host for the same number, of any place and spot, and tells nothing', function (): void {
    foreach (['boat', 'road_vehicle', 'cycle', 'stall', 'cabinet', 'other'] as $n => $place) {
        foreach (Generator::SPOTS as $m => $spot) {
            $host = Generator::draw(10 * $n + $m, $place, $spot, Generator::DIFFICULTIES[($n + $m) % 3]);
            $again = Generator::draw(10 * $n + $m, $place, $spot, Generator::DIFFICULTIES[($n + $m) % 3]);
            expect($again->document->json)
                ->toBe($host->document->json)
                ->and($again->revealed())
                ->toBe($host->revealed());
            expect($host->truths)->not->toBe([]);
            foreach ($host->truths as $truth) {
                expect(Tables::isThere($truth->function->id, $place))->toBeTrue();
            }
            $told = json_encode($host->document->fields()->object('probe')->data);
            foreach (['named', 'became', 'function', 'host.wires'] as $word) {
                expect($told)->not->toContain("\"{$word}\"");
            }
            expect($host->document->fields()->object('host')->objects('wires'))->toBe([]);
        }
    }
});

it('answers by the circuit: what is live, pulled up, at ground, beside another', function (): void {
    $host = hostOf([
        wireOf('constant'),
        wireOf('running'),
        wireOf('courtesy_ground'),
        wireOf('load_control_ground'),
        wireOf('ground'),
        wireOf('sensor', variant: 1),
    ]);
    expect(measured($host, 'p1'))->toEqualWithDelta(12.6, 0.15);
    expect(measured($host, 'p2'))->toEqualWithDelta(0.0, 0.15);
    expect(measured($host, 'p2', ['running' => 'on']))->toEqualWithDelta(12.6, 0.2);
    // Through its own lamp an idle wire shows the bank's volts, and lights a test lamp brightly.
    expect(measured($host, 'p3'))
        ->toEqualWithDelta(12.6, 0.15)
        ->and(measured($host, 'p3', [], 'test_lamp'))
        ->toBe('bright');
    expect(measured($host, 'p3', ['door' => 'open']))->toEqualWithDelta(0.0, 0.15);
    // Through a coil: the meter sees the bank, the lamp of 48 ohm only its share of it.
    expect(measured($host, 'p4'))
        ->toEqualWithDelta(12.6, 0.15)
        ->and(measured($host, 'p4', [], 'test_lamp'))
        ->toBe('dim');
    expect(measured($host, 'p5', [], 'meter', 'plus'))->toEqualWithDelta(12.6, 0.15);
    expect(measured($host, 'p5', [], 'meter', 'ground', false))->toBeLessThan(1.0);
    expect(measured($host, 'p6'))->toEqualWithDelta(5.0, 0.2);
});

it('solves what can be solved by hand to one per cent', function (): void {
    $wiring = new BenchGlow\Probe\Host\Wiring(hostOf([wireOf('unused', 0.5, 0.9), wireOf('load_control_ground')]));
    // A wire to nothing, 48 MΩ beside a live one and 300 MΩ off ground, with 10 MΩ of meter on it.
    $meter = 1.0 / (1.0 / 1e7 + 1.0 / 3e8);
    $phantom = (float) $wiring->solve('p1', 'bank.minus', [], 'meter')->lit->amps['tool.r'] * 1e7;
    expect($phantom)->toEqualWithDelta((12.6 * $meter) / (3e7 * 1.6 + $meter), 0.01 * 2.15);
    // A lamp of 48 ohm behind a coil of 1.7 W at 12 V.
    $coil = (12.0 * 12.0) / 1.7;
    $lamp = (float) $wiring->solve('p2', 'bank.minus', [], 'test_lamp')->lit->amps['tool.r'] * 48.0;
    expect($lamp)->toEqualWithDelta((12.6 * 48.0) / (48.0 + $coil + 0.02), 0.01 * 4.56);
});

it(
    'shows a corroded ground only while current runs, a dirty feed only under its load, a blown fuse never',
    function (): void {
        $host = hostOf([
            wireOf('ground', 0.6, 0.5, ['dirty']),
            wireOf('running', 0.9),
            wireOf('brake', 0.5, 0.9, ['lossy']),
            wireOf('auxiliary', 0.5, 0.9, ['blown']),
        ]);
        expect(measured($host, 'p1'))->toBeLessThan(0.1);
        expect(measured($host, 'p1', ['running' => 'on']))->toBeGreaterThan(0.3);
        expect(measured($host, 'p3', ['brake' => 'on']))->toBeLessThan(12.0)->toBeGreaterThan(9.0);
        expect(measured($host, 'p4', ['fog' => 'on']))->toEqualWithDelta(0.0, 0.15);
        expect(measured(hostOf([wireOf('reverse', 0.5, 0.9, ['stuck'])]), 'p1'))->toEqualWithDelta(12.6, 0.2);
    },
);

it('flashes, wanders and dims as a meter shows it', function (): void {
    $host = hostOf([wireOf('turn_left'), wireOf('unused', 0.5, 0.1), wireOf('dimmer_channel')]);
    expect(measured($host, 'p1', ['turn' => 'left', 'key' => 'run']))
        ->toBe('pulsing')
        ->and(measured($host, 'p1', ['turn' => 'right', 'key' => 'run']))
        ->toEqualWithDelta(0.0, 0.15);
    expect(measured($host, 'p2'))->toBe('wandering');
});

it('names wires of worn hosts by its own tests: none wrong of those that are sure', function (): void {
    $sure = $wires = $wrong = $readings = 0;
    foreach (
        [['boat', 'lamp'], ['road_vehicle', 'lamp'], ['cycle', 'lamp'], ['other', 'panel']] as $n => [$place, $spot]
    ) {
        $host = Generator::draw(100 + $n, $place, $spot, 'worn');
        $round = Round::play($host, 'all');
        $score = $round->against($host);
        [$sure, $wires, $wrong] = [$sure + $score['sure'], $wires + $score['wires'], $wrong + $score['wrong']];
        $readings += count($round->readings);
    }
    expect($wrong)
        ->toBe(0)
        ->and($sure / $wires)
        ->toBeGreaterThan(0.7)
        ->and($readings / $wires)
        ->toBeLessThan(8.0);
});

it('is right as often as it says: of names that are sure on 300 hosts 99 in 100 at least', function (): void {
    $inputs = array_map(
        fn (string $k): array => ['id' => $k, 'label' => $k, 'kind' => $k, 'positions' => Tables::input($k)[1]],
        ['key', 'running', 'brake', 'turn', 'hazard', 'door', 'load', 'reverse', 'fog'],
    );
    $build = Build::of(Document::fromEdited([...Make::bare()->data, 'place' => 'road_vehicle', 'inputs' => $inputs]));
    $all = new Catalogue('road_vehicle', array_column($inputs, 'kind'));
    $conditions = [Condition::of($build->inputs, [])];
    foreach ($build->inputs as $id => $input) {
        foreach (array_slice($input->positions, 1) as $position) {
            $conditions[] = Condition::of($build->inputs, [$id => $position]);
            $conditions[] = Condition::of($build->inputs, [$id => $position, 'key' => 'run']);
        }
    }
    $sure = $right = 0;
    // Four wires of each.
    for ($host = 0; $host < 1200; $host++) {
        $dice = new Dice("calibration {$host}");
        $wire = BenchGlow\Probe\Wire::of(new Fields(['id' => 'p1']), $dice->one(['lamp', 'loom', 'panel']));
        $prior = $all->prior($wire);
        $truth = (int) $dice->weighted($prior);
        $before = $readings = [];
        for ($n = 0; $n < 16; $n++) {
            $condition = $dice->one($conditions);
            $name = $dice->one(['volts', 'plus', 'ohms', 'lamp']);
            $test = Tables::tests()[$name];
            $state = $all->hypotheses[$truth]->state($condition);
            // What it said once it mostly says again; one time in a hundred the tip is elsewhere.
            $said = $before[$name][$state] ?? (int) $dice->weighted($test->states[$state]);
            $before[$name][$state] = $said;
            $o = $dice->chance(Tables::slip()) ? (int) $dice->weighted($test->often) : $said;
            $class = $test->classes[$o];
            $readings[] = [
                Reading::of(
                    new Fields([
                        'id' => "r{$n}",
                        'wire' => 'p1',
                        'to' => $name === 'plus' ? 'plus' : 'ground',
                        'kind' => $name === 'plus' ? 'volts' : $name,
                        'instrument' => $name === 'lamp' ? 'test_lamp' : 'meter',
                        'powered' => $name !== 'ohms',
                        'value' => 0,
                    ]),
                ),
                $class,
                $condition,
            ];
        }
        $functions = BenchGlow\Probe\Bundle::names(Evidence::of($all, $prior, $readings)->functions());
        $named = (string) array_key_first($functions);
        if ($functions[$named] >= 0.99) {
            $sure++;
            $right += (int) ($named === $all->of[$truth]->name);
        }
    }
    expect($sure)
        ->toBeGreaterThan(100)
        ->and($right / $sure)
        ->toBeGreaterThanOrEqual(0.99);
});

it('gives a build the volts the host has, once a wire is named', function (): void {
    $host = hostOf([wireOf('running', 0.5), wireOf('ground')]);
    $document = Make::edited(
        $host->document,
        new NameWire('p1', 'running'),
        new AddItem(
            'leads',
            new Fields([
                'id' => 'probe_lead',
                'cores' => [['running_wire', null]],
                'length_m' => 0.2,
            ]),
        ),
    );
    $build = Build::of($document);
    $scenes = new Scenes(
        $build,
        Harness::of($build),
        Bodies::of($build),
        array_map(fn ($l): LeadWire => LeadWire::of($build, $l, null)->thickenedTo(1.0), $build->leads),
    );
    foreach ([[], ['running' => 'on']] as $with) {
        $volts = (float) $scenes->one($with, 'nominal')->lit->between('running_wire', 'bank.minus');
        expect($volts)->toEqualWithDelta(measured($host, 'p1', $with), 0.2);
    }
});

// ---- the command line ----------------------------------------------------------------------------------------------------

it('answers a request a line, and refuses a bad one in words', function (array|string $request, string $says): void {
    $host = Generator::draw(4, 'boat', 'loom');
    $answer = Hosting::measure(
        $host,
        new Instrument($host),
        is_string($request) ? $request : (string) json_encode($request),
    );
    expect($answer['refused'] ?? json_encode($answer))->toContain($says);
})->with([
    [['wire' => 'p1'], '"kind":"volts"'],
    [['wire' => 'p1', 'powered' => false], '"kind":"ohms"'],
    [['wire' => 'p1', 'instrument' => 'test_lamp'], '"kind":"lamp"'],
    [['wire' => 'p99'], 'There is no wire'],
    ['xx', 'A request is one JSON object'],
    [['wire' => 'p1', 'kind' => 'ohms'], 'needs the power off'],
    [['wire' => 'p1', 'with' => ['brkae' => 'on']], 'The host has no input'],
    [['wire' => 'p1', 'with' => ['key' => 'up']], 'is off, accessory, run'],
    [['wire' => 'p1', 'wrie' => 1], 'has no `wrie`'],
    [['wire' => 'p1', 'instrument' => 'hammer'], 'Instrument is one of'],
]);

it('says everything of a build as one document, best test first', function (): void {
    $said = ProbingCommand::of(Make::file('heron.glow.json'), 'all');
    expect(array_keys($said))->toBe(['wires', 'needs', 'next', 'conflicts', 'ways', 'donors', 'missing']);
    expect($said['wires'])->toHaveCount(6)->and($said['next'])->not->toBe([])->and($said['conflicts'])->not->toBe([]);
    foreach ($said['next'] as $next) {
        expect(array_keys($next))->toContain('wire', 'with', 'instrument', 'to', 'gain', 'seconds', 'why');
    }
    [$after, $wrong] = ProbingCommand::with(
        Make::file('heron.glow.json'),
        '{"wire":"p4","value":12.4,"with":{"deck_lamp":"on"}}',
    );
    expect($wrong)->toBe('')->and(count($after->fields()->object('probe')->objects('readings')))->toBeGreaterThan(17);
    [$same, $wrong] = ProbingCommand::with($after, '{"wire":"p4"}');
    expect($same)->toBe($after)->and($wrong)->toContain('neither a value nor a word');
});

// ---- tables ----------------------------------------------------------------------------------------------------------------

it('takes a table out and in again without a loss', function (): void {
    foreach (['heron', 'coffee-trike', 'mineral-cabinet'] as $name) {
        $document = Make::file("{$name}.glow.json");
        $text = Csv::write($document->fields());
        $read = Csv::read($text);
        $probe = $document->fields()->object('probe');
        $own = array_filter($probe->objects('readings'), fn (Fields $r): bool => $r->has('wire'));
        expect($read['wires'])
            ->toHaveCount(count($probe->objects('wires')))
            ->and($read['readings'])
            ->toHaveCount(count($own));
        $around = ProbingCommand::around($text, $document->fields()->text('place'), 'lamp');
        expect(Csv::write($around->fields()))->toBe($text);
    }
});

it('refuses a table by line and column, all of it or nothing', function (string $text, string $says): void {
    expect(fn () => Csv::read($text))->toThrow(NotUnderstood::class, $says);
})->with([
    ["wire,value\np1,12..4", "Line 2, column value: expected a number, as 12.4, found '12..4'."],
    ["wire,valeu\np1,1", 'Did you mean `value`?'],
    ["colour,value\nred,1", 'Line 1: expected the columns'],
    ["wire,with,value\np1,brake on,1", 'Line 2, column with: expected positions as brake=on;key=run'],
    ["wire,way\np1,9999", 'Line 2, column way'],
    ["wire,kind,value\np1,vlots,1", 'Did you mean `volts`?'],
    ["wire\np 1", 'Line 2, column wire'],
    ["wire,value\np1,1,2", 'Line 2: 3 cells'],
    ["wire,colour\np1,\xff\xfe", 'not UTF-8'],
    ['', 'Line 1: expected the columns'],
]);

it('says a sentence or reads it, whatever a table holds', function (): void {
    $dice = new Dice('hostile');
    $bits = [
        'wire',
        'value',
        ',',
        "\n",
        '"',
        "\r\n",
        '=1+1',
        '@x',
        'p1',
        '12.4',
        'brake=on',
        ';',
        '9e99',
        '-',
        "\0",
        'ä',
        '""',
        'on',
        'volts',
        ' ',
        "\t",
        '=cmd|x',
        '1e-400',
        str_repeat('9', 400),
    ];
    $read = 0;
    for ($n = 0; $n < 200; $n++) {
        $text = $dice->chance(0.7) ? "wire,with,value,kind\n" : '';
        for ($k = 0; $k < $dice->int(1, 30); $k++) {
            $text .= $dice->one($bits);
        }
        try {
            Csv::read($text);
            $read++;
        } catch (NotUnderstood $e) {
            expect($e->getMessage())->toMatch('/^(Line \d+|The table|Over )/');
        }
    }
    expect($read)->toBeLessThan(200);
});

it('keeps a formula in a colour a text', function (): void {
    $d = Make::file('heron.glow.json');
    $data = $d->data;
    $data['probe']['wires'][0]['colour'] = '=1+1';
    $text = Csv::write(Document::fromEdited($data)->fields());
    expect($text)
        ->toContain("'=1+1")
        ->and(Csv::read($text)['wires'][0]['colour'])
        ->toBe('=1+1');
});
