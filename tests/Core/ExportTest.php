<?php

declare(strict_types=1);

use BenchGlow\Analysis\Analysis;
use BenchGlow\Command\Export;
use BenchGlow\Format\BadBuild;
use BenchGlow\Quantity\Csv;
use Tests\Support\Make;
use Tests\Support\ReadBack;
use Tests\Support\Rig;
use Tests\Support\Scenery;
use Tests\Support\Simulator;

function written(string $name): Analysis
{
    return Analysis::of(Make::file("{$name}.glow.json"));
}

it('writes netlists that another simulator reads back to the same volts and amps', function (string $file): void {
    $read = ReadBack::of(Analysis::of(Make::file($file)));
    expect($read->compared)
        ->toBeGreaterThan(8)
        ->and($read->voltsApart)
        ->toBeLessThan(1e-6, "volts at {$read->where}")
        ->and($read->ampsApart)
        ->toBeLessThan(1e-6, "amps at {$read->where}");
})->with(array_map(basename(...), glob(__DIR__.'/../../examples/*.glow.json') ?: []));

it('writes filaments, linear and switching loads by their law', function (): void {
    $rig = Rig::on()
        ->light('bar', 'module', 'bar_linear_12')
        ->light('spot', 'module', 'spot_switching')
        ->host('wires', [
            'id' => 'court',
            'polarity' => 'positive',
            'fed_by' => 'bank',
            'loads' => [['id' => 'bulb', 'kind' => 'filament', 'w' => 10, 'at_v' => 12]],
        ])
        ->lead('court', 'bar.plus', ['length_m' => 30.0])
        ->lead('bar.minus', 'bank.minus', ['length_m' => 30.0])
        ->fused('bank.plus', 'spot.plus')
        ->lead('spot.minus', 'bank.minus');
    $a = Analysis::of($rig->document());
    foreach (Analysis::SUPPLY_STATES as $supply) {
        $text = Export::netlist($a, [], $supply);
        $volts = (new Simulator($text))->volts();
        $pins = [];
        foreach ($volts as $node => $v) {
            $pins[(string) preg_replace('/^n\d+_/', '', (string) $node)] = $v;
        }
        $state = $a->scene([], $supply)->lit;
        foreach (['court' => 'court', 'bar_plus' => 'bar.plus', 'spot_plus' => 'spot.plus'] as $node => $pin) {
            expect($pins[$node])->toEqualWithDelta($state->volts[$pin], 1e-7);
        }
        expect($text)
            ->toContain('pow(max(abs(')
            ->toContain('* switching load, holds 6 W from 9 V up: as solved')
            ->toContain('I=min(I(VL');
    }
});

it('writes one phase of a dimmed or flashing state, and says in the head which', function (): void {
    $a = written('trike');
    $with = ['brake' => 'off', 'turn' => 'left', 'lights' => 'off'];
    $lit = Export::netlist($a, $with, 'nominal');
    $dark = Export::netlist($a, $with, 'nominal', 2);
    expect(explode("\n", $lit)[0])
        ->toBe('* Coffee trike')
        ->and(explode("\n", $lit)[1])
        ->toBe('* state: supply nominal, lights off, brake off, turn left')
        ->and(explode("\n", $lit)[2])
        ->toBe('* phase 1 of 2: lit half of the flash; its volts and amps are no means over the period')
        ->and(explode("\n", $dark)[2])
        ->toStartWith('* phase 2 of 2: dark half of the flash')
        ->and((new Simulator($lit))->volts()['n0_pack_plus'])
        ->toBeLessThan((new Simulator($dark))->volts()['n0_pack_plus']);
    expect(fn () => Export::netlist($a, $with, 'nominal', 3))->toThrow(
        BadBuild::class,
        'this state has 2 phases, no 3.',
    );
    $b = written('j22-cabinet');
    $door = ['left_door' => 'open', 'right_door' => 'shut'];
    $heads = array_map(fn (int $n): string => explode("\n", Export::netlist($b, $door, 'nominal', $n))[2], [1, 2]);
    expect($heads)->toBe([
        '* phase 1 of 2: 40 % of the dimming period; its volts and amps are no means over the period',
        '* phase 2 of 2: 60 % of the dimming period; its volts and amps are no means over the period',
    ]);
});

it('refuses a netlist of what has no solution', function (): void {
    $a = Analysis::of(Scenery::buzzer());
    expect(fn () => Export::netlist($a, ['hand' => 'on'], 'nominal'))->toThrow(
        BadBuild::class,
        'this state has no solution to write: oscillates: k.coil, period 2.',
    );
});

it('shows the state that is asked for where nothing is written', function (): void {
    $trike = __DIR__.'/../../examples/trike.glow.json';
    [$code, $out] = glow(['report', $trike, '--with', 'brake=on, turn=left', '--supply', 'max']);
    $states = json_decode($out, true)['circuits'][0]['states'];
    expect($code)
        ->toBe(0)
        ->and($states)
        ->toHaveCount(1)
        ->and($states[0]['inputs'])
        ->toBe(['lights' => 'off', 'brake' => 'on', 'turn' => 'left'])
        ->and($states[0]['supply'])
        ->toBe('max');
});

it('writes every state as a row, and says what it wrote', function (): void {
    $file = tempnam(sys_get_temp_dir(), 'glow').'.csv';
    [$code, $out] = glow(['report', __DIR__.'/../../examples/trike.glow.json', '--out', $file]);
    $rows = array_map(
        fn (string $l): array => str_getcsv($l, escape: ''),
        explode("\n", trim((string) file_get_contents($file))),
    );
    expect($code)
        ->toBe(0)
        ->and(json_decode($out, true)['written'])
        ->toBe(['path' => $file, 'bytes' => filesize($file), 'what' => 'all states'])
        ->and(count($rows))
        ->toBe(1 + 36 * 4)
        ->and(array_slice($rows[0], 0, 5))
        ->toBe(['lights', 'brake', 'turn', 'supply', 'emitter']);
    unlink($file);
});

it('refuses what it can\'t write', function (array $arguments, string $says): void {
    [$code, $out, $err] = glow(['report', __DIR__.'/../../examples/trike.glow.json', ...$arguments]);
    expect([$code, $out])
        ->toBe([2, ''])
        ->and($err)
        ->toContain($says);
})->with([
    [['--out', '/nowhere/x.csv'], "can't be written"],
    [['--out', 'x.png'], '--out takes a file ending in .csv'],
    [
        ['--out', '/nowhere/x.cir', '--with', 'brake=sideways'],
        '--with: `brake` has no position `sideways`; it has off, on.',
    ],
    [['--with', 'brak=on'], '--with: the build has no input `brak`. Did you mean `brake`?'],
    [['--out', 'x.cir', '--phase', '0'], '--phase takes the number of a phase, from 1'],
    [['--out', 'x.csv', '--mark', 'maybe'], '--mark takes utf8'],
    [['--out', 'x.cir', '--supply', 'low'], '--supply takes min, nominal or max'],
]);

it('begins a CSV with the mark some spreadsheets ask for, if wanted, and guards every cell', function (): void {
    $wherry = json_decode((string) file_get_contents(__DIR__.'/../../examples/heron.glow.json'));
    $wherry->circuits[0]->label = '=1+1';
    $file = tempnam(sys_get_temp_dir(), 'glow');
    file_put_contents("{$file}.json", json_encode($wherry, JSON_PRESERVE_ZERO_FRACTION));
    glow(['report', "{$file}.json", '--out', "{$file}.csv", '--mark', 'utf8']);
    expect(file_get_contents("{$file}.csv"))->toStartWith(Csv::MARK.'');
    glow(['report', "{$file}.json", '--out', "{$file}.csv"]);
    expect(file_get_contents("{$file}.csv"))->not->toStartWith(Csv::MARK);
    glow(['story', "{$file}.json", '--out', "{$file}.csv"]);
    foreach (explode("\n", (string) file_get_contents("{$file}.csv")) as $line) {
        foreach (str_getcsv($line, escape: '') as $cell) {
            expect((string) $cell)->not->toMatch('/^[=+@\t\r]/');
        }
    }
    array_map(unlink(...), [$file, "{$file}.json", "{$file}.csv"]);
});
