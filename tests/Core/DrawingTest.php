<?php

declare(strict_types=1);

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Document;
use BenchGlow\Drawing\CircuitDrawing;
use BenchGlow\Drawing\Drawing;
use BenchGlow\Drawing\LampDrawing;
use BenchGlow\Drawing\Parted;
use BenchGlow\Drawing\RowDrawing;
use BenchGlow\Drawing\Scheme;
use BenchGlow\Drawing\Shape;
use BenchGlow\Drawing\Way;
use BenchGlow\Edit\AddLight;
use BenchGlow\Edit\FeedBothEnds;
use BenchGlow\Edit\FeedStrip;
use BenchGlow\Edit\SplitRun;
use BenchGlow\Format\Fields;
use BenchGlow\Lists\Strings;
use BenchGlow\Parts\Catalogue;
use BenchGlow\Ways\Sections;
use Tests\Support\Make;
use Tests\Support\Rig;
use Tests\Support\Scenery;
use Tests\Support\Tangle;

/** @return list<array{string, Drawing, Analysis}> every circuit of every example, wide and narrow, at rest and with everything thrown */
function drawings(): array
{
    static $all = [];
    if ($all !== []) {
        return $all;
    }
    foreach (glob(__DIR__.'/../../examples/*.glow.json') ?: [] as $file) {
        $whole = Analysis::of(Document::fromJson((string) file_get_contents($file)));
        $last = $whole->combinations->all[count($whole->combinations->all) - 1] ?? [];
        foreach ([$whole, $whole->at($last)] as $n => $a) {
            foreach (array_keys($a->build->circuits) as $circuit) {
                $all[] = [basename($file)." {$circuit} {$n} wide", CircuitDrawing::wide($a, $circuit, 'nominal'), $a];
                $all[] = [
                    basename($file)." {$circuit} {$n} narrow",
                    CircuitDrawing::narrow($a, $circuit, 'nominal'),
                    $a,
                ];
            }
        }
    }

    return $all;
}

function overlaps(array $a, array $b): bool
{
    return $a[0] < $b[0] + $b[2] - 0.5 &&
        $b[0] < $a[0] + $a[2] - 0.5 &&
        $a[1] < $b[1] + $b[3] - 0.5 &&
        $b[1] < $a[1] + $a[3] - 0.5;
}

const BODIES = [
    'text',
    'fuse',
    'tap',
    'resistor',
    'diode',
    'plug',
    'contact',
    'coil',
    'box',
    'host',
    'load',
    'lamp',
    'carrier',
    'pin',
];

/** Names of the rules of drawing.md this drawing breaks. @return list<string> */
function broken(Drawing $drawing, Analysis $a, string $circuit): array
{
    $said = [];
    $boxes = array_values(array_filter($drawing->shapes, fn (Shape $s): bool => in_array($s->kind, BODIES, true)));
    foreach ($boxes as $i => $one) {
        foreach (array_slice($boxes, $i + 1) as $two) {
            // A controller's pin names stand inside its box.
            $inside = ($one->kind === 'box' || $two->kind === 'box') && $one->part === $two->part;
            if (! $inside && overlaps($one->rect(), $two->rect())) {
                $said[] = "'{$one->text}' {$one->kind} {$one->part} meets '{$two->text}' {$two->kind} {$two->part}";
            }
        }
        [$x, $y, $w, $h] = $one->rect();
        if ($x < -0.5 || $x + $w > $drawing->width + 3.0 || $y < -0.5 || $y + $h > $drawing->height + 0.5) {
            $said[] = "{$one->kind} '{$one->text}' sticks out of the sheet";
        }
    }
    $scheme = Scheme::of($a->build, $a->harness, $a->bodies, $circuit);
    $wires = array_values(
        array_filter($drawing->shapes, fn (Shape $s): bool => $s->kind === 'wire' && $s->state !== 'tie'),
    );
    $ends = array_merge(
        [],
        ...array_map(fn (Shape $s): array => [$s->points[0], $s->points[count($s->points) - 1]], $wires),
    );
    $pieces = [];
    foreach ($wires as $wire) {
        foreach ($wire->points as $n => [$x, $y]) {
            if ($x < 0 || $x > $drawing->width || $y < 0 || $y > $drawing->height) {
                $said[] = 'a wire leaves the sheet';
            }
            [$u, $v] = $wire->points[$n + 1] ?? [$x, $y];
            if ([$x, $y] !== [$u, $v]) {
                $pieces[] = [$scheme->net($wire->pin), min($x, $u), min($y, $v), max($x, $u), max($y, $v)];
            }
        }
    }
    foreach ($pieces as $i => [$net, $x1, $y1, $x2, $y2]) {
        if ($x1 !== $x2 && $y1 !== $y2) {
            $said[] = 'a wire runs aslant';
        }
        foreach (array_slice($pieces, $i + 1) as [$other, $u1, $v1, $u2, $v2]) {
            $along =
                ($y1 === $y2 && $v1 === $v2 && abs($y1 - $v1) < 1.0 && min($x2, $u2) - max($x1, $u1) > 0.5) ||
                ($x1 === $x2 && $u1 === $u2 && abs($x1 - $u1) < 1.0 && min($y2, $v2) - max($y1, $v1) > 0.5);
            if ($along && $net !== $other) {
                $said[] = "nets {$net} and {$other} run along each other at {$x1}, {$y1}";
            }
        }
        foreach ($boxes as $box) {
            [$bx, $by, $bw, $bh] = $box->rect();
            if ($x1 < $bx + $bw - 2 && $x2 > $bx + 2 && $y1 < $by + $bh - 2 && $y2 > $by + 2) {
                $said[] = "a wire runs through {$box->kind} '{$box->text}' {$box->part}";
            }
        }
    }
    $spine = array_filter($ends, fn (array $p): bool => $p[0] < 0.6 || $p[1] < 60.0);
    foreach ($ends as $p) {
        $others = count(
            array_filter($ends, fn (array $e): bool => abs($e[0] - $p[0]) < 0.6 && abs($e[1] - $p[1]) < 0.6),
        );
        $lands = $others > 1 || in_array($p, $spine, true);
        foreach ($drawing->shapes as $s) {
            [$x, $y, $w, $h] = $s->rect();
            $lands =
                $lands ||
                ($s->kind !== 'text' &&
                    $s->kind !== 'wire' &&
                    $p[0] >= $x - 1 &&
                    $p[0] <= $x + $w + 1 &&
                    $p[1] >= $y - 1 &&
                    $p[1] <= $y + $h + 1);
        }
        if (! $lands) {
            $said[] = "a wire ends in the air at {$p[0]}, {$p[1]}";
        }
    }
    foreach ($drawing->shapes as $s) {
        $known =
            $s->part === '' ||
            isset($a->build->lights[$s->part]) ||
            isset($a->build->leads[$s->part]) ||
            isset($a->harness->things[$s->part]) ||
            isset($a->build->supplies[$s->part]) ||
            isset($a->build->devices[$s->part]);
        if (! $known) {
            $said[] = "no such part: {$s->part}";
        }
    }
    $drawn = count(
        array_filter(
            $drawing->shapes,
            fn (Shape $s): bool => in_array($s->kind, array_diff(BODIES, ['text', 'carrier', 'pin']), true),
        ),
    );
    $meant = count(array_filter($scheme->symbols, fn ($s): bool => $s->kind !== 'stub'));
    if ($drawn !== $meant) {
        $said[] = "{$drawn} symbols drawn of {$meant}";
    }

    return array_values(array_unique($said));
}

it('draws every example without anything meeting, running along each other or ending in the air', function (): void {
    foreach (drawings() as [$name, $drawing, $a]) {
        expect(broken($drawing, $a, explode(' ', $name)[1]))->toBe([], $name);
    }
    expect(Drawing::FONT)->toBeGreaterThanOrEqual(14.0);
});

/** @return list<Shape> */
function ofKind(Drawing $drawing, string ...$kinds): array
{
    return array_values(array_filter($drawing->shapes, fn (Shape $s): bool => in_array($s->kind, $kinds, true)));
}

it('draws a plain chain in one line, and lays the return under it while that wire is in hand', function (): void {
    $a = Analysis::of(Make::file('heron.glow.json'));
    $plain = CircuitDrawing::wide($a, 'cabin_steps', 'nominal');
    [$fuse, $carrier] = [ofKind($plain, 'fuse')[0], ofKind($plain, 'carrier')[0]];
    expect($fuse->y + $fuse->h / 2)
        ->toBe($carrier->y + $carrier->h / 2)
        ->and($carrier->x)
        ->toBeGreaterThan($fuse->x + $fuse->w)
        ->and($plain->height)
        ->toBeLessThan(240.0);
    $return = 'cabin_steps_light_feed.2';
    $lowest = fn (Drawing $d, string $core): float => max(
        array_map(
            fn (Shape $s): float => max(array_column($s->points, 1)),
            array_filter(ofKind($d, 'wire'), fn (Shape $s): bool => $s->text === $core),
        ),
    );
    $opened = CircuitDrawing::wide($a, 'cabin_steps', 'nominal', opened: $return);
    expect($lowest($plain, $return))
        ->toBeLessThan($fuse->y)
        ->and($lowest($opened, $return))
        ->toBeGreaterThan(ofKind($opened, 'carrier')[0]->y + 60.0);
    // A relay, a return that is switched, a strip fed at its other end are no plain chain.
    $relay = CircuitDrawing::wide(Analysis::of(Make::file('mineral-cabinet.glow.json')), 'top_shelf', 'nominal');
    expect(ofKind($relay, 'carrier')[0]->y)->toBeGreaterThan(ofKind($relay, 'coil')[0]->y + 40.0);
});

it('opens every wire of every example: parted, whole otherwise, threads over nothing', function (): void {
    $threads = $seen = 0;
    foreach (['heron', 'coffee-trike', 'mineral-cabinet', 'harbour-tour'] as $name) {
        $a = Analysis::of(Make::file("{$name}.glow.json"));
        foreach ($a->harness->wires as $wire) {
            $circuit = $a->build->leads[$wire->lead]->circuit ?? '';
            if (! isset($a->build->circuits[$circuit])) {
                continue;
            }
            $core = "{$wire->lead}.{$wire->core}";
            $drawing = CircuitDrawing::wide($a, $circuit, 'nominal', opened: $core);
            expect(broken($drawing, $a, $circuit))->toBe([], "{$core} of {$name}");
            $parted = Parted::at($drawing, $core, 'diode');
            $bare = ofKind($parted, 'bare');
            $hangs = array_filter(ofKind($parted, 'wire'), fn (Shape $s): bool => $s->state === 'thread');
            expect([0, 2])
                ->toContain(count($bare))
                ->and([0, 2])
                ->toContain(count($hangs));
            foreach ($hangs as $thread) {
                [[$x, $y], [, $end]] = $thread->points;
                expect($end)->toBe($drawing->height);
                foreach (ofKind($drawing, 'text', 'fuse', 'carrier', 'contact', 'diode', 'pin') as $shape) {
                    expect(overlaps([$x - 1.0, $y + 4.0, 2.0, $end - $y], $shape->rect()))->toBeFalse($core);
                }
            }
            $seen += count($bare);
            $threads += count($hangs);
        }
    }
    expect($seen)->toBeGreaterThan(40)->and($threads)->toBeGreaterThan(10);
});

it('draws a lamp of several functions with its pins, what is inside and what is not wired', function (): void {
    $a = Analysis::of(Make::file('coffee-trike.glow.json'));
    $lamps = array_filter($a->build->lights, LampDrawing::suits(...));
    expect($lamps)->not->toBe([]);
    foreach ($lamps as $lamp) {
        foreach ([700.0, 330.0] as $width) {
            $drawing = LampDrawing::of($a, $lamp, $width);
            $texts = array_column(ofKind($drawing, 'text'), 'text');
            expect($texts)
                ->toContain('tail', 'stop', 'minus', '270 ohm')
                ->and(count(ofKind($drawing, 'diode')))
                ->toBe(2)
                ->and(count(ofKind($drawing, 'led')))
                ->toBe(1)
                ->and(count(ofKind($drawing, 'stub')))
                ->toBe(count(LampDrawing::unfed($a, $lamp)));
            foreach (ofKind($drawing, 'text') as $n => $one) {
                [$x, , $w] = $one->rect();
                expect($x)
                    ->toBeGreaterThanOrEqual(-0.5)
                    ->and($x + $w)
                    ->toBeLessThanOrEqual($width + 0.5);
                foreach (array_slice(ofKind($drawing, 'text'), $n + 1) as $other) {
                    expect(overlaps($one->rect(), $other->rect()))->toBeFalse("{$one->text} over {$other->text}");
                }
            }
        }
    }
    // With the stop lead taken off, its pin is open and says so.
    $lamp = array_values($lamps)[0];
    $fields = $a->build->document->fields()->data;
    $fields['leads'] = array_values(
        array_filter($fields['leads'], fn (array $l): bool => ! str_contains(json_encode($l) ?: '', "{$lamp->id}.stop")),
    );
    $bare = Analysis::of(Document::fromEdited($fields));
    expect(LampDrawing::unfed($bare, $bare->build->lights[$lamp->id]))->toBe(['stop']);
    $words = array_column(ofKind(LampDrawing::of($bare, $bare->build->lights[$lamp->id], 700.0), 'text'), 'text');
    expect($words)->toContain('not wired');
});

it('breaks long names between words, and draws a tap by the slot it hangs on', function (): void {
    expect(Shape::lines('Switch at cabinet door', 112.0))
        ->toBe(['Switch at cabinet', 'door'])
        ->and(Shape::lines('F1', 112.0))
        ->toBe(['F1'])
        ->and(Shape::lines('Incomprehensibilities', 60.0))
        ->toHaveCount(1);
    $drawing = CircuitDrawing::wide(Analysis::of(Make::file('j05-cool-box-lid.glow.json')), 'main', 'nominal');
    $tap = ofKind($drawing, 'tap')[0];
    expect($tap->state)->toContain('on-line')->and($tap->title)->toContain('common leg');
});

it('sets a bracket under what stands in each section, and none over another', function (): void {
    $seen = 0;
    foreach (glob(dirname(__DIR__, 2).'/examples/*.glow.json') ?: [] as $file) {
        $document = Make::file(basename($file));
        $a = Analysis::of($document);
        foreach (array_keys($a->build->circuits) as $circuit) {
            $marks = [];
            foreach (Sections::of($document, $circuit)->all as $section) {
                $marks += array_fill_keys([...$section->devices, ...$section->things], $section->kind);
            }
            $drawing = CircuitDrawing::wide($a, $circuit, 'nominal', sections: $marks);
            expect(broken($drawing, $a, $circuit))->toBe([], "{$circuit} of {$file}");
            $brackets = array_values(array_filter($drawing->shapes, fn (Shape $s): bool => $s->kind === 'bracket'));
            $kinds = array_map(fn (Shape $s): string => $s->state, $brackets);
            expect($kinds)->toBe(array_values(array_unique($kinds)));
            foreach ($brackets as $n => $one) {
                foreach (array_slice($brackets, $n + 1) as $other) {
                    $apart =
                        $one->x + $one->w < $other->x ||
                        $other->x + $other->w < $one->x ||
                        abs($one->y - $other->y) >= 14;
                    expect($apart)->toBeTrue("{$circuit} of {$file}");
                }
            }
            $seen += count($brackets);
        }
    }
    expect($seen)->toBeGreaterThan(60);
});

it('draws a row of LEDs as it is soldered, and changes left and right over from behind', function (): void {
    $document = Rig::on()
        ->light('row', 'leds', 'led_amber_5', ['count' => 8, 'per_string' => 3, 'ohm' => 330, 'last_ohm' => 470])
        ->fused('bank.plus', 'row.plus', 2.0)
        ->lead('row.minus', 'bank.minus')
        ->document();
    $a = Analysis::of($document);
    $light = $a->build->lights['row'];
    expect(array_map(fn (array $s): array => [$s['first'], $s['last'], $s['ohm']], Strings::of($a, $light)->all))
        ->toBe([[1, 3, 330.0], [4, 6, 330.0], [7, 8, 470.0]])
        ->and(Strings::of($a, $light)->said()[2])
        ->toStartWith('R3, 470 ohm')
        ->toContain("from the feed to LED 7's long leg; LED 7's short leg to LED 8's long leg;")
        ->toEndWith("LED 8's short leg to the return.");
    // The watts by Ohm's law with the solved amps of a string; the rating leaves them at 60 %.
    foreach (Strings::of($a, $light)->all as $string) {
        expect($string['watts'])
            ->toBeGreaterThan(0.0)
            ->and($string['rating'] * 0.6)
            ->toBeGreaterThanOrEqual($string['watts']);
    }
    foreach ([700.0, 330.0] as $width) {
        $front = RowDrawing::of($a, $light, $width, false);
        $behind = RowDrawing::of($a, $light, $width, true);
        $leds = fn (Drawing $d): array => array_values(
            array_filter($d->shapes, fn (Shape $s): bool => $s->kind === 'led'),
        );
        expect($leds($front))->toHaveCount(8);
        foreach ($leds($front) as $n => $led) {
            $other = $leds($behind)[$n];
            expect($other->x + $other->w)
                ->toEqualWithDelta($width - $led->x, 1e-9)
                ->and($other->state)
                ->toBe('reversed')
                ->and($led->x >= 0.0 && $led->x + $led->w <= $width)
                ->toBeTrue();
        }
    }
});

it('draws random harnesses by the same rules', function (int $from): void {
    for ($seed = $from; $seed < $from + 50; $seed++) {
        $a = Analysis::of(Tangle::document($seed));
        foreach (['wide', 'narrow'] as $form) {
            $drawing = CircuitDrawing::$form($a, 'main', 'nominal');
            expect(broken($drawing, $a, 'main'))
                ->toBe([], "seed {$seed}, {$form}")
                ->and($drawing->width)
                ->toBe($form === 'wide' ? 724.0 : 342.0);
        }
    }
})->with(range(1, 451, 50));

it('moves nothing when a switch is thrown or the supply changes', function (): void {
    $where = fn (Drawing $d): array => array_map(
        fn (Shape $s): array => [$s->kind, $s->x, $s->y, $s->w, $s->h, $s->part],
        array_values(
            array_filter($d->shapes, fn (Shape $s): bool => in_array($s->kind, array_diff(BODIES, ['text']), true)),
        ),
    );
    foreach (['trike', 'j08-bar-lamp', 'j20-step-of-two-doors', 'j23-counter-edge'] as $file) {
        $a = Analysis::of(
            Document::fromJson((string) file_get_contents(__DIR__."/../../examples/{$file}.glow.json")),
        );
        $circuit = array_key_first($a->build->circuits);
        foreach (['wide', 'narrow'] as $form) {
            $rest = $where(CircuitDrawing::$form($a, $circuit, 'nominal'));
            foreach ($a->combinations->all as $inputs) {
                foreach (['min', 'max'] as $supply) {
                    expect($where(CircuitDrawing::$form($a->at($inputs), $circuit, $supply)))->toEqual(
                        $rest,
                        "{$file} {$form}",
                    );
                }
            }
        }
    }
});

it('draws the same for the same build and moves nothing when the supply changes', function (): void {
    $a = Analysis::of(Make::shelf());
    $where = fn (Drawing $d): array => array_map(
        fn (Shape $s): array => [$s->kind, $s->x, $s->y, $s->w, $s->h, $s->points, $s->part],
        $d->shapes,
    );
    $low = CircuitDrawing::wide($a, 'shelf', 'min');
    expect(CircuitDrawing::wide($a, 'shelf', 'min'))
        ->toEqual($low)
        ->and($where(CircuitDrawing::wide($a, 'shelf', 'max')))
        ->toEqual($where($low));
});

it('adds up the volts lost along the way', function (callable $build, string $light): void {
    $a = Analysis::of($build());
    $a = $a->at($a->combinations->all[count($a->combinations->all) - 1]);
    foreach ($a->states as $name => $state) {
        $circuit = (string) $a->build->lights[$light]->circuit;
        $worst = $a->weakest($circuit, $name);
        $unitV = $worst['emitter']->volts[$worst['unit']];
        $rows = Way::of($a, $a->build->lights[$light], $state)->losses($a, $state, $unitV);
        expect(array_sum(array_column($rows, 'drop')) + $unitV)->toEqualWithDelta(
            $a->build->supplies['bank']->volts($name),
            1e-6,
        );
    }
})->with([
    [fn () => Make::shelf(), 'shelf_light'],
    [fn () => Make::edited(Make::shelf(), new FeedBothEnds('shelf_light')), 'shelf_light'],
    [fn () => Make::edited(Make::shelf(), new FeedStrip('shelf_light', 'middle')), 'shelf_light'],
    [fn () => Make::row(), 'row_light'],
    [
        fn () => Make::circuit(Make::bare(), 'Pods', 'pod_warm_12', [
            'kind' => 'module',
            'count' => 5,
            'spacing_m' => 0.3,
        ]),
        'pods_light',
    ],
    [fn () => Make::circuit(Make::bare(), 'Tail', 'tail_two_level', ['kind' => 'module']), 'tail_light'],
    [fn () => Scenery::relay(), 'shelf_light'],
    [fn () => Scenery::tap('common'), 'shelf_light'],
]);

it('shows at most 200 units of a long strip, first and last exact', function (): void {
    $a = Analysis::of(Make::circuit(Make::bare(), 'Long', 'strip_cont_12_100', ['kind' => 'strip', 'wanted_m' => 9.0]));
    $units = array_values(
        array_filter(CircuitDrawing::wide($a, 'long', 'nominal')->shapes, fn (Shape $s): bool => $s->kind === 'unit'),
    );
    $flux = $a->states['nominal']->lights['long_light']['w']->flux;
    expect(count($flux))
        ->toBe(360)
        ->and(count($units))
        ->toBe(200)
        ->and($units[0]->fill)
        ->toBe(BenchGlow\Light\Seen::hex(['warm_white' => $flux[0]]))
        ->and($units[199]->fill)
        ->toBe(BenchGlow\Light\Seen::hex(['warm_white' => $flux[359]]));
});

it('draws two lights of one circuit without meeting', function (): void {
    $d = Make::edited(
        Make::shelf(),
        new AddLight(
            'shelf',
            new Fields(['kind' => 'leds', 'count' => 9, 'per_string' => 3, 'ohm' => 200, 'label' => 'Dots']),
            Catalogue::part('led_warm_5') ?? new Fields([]),
            'bank',
        ),
        new SplitRun('shelf_light'),
    );
    $drawing = CircuitDrawing::wide(Analysis::of($d), 'shelf', 'nominal');
    $carriers = array_values(array_filter($drawing->shapes, fn (Shape $s): bool => $s->kind === 'carrier'));
    expect(count($carriers))->toBe(3);
    foreach ($carriers as $i => $a) {
        foreach (array_slice($carriers, $i + 1) as $b) {
            expect(overlaps($a->rect(), $b->rect()))->toBeFalse();
        }
    }
});
