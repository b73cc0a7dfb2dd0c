<?php

declare(strict_types=1);

use BenchGlow\Build\Document;
use BenchGlow\Drawing\CircuitDrawing;
use BenchGlow\Drawing\Drawing;
use BenchGlow\Drawing\Shape;
use BenchGlow\Drawing\Way;
use BenchGlow\Parts\Catalogue;
use BenchGlow\Report\Analysis;
use Tests\Support\Make;

/** @return list<array{string, Drawing, Analysis}> every circuit of every example, wide and narrow, at every supply */
function drawings(): array
{
    $all = [];
    foreach (glob(__DIR__.'/../../examples/*.glow.json') ?: [] as $file) {
        $a = Analysis::of(Document::fromJson((string) file_get_contents($file)));
        foreach (array_keys($a->build->circuits) as $circuit) {
            foreach (['min', 'nominal', 'max'] as $state) {
                $all[] = [basename($file)." {$circuit} {$state} wide", CircuitDrawing::wide($a, $circuit, $state), $a];
                $all[] = [basename($file)." {$circuit} {$state} narrow", CircuitDrawing::narrow($a, $circuit, $state), $a];
            }
        }
    }

    return $all;
}

function overlaps(array $a, array $b): bool
{
    return $a[0] < $b[0] + $b[2] - 0.5 && $b[0] < $a[0] + $a[2] - 0.5 && $a[1] < $b[1] + $b[3] - 0.5 && $b[1] < $a[1] + $a[3] - 0.5;
}

it('lets no text meet another text, a symbol or a light', function (): void {
    foreach (drawings() as [$name, $drawing, $analysis]) {
        $boxes = array_values(array_filter($drawing->shapes, fn (Shape $s): bool => in_array($s->kind, ['text', 'fuse', 'resistor', 'diode', 'plug', 'carrier', 'pin'], true)));
        foreach ($boxes as $i => $a) {
            foreach (array_slice($boxes, $i + 1) as $b) {
                if (($a->kind === 'text' || $b->kind === 'text') && overlaps($a->rect(), $b->rect())) {
                    $this->fail("{$name}: '{$a->text}' {$a->kind} meets '{$b->text}' {$b->kind}");
                }
            }
        }
        expect($boxes !== [] || $analysis->build->lightsOf(explode(' ', $name)[1]) === [])->toBeTrue();
    }
});

it('keeps inside its sheet and never under 14 px', function (): void {
    expect(Drawing::FONT)->toBeGreaterThanOrEqual(14.0);
    foreach (drawings() as [$name, $drawing]) {
        foreach ($drawing->shapes as $shape) {
            [$x, $y, $w, $h] = $shape->rect();
            if ($shape->kind !== 'wire') {
                expect($x)->toBeGreaterThanOrEqual(-0.5, "{$name}: {$shape->kind} {$shape->text} sticks out left")

                    ->and($x + $w)->toBeLessThanOrEqual($drawing->width + 3.0, "{$name}: {$shape->kind} {$shape->text} sticks out right")

                    ->and($y + $h)->toBeLessThanOrEqual($drawing->height + 0.5, "{$name}: {$shape->kind} {$shape->text} sticks out below");
            }
            foreach ($shape->points as [$px, $py]) {
                expect($px >= 0.0 && $px <= $drawing->width && $py >= 0.0 && $py <= $drawing->height)->toBeTrue("{$name}: a wire leaves the sheet");
            }
        }
    }
});

it('ends every wire on a symbol, a light, a dot, another wire or the sheet\'s edge', function (): void {
    foreach (drawings() as [$name, $drawing]) {
        $ends = [];
        foreach ($drawing->shapes as $s) {
            if ($s->kind === 'wire') {
                $ends[] = $s->points[0];
                $ends[] = $s->points[count($s->points) - 1];
            }
        }
        $others = fn (array $p): int => count(array_filter($ends, fn (array $e): bool => abs($e[0] - $p[0]) < 0.6 && abs($e[1] - $p[1]) < 0.6));
        foreach ($ends as $p) {
            $lands = $p[0] < 0.6 || $others($p) > 1 || str_contains($name, 'narrow') && $p[1] < $drawing->height && $p[0] < 40;
            foreach ($drawing->shapes as $s) {
                [$x, $y, $w, $h] = $s->rect();
                $lands = $lands || ($s->kind !== 'text' && $s->kind !== 'wire' && $p[0] >= $x - 1 && $p[0] <= $x + $w + 1 && $p[1] >= $y - 1 && $p[1] <= $y + $h + 1);
            }
            expect($lands)->toBeTrue("{$name}: a wire ends in the air at {$p[0]}, {$p[1]}");
        }
    }
});

it('draws the same for the same build and moves nothing when the supply changes', function (): void {
    $a = Analysis::of(Make::shelf());
    $where = fn (Drawing $d): array => array_map(fn (Shape $s): array => [$s->kind, $s->x, $s->y, $s->w, $s->h, $s->points, $s->part], $d->shapes);
    $low = CircuitDrawing::wide($a, 'shelf', 'min');
    expect(CircuitDrawing::wide($a, 'shelf', 'min'))->toEqual($low)
        ->and($where(CircuitDrawing::wide($a, 'shelf', 'max')))->toEqual($where($low));
});

it('draws only parts that exist', function (): void {
    foreach (drawings() as [$name, $drawing, $a]) {
        foreach ($drawing->shapes as $shape) {
            if ($shape->part !== '') {
                $known = isset($a->build->lights[$shape->part]) || isset($a->build->leads[$shape->part]) || isset($a->harness->things[$shape->part]) || isset($a->build->supplies[$shape->part]);
                expect($known)->toBeTrue("{$name}: {$shape->part}");
            }
        }
    }
});

it('adds up the volts lost along the way', function (callable $build, string $light): void {
    $a = Analysis::of($build());
    foreach ($a->states as $name => $state) {
        $circuit = (string) $a->build->lights[$light]->circuit;
        $worst = $a->weakest($circuit, $name);
        $unitV = $worst['emitter']->volts[$worst['unit']];
        $rows = Way::of($a, $a->build->lights[$light])->losses($a, $state, $unitV);
        expect(array_sum(array_column($rows, 'drop')) + $unitV)->toEqualWithDelta($a->build->supplies['bank']->volts($name), 1e-6);
    }
})->with([
    [fn () => Make::shelf(), 'shelf_light'], [fn () => Make::edited(Make::shelf(), ['op' => 'feed_both_ends', 'id' => 'shelf_light']), 'shelf_light'],
    [fn () => Make::edited(Make::shelf(), ['op' => 'feed', 'id' => 'shelf_light', 'feed' => 'middle']), 'shelf_light'], [fn () => Make::row(), 'row_light'],
    [fn () => Make::circuit(Make::bare(), 'Pods', 'pod_warm_12', ['kind' => 'module', 'count' => 5, 'spacing_m' => 0.3]), 'pods_light'],
    [fn () => Make::circuit(Make::bare(), 'Tail', 'tail_two_level', ['kind' => 'module']), 'tail_light'],
]);

it('shows at most 200 units of a long strip, first and last exact', function (): void {
    $a = Analysis::of(Make::circuit(Make::bare(), 'Long', 'strip_cont_12_100', ['kind' => 'strip', 'wanted_m' => 9.0]));
    $units = array_values(array_filter(CircuitDrawing::wide($a, 'long', 'nominal')->shapes, fn (Shape $s): bool => $s->kind === 'unit'));
    $flux = $a->states['nominal']->lights['long_light']['w']->flux;
    expect(count($flux))->toBe(360)
        ->and(count($units))->toBe(200)
        ->and($units[0]->fill)->toBe(BenchGlow\Light\Seen::hex(['warm_white' => $flux[0]]))
        ->and($units[199]->fill)->toBe(BenchGlow\Light\Seen::hex(['warm_white' => $flux[359]]));
});

it('draws two lights of one circuit without meeting', function (): void {
    $d = Make::edited(Make::shelf(), ['op' => 'add_light', 'circuit' => 'shelf', 'supply' => 'bank', 'light' => ['kind' => 'leds', 'count' => 9, 'per_string' => 3, 'ohm' => 200, 'label' => 'Dots'], 'part' => Catalogue::part('led_warm_5')?->data], ['op' => 'split_run', 'id' => 'shelf_light']);
    $drawing = CircuitDrawing::wide(Analysis::of($d), 'shelf', 'nominal');
    $carriers = array_values(array_filter($drawing->shapes, fn (Shape $s): bool => $s->kind === 'carrier'));
    expect(count($carriers))->toBe(3);
    foreach ($carriers as $i => $a) {
        foreach (array_slice($carriers, $i + 1) as $b) {
            expect(overlaps($a->rect(), $b->rect()))->toBeFalse();
        }
    }
});
