<?php

declare(strict_types=1);

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Document;
use BenchGlow\Command\Export;
use BenchGlow\Edit\FeedBothEnds;
use BenchGlow\Law\Resistor;
use BenchGlow\Law\StringLaw;
use BenchGlow\Network\NetworkBuilder;
use BenchGlow\Network\Solver;
use Tests\Support\Make;

/** Reads R, V and D lines of a netlist back with the same laws. @return array<string, float|null> volts by node name */
function readBack(string $netlist): array
{
    $net = new NetworkBuilder();
    $net->hold('0', 0.0);
    preg_match_all('/^\.model (\S+) D\(IS=(\S+) N=(\S+) RS=(\S+)\)$/m', $netlist, $models, PREG_SET_ORDER);
    $law = [];
    foreach ($models as [, $name, $is, $n, $rs]) {
        $vt = 8.617333262e-5 * 298.15;
        // One junction through the point at 1 mA that these three numbers give.
        $law[$name] = StringLaw::of(
            (float) $n * $vt * log(1 + 1e-3 / (float) $is) + 1e-3 * (float) $rs,
            1e-3,
            ideality: (float) $n,
            rsOhm: (float) $rs,
        );
    }
    foreach (explode("\n", $netlist) as $line) {
        $w = explode(' ', $line);
        match ($line[0] ?? '') {
            'R' => $net->branch($w[0], $w[1], $w[2], new Resistor((float) $w[3])),
            'D' => $net->branch($w[0], $w[1], $w[2], $law[$w[3]]),
            'V' => $net->hold($w[1], (float) $w[3]),
            default => null,
        };
    }
    $solution = Solver::solve($net->build());

    return array_map(fn (int $n): ?float => $solution->volts[$n], $net->places());
}

it('writes a netlist that reads back to the same volts', function (Document $document, array $inputs): void {
    $a = Analysis::of($document);
    $netlist = Export::netlist($a, $inputs, 'nominal');
    $read = readBack($netlist);
    $state = $a->at($inputs)->states['nominal'];
    $compared = 0;
    foreach ($state->volts as $pin => $volts) {
        foreach ($read as $node => $back) {
            if (
                $volts !== null &&
                $back !== null &&
                preg_match(
                    '/^'.preg_quote((string) preg_replace('/[^A-Za-z0-9_]/', '_', $pin), '/').'_\d+$/',
                    (string) $node,
                ) === 1
            ) {
                expect($back)->toEqualWithDelta($volts, 1e-6, $pin);
                $compared++;
            }
        }
    }
    expect($compared)->toBeGreaterThan(4);
})->with([
    'a strip' => [fn () => Make::shelf(1.5), []],
    'a strip fed at both ends' => [fn () => Make::edited(Make::shelf(1.5), new FeedBothEnds('shelf_light')), []],
    'a row of LEDs' => [fn () => Make::row(10, 3), []],
    'the trike braking and turning' => [
        fn () => Document::fromJson((string) file_get_contents(__DIR__.'/../../examples/trike.glow.json')),
        ['brake' => 'on', 'turn' => 'left'],
    ],
]);

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
    [['--out', '/nowhere/x.cir', '--with', 'brake=sideways'], 'there is no such state'],
    [['--out', 'x.cir', '--supply', 'low'], '--supply takes min, nominal or max'],
]);
