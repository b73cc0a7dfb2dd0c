<?php

declare(strict_types=1);

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Document;
use BenchGlow\Trial\Meter;
use BenchGlow\Trial\Patterns;
use BenchGlow\Trial\Tolerance;
use BenchGlow\Trial\Trial;
use BenchGlow\Trial\Truth;
use BenchGlow\Trial\TruthRow;
use Tests\Support\Make;
use Tests\Support\Scenery;

function example(string $name, ?callable $change = null): Analysis
{
    $raw = json_decode((string) file_get_contents(__DIR__."/../../examples/{$name}.glow.json"));
    $change === null || $change($raw);

    return Analysis::of(Document::fromDecoded($raw));
}

it('writes the truth table as sentences, one per situation that differs', function (): void {
    $a = example('trike');
    $rows = Truth::of($a, $a->build->circuits['rear']);
    $said = array_map(fn (TruthRow $r): string => "{$r->when}: {$r->says[0]}", $rows);
    expect(count($rows))
        ->toBe(12)
        ->and($said)
        ->toContain('light rocker on, brake lever off, turn switch off: left rear lamp, red should glow low, glows low')
        ->and($said)
        ->toContain(
            'light rocker off, brake lever on, turn switch off: left rear lamp, red should glow bright, glows bright',
        )
        ->and(array_filter($rows, fn (TruthRow $r): bool => ! $r->right))
        ->toBe([]);
});

it('puts mismatches first and names the contact to blame', function (): void {
    $a = example('trike', fn (stdClass $t) => ($t->devices[2]->at->pressed = (object) ['input' => 'brake']));
    $rows = Truth::of($a, $a->build->circuits['rear']);
    $ranks = array_map(fn (TruthRow $r): int => $r->rank(), $rows);
    $sorted = $ranks;
    sort($sorted);
    expect($rows[0]->right)
        ->toBeFalse()
        ->and($rows[0]->because)
        ->toContain('contact `sw_brake.c` is made')
        ->and($ranks)
        ->toBe($sorted);
});

it('says what can\'t be judged', function (): void {
    $a = Analysis::of(Scenery::buzzer('k.87'));
    $rows = Truth::of($a, $a->build->circuits['shelf']);
    expect($rows[0]->judged)
        ->toBeFalse()
        ->and($rows[0]->says[0])
        ->toBe('should glow, can\'t be judged')
        ->and($rows[0]->because)
        ->toBe(['oscillates: k.coil, period 2']);
});

it('reads like a real meter', function (): void {
    $a = Analysis::of(Scenery::relay())->at(['hand' => 'on']);
    $scene = $a->now['nominal'];
    $coil = Meter::between($scene, 'k.86', 'k.85');
    expect($coil->volts)
        ->toEqualWithDelta(12.5, 0.1)
        ->and($coil->says)
        ->toBe('Steady.')
        ->and(Meter::between($scene, 'k.85', 'k.86')->says)
        ->toBe('The red tip sits on the lower side.')
        ->and(Meter::between($scene, 'bank.minus', 'bank.minus')->says)
        ->toBe('The same point to a meter.');
    $ground = Analysis::of(
        Scenery::build(
            [Scenery::ROCKER],
            [['id' => 's', 'kind' => 'switch', 'part' => 'rocker', 'at' => ['on' => ['input' => 'hand']]]],
            [['bank.plus', 'shelf_light.start.plus'], ['shelf_light.start.minus', 's.1'], ['s.2', 'bank.minus']],
        ),
    );
    $floating = Meter::between($ground->now['nominal'], 's.1', 'bank.minus');
    expect($floating->volts)
        ->toBeNull()
        ->and($floating->says)
        ->toContain('floating behind')
        ->toContain('Don\'t trust them.')
        ->and(
            Meter::between(Analysis::of(Scenery::buzzer())->at(['hand' => 'on'])->now['nominal'], 'k.86', 'k.85')->says,
        )
        ->toContain('No steady reading: oscillates');
});

it('swings with a flasher', function (): void {
    $turning = example('trike')->at(['turn' => 'left']);
    expect(Meter::between($turning->now['nominal'], 'lamp_l.turn', 'pack.minus')->says)
        ->toContain('It swings between')
        ->toContain('with the flasher');
});

it('makes a fixed resistor of a potentiometer\'s reading', function (): void {
    expect(Trial::fit(330.0, 47.0, 'E24'))
        ->toBe(390.0)
        ->and(Trial::fit(100.0, 0.0, 'E12'))
        ->toBe(100.0)
        ->and(Trial::fit(2e6, 0.0, 'E24'))
        ->toBeNull();
    $a = example('j09-panel-lamp');
    $trial = Trial::of($a, 'R1');
    // 560 ohm in line with 430 ohm and two amber LEDs at 14.4 V: a little over 10 mA.
    expect($trial->amps)
        ->toEqualWithDelta(0.0104, 0.0008)
        ->and($trial->watts)
        ->toEqualWithDelta($trial->amps ** 2 * 560, 1e-9)
        ->and($trial->ratingW)
        ->toBe(0.125)
        ->and($trial->potW)
        ->toEqualWithDelta($trial->amps ** 2 * 470, 1e-9)
        ->and(Trial::of($a, 'F1'))
        ->toBeNull();
});

it('runs the same builds with the same seed, however the run is cut', function (): void {
    $run = new Tolerance(Analysis::of(Make::row(12, 3, 180.0)), 'row');
    $whole = $run->run(7, 0, 40);
    $one = $run->run(7, 0, 15);
    $two = $run->run(7, 15, 40);
    expect($whole['done'])
        ->toBe(40)
        ->and($one['inside'] + $two['inside'])
        ->toBe($whole['inside'])
        ->and($run->run(7, 0, 40))
        ->toBe($whole);
});

it('finds what breaks with real parts, and nothing where there is room', function (): void {
    // 130 ohm puts the LEDs at their limit: about half of the builds pass it.
    $tight = (new Tolerance(Analysis::of(Make::row(12, 3, 130.0)), 'row'))->run(3, 0, 120);
    $easy = (new Tolerance(Analysis::of(Make::row(12, 3, 270.0)), 'row'))->run(3, 0, 60);
    expect($tight['inside'])
        ->toBeLessThan(120)
        ->toBeGreaterThan(10)
        ->and(array_key_first($tight['broken']))
        ->toBe('Row: an LED gets over its limit')
        ->and($easy)
        ->toBe(['done' => 60, 'inside' => 60, 'broken' => []]);
    [$share, $low, $high] = Tolerance::share(60, 60);
    expect($share)->toBe(1.0)->and($low)->toEqualWithDelta(0.9399, 0.001)->and($high)->toBe(1.0);
});

it('stops when it is told to, after at least one', function (): void {
    $left = 5;
    $stop = function () use (&$left): bool {
        return --$left <= 0;
    };
    $run = new Tolerance(Analysis::of(Make::row()), 'row');
    expect($run->run(1, 0, 100000, $stop)['done'])
        ->toBe(5)
        ->and($run->run(1, 0, 100000, fn (): bool => true)['done'])
        ->toBe(1);
});

it('solves every pattern of a controller once; means of them are the dimmed scene', function (): void {
    $a = example('coffee-trike');
    $patterns = new Patterns($a, 'counter_edge');
    $rest = $a->now['nominal']->inputs;
    $p = $patterns->of($rest, 'nominal');
    $controller = explode('.', $p['channels'][0])[0];
    expect($p['channels'])
        ->toBe(["{$controller}.r", "{$controller}.g", "{$controller}.b"])
        ->and(array_keys($p['lights']['counter_edge_light']['patterns']))
        ->toBe(range(1, 7));
    // Duties 1, 0.4, 0.1: all three for a tenth, red and green to 0.4, red alone for the rest.
    foreach (
        ['r' => [[0.1, 7], [0.3, 3], [0.6, 1]], 'g' => [[0.1, 7], [0.3, 3]], 'b' => [[0.1, 7]]] as $name => $phases
    ) {
        foreach ($a->now['nominal']->lit->lights['counter_edge_light'][$name]->flux as $unit => $flux) {
            $mean = array_sum(
                array_map(
                    fn (array $w): float => $w[0] * $p['lights']['counter_edge_light']['patterns'][$w[1]][$name][$unit],
                    $phases,
                ),
            );
            expect($mean)->toEqualWithDelta($flux, 2e-4, "{$name} {$unit}");
        }
    }
    // The amplifier's run follows.
    $far = array_values(array_diff(array_keys($p['lights']), ['counter_edge_light']))[0];
    expect(min($p['lights'][$far]['patterns'][1]['r']))
        ->toBeGreaterThan(0.5)
        ->and(max($p['lights'][$far]['patterns'][1]['g']))
        ->toBeLessThan(0.01);
});
