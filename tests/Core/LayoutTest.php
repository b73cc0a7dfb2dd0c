<?php

declare(strict_types=1);

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Build;
use BenchGlow\Build\Document;
use BenchGlow\Command\Layouts;
use BenchGlow\Command\SizePanel;
use BenchGlow\Edit\AddLayout;
use BenchGlow\Edit\Editor;
use BenchGlow\Edit\Edits;
use BenchGlow\Edit\ImportOutline;
use BenchGlow\Edit\KeepTrial;
use BenchGlow\Edit\SetField;
use BenchGlow\Edit\SetSegment;
use BenchGlow\Edit\UseLayout;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Layout\Face;
use BenchGlow\Layout\HoleRow;
use BenchGlow\Layout\Laid;
use BenchGlow\Layout\Lettering;
use BenchGlow\Layout\Mark;
use BenchGlow\Layout\NoOutline;
use BenchGlow\Layout\Outline;
use BenchGlow\Layout\Piece;
use BenchGlow\Layout\Seat;
use BenchGlow\Layout\SensorTrial;
use BenchGlow\Layout\Shapes;
use BenchGlow\Layout\Sheets;
use BenchGlow\Layout\Stroke;
use BenchGlow\Layout\Strokes;
use BenchGlow\Layout\SvgOutline;
use BenchGlow\Layout\Templates;
use BenchGlow\Layout\Tiles;
use BenchGlow\Light\Beam;
use BenchGlow\Light\BoxHeat;
use BenchGlow\Light\Contours;
use BenchGlow\Light\Field;
use BenchGlow\Light\Footprint;
use BenchGlow\Light\Lamp;
use BenchGlow\Light\Lit;
use BenchGlow\Light\Stray;
use BenchGlow\Light\Suggest;
use BenchGlow\Light\Viewer;
use Tests\Support\Make;

/** A strip of 0.05 m units, 10 mm wide, laid along these segments. */
function pathOf(array $segments, array $more = [], string $fit = 'down'): BenchGlow\Layout\StripPath
{
    $document = Make::circuit(Make::bare(), 'Shelf', 'strip_white_12_144', [
        'kind' => 'strip',
        'wanted_m' => 1.0,
        'fit' => $fit,
    ]);
    $layout = new Fields([
        'id' => 'lay',
        'kind' => 'strip_path',
        'light' => 'shelf_light',
        'segments' => $segments,
        ...$more,
    ]);
    $laid = Laid::of(Build::of($document), $layout);

    return $laid->path() ?? throw new LogicException('no path');
}

/** Lux of lamps at a point of a plane so far away. */
function luxAt(array $lamps, float $x, float $y, float $z, float $deg = 120.0): float
{
    $dot = Outline::rectangle(2e-6, 2e-6)->moved($x - 1e-6, $y - 1e-6);

    return Field::of($dot, $lamps, $z, Beam::of($deg), 1.0)->mean();
}

describe('light', function (): void {
    it('falls with the square of the distance on the axis', function (): void {
        foreach ([60.0, 90.0, 120.0] as $deg) {
            $near = luxAt([new Lamp(0, 0, 10)], 0, 0, 0.1, $deg);
            expect(luxAt([new Lamp(0, 0, 10)], 0, 0, 0.2, $deg))
                ->toEqualWithDelta($near / 4, $near * 1e-8)
                ->and($near)
                ->toEqualWithDelta(Beam::of($deg)->candela(10) / 0.01, $near * 1e-8);
        }
    });

    it('falls off the axis with cos to the (m + 3)', function (float $deg): void {
        $m = Beam::of($deg)->m;
        foreach ([0.0, 20.0, 45.0, 60.0] as $angle) {
            $off = luxAt([new Lamp(0, 0, 10)], 0.1 * tan(deg2rad($angle)), 0, 0.1, $deg);
            $on = luxAt([new Lamp(0, 0, 10)], 0, 0, 0.1, $deg);
            expect($off / $on)->toEqualWithDelta(cos(deg2rad($angle)) ** ($m + 3), 1e-8);
        }
    })->with([60.0, 100.0, 120.0]);

    it('has m = 1 at 120° and half the candela at half the angle', function (): void {
        expect(Beam::of(120.0)->m)->toEqualWithDelta(1.0, 1e-12);
        foreach ([30.0, 77.0, 140.0] as $deg) {
            $beam = Beam::of($deg);
            expect($beam->toward(10, deg2rad($deg / 2)))->toEqualWithDelta($beam->candela(10) / 2, 1e-9);
        }
    });

    it('sends all of its flux through a hemisphere', function (float $deg): void {
        $beam = Beam::of($deg);
        $sum = 0.0;
        $n = 20_000;
        for ($i = 0; $i < $n; $i++) {
            $theta = (M_PI / 2) * (($i + 0.5) / $n);
            $sum += $beam->toward(10.0, $theta) * 2 * M_PI * sin($theta) * (M_PI / 2 / $n);
        }
        expect($sum)->toEqualWithDelta(10.0, 0.01);
    })->with([40.0, 90.0, 120.0, 160.0]);

    it('shows no dip between two at the pitch of the formula, and one beyond it', function (float $deg): void {
        $z = 0.1;
        $dips = function (float $pitch) use ($z, $deg): bool {
            $lamps = [new Lamp(-$pitch / 2, 0, 10), new Lamp($pitch / 2, 0, 10)];

            return luxAt($lamps, 0, 0, $z, $deg) < luxAt($lamps, 0.002, 0, $z, $deg);
        };
        $pitch = Beam::of($deg)->noDip() * $z;
        expect($dips(0.98 * $pitch))->toBeFalse()->and($dips(1.05 * $pitch))->toBeTrue();
    })->with([90.0, 120.0]);

    it('gives flux over area under endless rows', function (): void {
        $lamps = [];
        for ($i = -60; $i <= 60; $i++) {
            for ($j = -60; $j <= 60; $j++) {
                $lamps[] = new Lamp(0.05 * $i, 0.05 * $j, 10.0);
            }
        }
        expect(luxAt($lamps, 0.01, 0.02, 0.1))->toEqualWithDelta(10.0 / 0.0025, 40.0);
    });

    it('adds what the box throws back, everywhere the same', function (): void {
        $face = Outline::rectangle(0.3, 0.1);
        $lamps = [new Lamp(0.1, 0.05, 20), new Lamp(0.2, 0.05, 20)];
        $bare = Field::of($face, $lamps, 0.04, Beam::of(120), 0.01);
        $white = Field::of($face, $lamps, 0.04, Beam::of(120), 0.01, 0.8, 0.1);
        $back = (40 * 0.8) / (0.1 * 0.2);
        foreach ($bare->lux as $n => $lux) {
            expect($white->lux[$n] - $lux)->toEqualWithDelta($back, 1e-9);
        }
        $own = Field::of($face, $lamps, 0.04, Beam::of(120), 0.01, 0.8);
        expect($own->cavity)->toEqualWithDelta((40 * 0.8) / ((2 * 0.03 + 0.8 * 0.04) * 0.2), 1e-9);
    });

    it('mirrors to the last digit, and settles as cells are halved', function (): void {
        $face = Outline::rectangle(0.4, 0.12);
        $lamps = [new Lamp(0.05, 0.03, 7), new Lamp(0.16, 0.08, 11)];
        $other = array_map(fn (Lamp $l): Lamp => new Lamp(0.4 - $l->x, $l->y, $l->lm), $lamps);
        $a = Field::of($face, $lamps, 0.05, Beam::of(100), 0.02);
        $b = Field::of($face, $other, 0.05, Beam::of(100), 0.02);
        foreach ($a->inside as $n => $k) {
            $mirror = intdiv($k, $a->nx) * $a->nx + ($a->nx - 1 - ($k % $a->nx));
            expect($b->byCell()[$mirror] / $a->lux[$n])->toEqualWithDelta(1.0, 1e-12);
        }
        $mean = array_map(fn (float $c): float => Field::of($face, $lamps, 0.05, Beam::of(120), $c)->mean(), [
            0.02,
            0.01,
            0.005,
            0.0025,
        ]);
        expect(abs($mean[3] - $mean[2]))
            ->toBeLessThan(abs($mean[2] - $mean[1]))
            ->and(abs($mean[2] - $mean[1]))
            ->toBeLessThan(abs($mean[1] - $mean[0]));
    });

    it('takes larger cells rather than too many, and says so', function (): void {
        $lamps = array_fill(0, 1000, new Lamp(0.5, 0.5, 1));
        $field = Field::of(Outline::rectangle(1, 1), $lamps, 0.1, Beam::of(120), 0.001);
        expect($field->grown)
            ->toBeTrue()
            ->and($field->cells() * 1000)
            ->toBeLessThanOrEqual(20_600_000);
    });

    it('lights with a tilted lamp what it points at', function (): void {
        $straight = new Lamp(0, 0, 10);
        $tilted = new Lamp(0, 0, 10, deg2rad(30));
        expect(luxAt([$tilted], 0, 0.1 * tan(deg2rad(30)), 0.1))
            ->toBeGreaterThan(luxAt([$straight], 0, 0.1 * tan(deg2rad(30)), 0.1))
            ->and(luxAt([new Lamp(0, 0, 10, 1e-9)], 0.03, 0.02, 0.1))
            ->toEqualWithDelta(luxAt([$straight], 0.03, 0.02, 0.1), 1e-4);
    });

    it('fades along an edge-lit pocket, and the back wall helps', function (): void {
        $face = Outline::rectangle(0.2, 0.3);
        $row = array_map(fn (int $i): Lamp => new Lamp(0.025 + 0.05 * $i, 0.0, 20), range(0, 3));
        $lit = fn (float $r): Field => Field::of($face, $row, 0.03, Beam::of(120), 0.01, $r, 0.2, true);
        $black = $lit(0.0);
        $white = $lit(0.8);
        expect($black->at(0.1, 0.05))
            ->toBeGreaterThan($black->at(0.1, 0.15))
            ->and($black->at(0.1, 0.15))
            ->toBeGreaterThan($black->at(0.1, 0.28))
            ->and($white->at(0.1, 0.15) - $white->cavity)
            ->toBeGreaterThan($black->at(0.1, 0.15));
    });

    it('draws lines of equal light where the light is that much', function (): void {
        $lamps = [new Lamp(0.1, 0.1, 10)];
        $field = Field::of(Outline::rectangle(0.2, 0.2), $lamps, 0.05, Beam::of(120), 0.004);
        $lines = Contours::of($field, 0.5 * $field->greatest());
        expect($lines)->toHaveCount(1)->and(count($lines[0]))->toBeGreaterThan(20);
        foreach ($lines[0] as [$x, $y]) {
            expect(luxAt($lamps, $x, $y, 0.05))->toEqualWithDelta(0.5 * $field->greatest(), 0.02 * $field->greatest());
        }
    });

    it('warms a closed box by its watts over six times its area', function (): void {
        expect(BoxHeat::rise(12.0, 0.1))->toEqualWithDelta(20.0, 1e-9)->and(BoxHeat::rise(5.0, 0.0))->toBe(0.0);
    });

    it('finds a bare source in sight, and hides it behind a lip', function (): void {
        $lit = new ReflectionMethod(Lit::class, 'open');
        $open = $lit->invoke(null, Outline::rectangle(1, 1), [new Lamp(0.5, 0, 100)], 0.3, 120.0, 0.3);
        $seat = new Fields(['id' => 'v', 'kind' => 'seat', 'at_m' => [0.5, 1.0, 0.4]]);
        $seen = Viewer::of($seat, $open);
        $d = hypot(1.0, 0.4);
        expect($seen->inSight)
            ->toBeTrue()
            ->and($seen->lux)
            ->toEqualWithDelta(((100 / M_PI) * (0.4 / $d)) / ($d * $d), 1e-9)
            ->and(Viewer::of($seat, $open, 0.02)->inSight)
            ->toBeFalse()
            ->and(Viewer::of(new Fields(['at_m' => [0.5, 1.0, -0.2]]), $open)->inSight)
            ->toBeFalse();
    });

    it('lands stray light between the rays over the edges, and names the hood that stops it', function (): void {
        $f = fn (array $more): Fields => new Fields([
            'lamp_m' => [0, 0],
            'gap_m' => [0.1, -0.01, 0.1, 0.01],
            'target_m' => [1.0, -0.5, 1.0, 0.5],
            ...$more,
        ]);
        $stray = Stray::of($f([]), 100, Beam::of(120));
        expect($stray->patch)
            ->toEqualWithDelta([0.4, 0.6], 1e-9)
            ->and($stray->lux)
            ->toEqualWithDelta(100 / M_PI, 1e-6)
            ->and($stray->shows)
            ->toBeTrue();
        expect(Stray::of($f(['hood_m' => $stray->hoodM]), 100, Beam::of(120))->patch)
            ->toBeNull()
            ->and(Stray::of($f([]), 0.5, Beam::of(120))->shows)
            ->toBeFalse();
        // A narrower lamp has more candela ahead; the layout's own angle outranks the part's.
        expect(Stray::of($f(['viewing_deg' => 60]), 100, Beam::of(120))->lux)->toEqualWithDelta(
            Beam::of(60)->candela(100),
            1e-6,
        );
    });
});

describe('paths', function (): void {
    it('is cut by hand', function (): void {
        $p = pathOf([['straight_m' => 2.4], ['corner' => 'fold', 'deg' => 90], ['straight_m' => 0.94]]);
        expect($p->units())
            ->toBe(66)
            ->and($p->tapeM())
            ->toEqualWithDelta(3.3, 1e-9)
            ->and($p->darkM())
            ->toEqualWithDelta(0.04, 1e-9)
            ->and($p->corners[0]['shift'])
            ->toBe(0.0)
            ->and($p->gaps())
            ->toHaveCount(1);
        // Two pieces: each corner costs half the width and 2 mm.
        $q = pathOf([['straight_m' => 2.4], ['corner' => 'new_piece', 'deg' => 90], ['straight_m' => 0.94]]);
        expect(array_map(fn ($s): int => $s->units, $q->pieces))
            ->toBe([47, 18])
            ->and($q->pieces[0]->roomM)
            ->toEqualWithDelta(2.393, 1e-9)
            ->and($q->pieces[1]->startM)
            ->toEqualWithDelta(2.407, 1e-9)
            ->and($q->lightsM())
            ->toEqualWithDelta([2.35, 0.9], 1e-9)
            ->and($q->joints())
            ->toBe(2);
    });

    it('keeps pieces that a short wire joins as one light', function (): void {
        $p = pathOf([['straight_m' => 1.0], ['corner' => 'jumper', 'deg' => 90], ['straight_m' => 0.5]]);
        expect(count($p->pieces))->toBe(2)->and($p->lightsM())->toHaveCount(1);
    });

    it('puts the dark where it is anchored', function (): void {
        $from = fn (string $anchor): float => pathOf([['straight_m' => 1.03]], ['anchor' => $anchor])->pieces[0]->fromM;
        expect([$from('start'), $from('middle'), $from('end')])->toEqualWithDelta([0.0, 0.015, 0.03], 1e-9);
    });

    it('tells how far a fold is from a cut mark', function (): void {
        $p = pathOf([['straight_m' => 2.404], ['corner' => 'fold', 'deg' => 90], ['straight_m' => 0.94]]);
        expect($p->corners[0]['shift'])->toEqualWithDelta(-0.004, 1e-9);
    });

    it('lets what was laid dry outrank the sum', function (): void {
        $p = pathOf([['straight_m' => 1.0], ['corner' => 'fold'], ['straight_m' => 0.5]], ['laid_m' => 1.56]);
        expect($p->pathM)->toEqualWithDelta(1.56, 1e-9)->and($p->differsM())->toEqualWithDelta(0.06, 1e-9);
        expect(pathOf([['straight_m' => 1.0]], ['laid_m' => 1.012])->differsM())->toBe(0.0);
    });

    it('holds for 500 paths: whole units, nothing past its room, pieces and gaps make the path', function (): void {
        mt_srand(7);
        for ($n = 0; $n < 500; $n++) {
            $segments = [['straight_m' => mt_rand(1, 3000) / 1000]];
            for ($c = mt_rand(0, 5); $c > 0; $c--) {
                $segments[] = [
                    'corner' => ['fold', 'jumper', 'new_piece', 'bend'][mt_rand(0, 3)],
                    'deg' => mt_rand(1, 90),
                ];
                $segments[] = ['straight_m' => mt_rand(1, 2000) / 1000];
            }
            $p = pathOf($segments, ['anchor' => ['start', 'middle', 'end'][mt_rand(0, 2)]]);
            $lit = 0.0;
            foreach ($p->pieces as $piece) {
                expect($piece->cutM)
                    ->toEqualWithDelta($piece->units * $p->pitchM, 1e-9)
                    ->and($piece->fromM)
                    ->toBeGreaterThanOrEqual($piece->startM - 1e-9);
                if ($piece->units > 0) {
                    expect($piece->fromM + $piece->cutM)->toBeLessThanOrEqual($piece->startM + $piece->roomM + 1e-9);
                    $lit += $piece->cutM;
                }
            }
            $dark = array_sum(array_map(fn (array $g): float => $g['to'] - $g['from'], $p->gaps()));
            expect($lit + $dark)
                ->toEqualWithDelta($p->pathM, 1e-6 * max(1, count($p->pieces)))
                ->and(count($p->places()))
                ->toBe($p->units());
        }
    });

    it('tells what is left of the reel', function (): void {
        $document = Make::edited(
            Make::circuit(Make::bare(), 'Shelf', 'strip_white_12_144', ['kind' => 'strip', 'wanted_m' => 5.5], 1.0, [
                'pack' => ['size' => 5.0, 'unit' => 'm'],
            ]),
            new AddLayout(
                'shelf_light',
                'strip_path',
                new Fields(['id' => 'lay', 'segments' => [['straight_m' => 5.5, 'hold' => 'channel']]]),
            ),
        );
        expect(Laid::all(Build::of($document))[0]->path()->leftM())->toEqualWithDelta(-0.5, 1e-9);
        expect(array_map(fn ($f): string => $f->rule, BenchGlow\Check\Review::of($document)->findings))->toContain(
            'layout.past_piece',
        );
    });

    it('goes past its end only where it may be cut long', function (): void {
        expect(pathOf([['straight_m' => 1.02]], [], 'up')->pastM())
            ->toEqualWithDelta(0.03, 1e-9)
            ->and(pathOf([['straight_m' => 1.02]])->pastM())
            ->toBe(0.0);
    });
});

describe('holes and pieces', function (): void {
    $row = fn (array $f, array $part = []): HoleRow => HoleRow::of(
        new Fields(['length_m' => 0.2, 'margin_m' => 0.02, 'count' => 5, ...$f]),
        new Fields(['diameter_mm' => 5.0, ...$part]),
    );

    it('agrees with hand sums', function () use ($row): void {
        $five = $row(['edge_mm' => 12, 'width_mm' => 24]);
        expect($five->atMm)
            ->toEqualWithDelta([20.0, 60.0, 100.0, 140.0, 180.0], 1e-9)
            ->and($five->webMm)
            ->toEqualWithDelta(35.0, 1e-9)
            ->and($five->endMm)
            ->toEqualWithDelta(17.5, 1e-9)
            ->and($five->edgeMm)
            ->toEqualWithDelta(9.5, 1e-9);
        $pitched = $row(['pitch_m' => 0.03]);
        expect($pitched->atMm)->toEqualWithDelta([25.0, 55.0, 85.0, 115.0, 145.0, 175.0], 1e-9);
        expect($row(['count' => 1])->atMm)
            ->toBe([100.0])
            ->and($row(['count' => 1])->webMm)
            ->toBeNull();
    });

    it('drills the next up, or the next under and eased', function () use ($row): void {
        expect($row([], ['diameter_mm' => 5.02])->drillMm)->toEqualWithDelta(5.1, 1e-9);
        $tight = $row(['fit' => 'tight'], ['diameter_mm' => 4.96]);
        expect($tight->drillMm)->toEqualWithDelta(4.9, 1e-9)->and($tight->ease)->toBe('ease it by 0.06 mm');
        expect($row(['fit' => 'bezel', 'hole_mm' => 8.2])->drillMm)->toEqualWithDelta(8.2, 1e-9);
    });

    it('mirrored twice is itself, and is numbered from the front\'s left from behind', function () use ($row): void {
        $r = $row(['margin_m' => 0.03, 'pitch_m' => null]);
        expect($r->mirrored()->mirrored()->atMm)->toEqualWithDelta($r->atMm, 1e-9);
        $back = $r->seen(true);
        expect($back[0]['n'])
            ->toBe(1)
            ->and($back[0]['x'])
            ->toEqualWithDelta(200 - $r->atMm[0], 1e-9);
    });

    it('says how far the LEDs stand out, and that an uneven wall is ground', function (): void {
        $of = fn (array $f): string => HoleRow::of(
            new Fields(['length_m' => 0.2, 'margin_m' => 0.02, 'count' => 4, ...$f]),
            new Fields(['diameter_mm' => 5, 'height_mm' => 8.6]),
        )->wallWords();
        expect($of([]))->toBe('');
        expect($of(['wall_mm' => 3]))->toBe('the LEDs stand 5.6 mm out of the wall');
        expect($of(['wall_mm' => 10, 'wall_to_mm' => 10.5]))->toBe('the LEDs end 1.4 mm inside the wall');
        expect($of(['wall_mm' => 3, 'wall_to_mm' => 3.8]))->toContain('uneven by 0.8 mm: grind it to its thinnest');
    });

    it('asks for a bridge where the legs do not reach', function () use ($row): void {
        $near = HoleRow::of(
            new Fields(['length_m' => 0.06, 'margin_m' => 0.01, 'count' => 4]),
            new Fields(['diameter_mm' => 3.0]),
        );
        expect(array_column($near->seen(true), 'bridge'))->toBe([false, false, false, false]);
        expect($row([])->perString)->toBe(1);
    });

    it('measures marks from the datum that was chosen', function (): void {
        $piece = fn (string $datum, float $m = 0.0): Piece => Piece::of(
            new Fields([
                'outline' => ['rect_m' => [0.6, 0.1]],
                'datum' => $datum,
                'datum_m' => $m,
                'thickness_mm' => 3,
                'marks' => [['id' => 'a', 'kind' => 'hole', 'at_m' => [0.1, 0.02], 'thread' => 'M4']],
            ]),
        );
        $at = fn (string $datum, float $m = 0.0): float => $piece($datum, $m)->leftM($piece($datum, $m)->marks[0]);
        expect([$at('left'), $at('right'), $at('centre'), $at('line', 0.25)])->toEqualWithDelta(
            [0.1, 0.5, 0.4, 0.35],
            1e-9,
        );
        expect(Piece::drillMm($piece('left')->marks[0]))->toBe(3.3)->and($piece('left')->collarMm())->toBe(6.0);
    });

    it('says how exact a mark has to be and what covers it', function (): void {
        $mark = fn (array $f): Mark => Mark::of(new Fields(['id' => 'a', 'at_m' => [0, 0], ...$f]));
        expect($mark(['kind' => 'cut', 'covered_by' => 'the bezel'])->accuracyWords())
            ->toBe('within 3 mm, the bezel covers it')
            ->and($mark(['kind' => 'centre'])->accuracyWords())
            ->toBe('within 0.5 mm')
            ->and($mark(['kind' => 'hole'])->isBlind())
            ->toBeTrue()
            ->and($mark(['kind' => 'hole', 'looked' => true])->isBlind())
            ->toBeFalse()
            ->and($mark(['kind' => 'hole', 'depth_mm' => 5])->isBlind())
            ->toBeFalse();
    });
});

describe('outlines and letters', function (): void {
    it('measures shapes, and takes a counter out of them', function (): void {
        expect(Outline::rectangle(0.2, 0.1)->area())
            ->toEqualWithDelta(0.02, 1e-12)
            ->and(Outline::circle(0.2)->area())
            ->toEqualWithDelta(M_PI * 0.01, 0.0001)
            ->and(Outline::rectangle(0.2, 0.1, 0.02)->area())
            ->toEqualWithDelta(0.02 - (4 - M_PI) * 0.0004, 2e-5);
        $frame = Outline::path('M0 0H100V50H0ZM20 10V40H80V10Z');
        expect($frame->area())
            ->toEqualWithDelta(0.005 - 0.0018, 1e-9)
            ->and($frame->holes())
            ->toHaveCount(1)
            ->and($frame->contains(0.05, 0.025))
            ->toBeFalse()
            ->and($frame->contains(0.01, 0.025))
            ->toBeTrue();
        // By the nonzero rule the same hole turned the other way is none.
        expect(Outline::path('M0 0H100V50H0ZM20 10H80V40H20Z')->holes())->toBe([]);
    });

    it('is offset by what it says: edges, islands, what is used up', function (): void {
        $plate = Outline::rectangle(0.4, 0.2);
        expect($plate->offset(0.01)->area())->toEqualWithDelta(0.42 * 0.22, 1e-12);
        expect($plate->offset(-0.01)->area())->toEqualWithDelta(0.38 * 0.18, 1e-12);
        expect($plate->offset(-0.11)->contours)->toBe([]);
        $ring = Outline::of([
            ...Outline::circle(0.2)->contours,
            array_reverse(Outline::circle(0.1)->moved(0.05, 0.05)->contours[0]),
        ]);
        // A margin inside eats from without and from within.
        expect($ring->offset(-0.01)->area())->toEqualWithDelta(M_PI * (0.09 ** 2 - 0.06 ** 2), 2e-4);
    });

    it('is turned about its origin, and seen from what lies on it', function (): void {
        [$x0, $y0, $x1, $y1] = Outline::rectangle(0.3, 0.1)->turned(90)->bounds();
        expect([$x0, $y0, $x1, $y1])->toEqualWithDelta([-0.1, 0.0, 0.0, 0.3], 1e-12);
        $laid = Laid::of(
            Build::of(Make::bare()),
            new Fields(['id' => 'x', 'kind' => 'panel', 'at_m' => [0.1, 0.05], 'turn_deg' => 90]),
        );
        // The dot 0.2 m right of the origin on the piece lies 0.2 m up for what is turned by 90°.
        expect($laid->seen([0.3, 0.05]))->toEqualWithDelta([0.0, -0.2], 1e-12);
        $plate = Outline::rectangle(0.3, 0.05);
        expect($laid->fromPiece($plate)->contours[0][2])->toEqualWithDelta($laid->seen([0.3, 0.05]), 1e-12);
    });

    it('stays within 0.2 mm of its curves', function (): void {
        $arc = Outline::path('M100 0A100 100 0 0 1 -100 0Z');
        foreach ($arc->contours[0] as $i => $p) {
            $q = $arc->contours[0][($i + 1) % count($arc->contours[0])];
            $mid = [($p[0] + $q[0]) / 2, ($p[1] + $q[1]) / 2];
            if ($mid[1] > 1e-9) {
                expect(0.1 - hypot(...$mid))->toBeLessThan(0.0002);
            }
        }
    });

    it('reads every command of path data', function (): void {
        $square = Outline::path('m0,0 l10,0 0,10 -10,0z');
        expect($square->area())->toEqualWithDelta(1e-4, 1e-12);
        $curved = Outline::path('M0 0C0 10 10 10 10 0S20-10 20 0Q25 10 30 0T40 0L40 40H0V0Z');
        expect($curved->contours)->toHaveCount(1)->and($curved->width())->toEqualWithDelta(0.04, 1e-6);
        expect(Outline::path('M0 0a5 5 0 1110 0a5 5 0 11-10 0z')->area())->toEqualWithDelta(M_PI * 25e-6, 4e-6);
    });

    it('refuses what is no path data', function (string $data): void {
        expect(fn () => Outline::path($data))->toThrow(NoOutline::class, 'it is taken when');
    })->with(['', 'L0 0', 'M0', 'M0 0L1', 'M0 0X5 5', 'M0 0L1e99 2', 'M0 0A1 1 0 2 0 5 5', 'M 0 0 L 5,,a']);

    it('sees where an outline crosses itself', function (): void {
        expect(Outline::path('M0 0L10 10L10 0L0 10Z')->crossesItself())
            ->toBeTrue()
            ->and(Outline::path('M0 0H10V10H0Z')->crossesItself())
            ->toBeFalse();
    });

    it('sets words to the height of their capitals', function (): void {
        $h = Lettering::set('H', 'narrow', 0.2);
        expect($h->outline->height())->toEqualWithDelta(0.2, 1e-6);
        $wide = Lettering::set('HH', 'narrow', 0.2, 0.5);
        $near = Lettering::set('HH', 'narrow', 0.2);
        $em = Face::named('narrow')->em / Face::named('narrow')->cap();
        expect($wide->outline->width() - $near->outline->width())->toEqualWithDelta(0.5 * $em * 0.2, 1e-6);
        expect(Lettering::set('HH', 'narrow', 0.2, 0.0, [0.5])->outline->width())->toEqualWithDelta(
            $wide->outline->width(),
            1e-6,
        );
    });

    it('names islands by their letters, and lists a composite sign whole', function (): void {
        $names = fn (string $words, string $face = 'bold'): array => array_column(
            Lettering::set($words, $face, 0.1)->islands(),
            'name',
        );
        expect($names('4'))
            ->toBe(['inside of 4'])
            ->and($names('B'))
            ->toBe(['upper inside of B', 'lower inside of B'])
            ->and($names('%'))
            ->toHaveCount(2)
            ->and($names('Ä'))
            ->toBe(['inside of Ä'])
            ->and($names('EIN'))
            ->toBe([]);
        $plain = Lettering::set('A', 'bold', 0.1)->outline->height();
        expect(Lettering::set('Ä', 'bold', 0.1)->outline->height())->toBeGreaterThan(1.1 * $plain);
        expect(Lettering::set('R漢', 'bold', 0.1)->missing)->toBe(['漢']);
    });

    it('finds two bridges for an island, through the stroke above and below it', function (): void {
        $bridges = Shapes::bridges(new Fields(['text' => ['words' => 'O', 'face' => 'bold', 'cap_m' => 0.1]]));
        $o = Lettering::set('O', 'bold', 0.1);
        expect($bridges)->toHaveCount(2);
        foreach ($bridges as $bridge) {
            $middle = ($bridge['from'] + $bridge['to']) / 2;
            expect($o->outline->contains($bridge['x'], $middle))
                ->toBeTrue()
                ->and($bridge['to'] - $bridge['from'])
                ->toBeGreaterThan(0.008)
                ->toBeLessThan(0.03)
                ->and($bridge['wide'])
                ->toBeGreaterThan(0.002);
        }
        expect(Shapes::bridges(new Fields(['text' => ['words' => 'I', 'cap_m' => 0.1]])))->toBe([]);
    });

    it('finds the middle of strokes: one in I, a ring in O, three and more in Ä', function (): void {
        $lines = fn (string $w): array => Strokes::of(Lettering::set($w, 'narrow', 0.2)->outline);
        $i = $lines('I');
        expect($i)
            ->toHaveCount(1)
            ->and($i[0]->lengthM())
            ->toBeGreaterThan(0.14)
            ->toBeLessThan(0.2)
            ->and($i[0]->widthM)
            ->toEqualWithDelta(Lettering::set('I', 'narrow', 0.2)->outline->width(), 0.004);
        $o = $lines('O');
        $ring = $o[0]->points;
        [$first, $last] = [$ring[0], $ring[count($ring) - 1]];
        expect($o)->toHaveCount(1)->and(hypot($first[0] - $last[0], $first[1] - $last[1]))->toBeLessThan(0.01);
        $a = $lines('Ä');
        expect(count($a))
            ->toBeGreaterThanOrEqual(3)
            ->and(array_sum(array_map(fn (Stroke $s): float => $s->lengthM(), $a)))
            ->toBeGreaterThan(0.35);
    });

    it('seats rows inside, never nearer than the margin', function (): void {
        $face = Outline::circle(0.3);
        $light = Build::of(
            Make::circuit(Make::bare(), 'Shelf', 'strip_warm_12_48', ['kind' => 'strip', 'wanted_m' => 1]),
        )->lights['shelf_light'];
        $seats = Seat::of(new Fields(['rows' => 3, 'edge_margin_m' => 0.02]), $face, $light);
        expect(count($seats))->toBeGreaterThan(8);
        foreach ($seats as $seat) {
            expect($face->contains($seat->x, $seat->y))
                ->toBeTrue()
                ->and($face->toEdge($seat->x, $seat->y))
                ->toBeGreaterThan(0.01);
        }
    });
});

describe('outlines out of files', function (): void {
    $svg = fn (
        string $inner,
        string $head = 'width="100mm" height="50mm" viewBox="0 0 200 100"',
    ): string => "<svg xmlns=\"http://www.w3.org/2000/svg\" {$head}>{$inner}</svg>";

    it('takes shapes with their transforms, in mm', function () use ($svg): void {
        $read = SvgOutline::read(
            $svg(
                '<g transform="translate(10 5) scale(2)"><rect x="1" y="2" width="40" height="20"/></g><circle cx="150" cy="50" r="10"/><text>no</text>',
            ),
        );
        $outline = Outline::path($read['path']);
        expect($outline->contours)
            ->toHaveCount(2)
            ->and($outline->area())
            ->toEqualWithDelta(0.04 * 0.02 + M_PI * 25e-6, 4e-6)
            ->and($read['left_out'])
            ->toBe(['text'])
            ->and($read['crosses'])
            ->toBeFalse();
        $inches = SvgOutline::read($svg('<path d="M0 0h1v1h-1z"/>', 'width="2in" viewBox="0 0 2 2"'));
        expect(Outline::path($inches['path'])->width())->toEqualWithDelta(0.0254, 1e-6);
        $typed = SvgOutline::read($svg('<path d="M0 0h10v5h-10z"/>', ''), 80.0);
        expect(Outline::path($typed['path'])->width())->toEqualWithDelta(0.08, 1e-6);
    });

    it('refuses 60 hostile files with a sentence each, soon', function () use ($svg): void {
        $deep = str_repeat('<g>', 70).'<rect width="5" height="5"/>'.str_repeat('</g>', 70);
        $bomb = '<!DOCTYPE svg [<!ENTITY a "aaaaaaaaaa"><!ENTITY b "&a;&a;&a;&a;&a;&a;">]>';
        $files = [
            '',
            ' ',
            'x',
            '<svg',
            '<html/>',
            '{"a":1}',
            "\0\0",
            "\xff\xfe<\0s\0v\0g\0",
            mb_convert_encoding(
                '<?xml version="1.0" encoding="UTF-16"?>'.$bomb.$svg('<rect width="9" height="9"/>'),
                'UTF-16',
            ),
            '<?xml version="1.0" encoding="ISO-8859-1"?>'.$svg('<rect width="9" height="9"/>'),
            $bomb.$svg('&b;'),
            '<!DOCTYPE svg>'.$svg('<rect width="9" height="9"/>'),
            '<!DOCTYPE svg [<!ENTITY x SYSTEM "file:///etc/passwd">]>'.$svg('<text>&x;</text>'),
            $svg(''),
            $svg('<script>alert(1)</script>'),
            $svg('<use href="#a"/>'),
            $svg('<image href="http://h/x.png"/>'),
            $svg('<foreignObject/>'),
            $svg('<text>A</text>'),
            $svg('<line x1="0" y1="0" x2="9" y2="0"/>'),
            $svg('<rect width="0" height="9"/>'),
            $svg('<rect width="-9" height="9"/>'),
            $svg('<circle r="0"/>'),
            $svg('<rect width="1e9" height="9"/>'),
            $svg('<path d="M0 0L1e9 0L0 1e9Z"/>'),
            $svg('<path d="M0 0L1e400 0Z"/>'),
            $svg('<path d="NaN"/>'),
            $svg('<path d="M0 0 L"/>'),
            $svg('<path d="M0 0 Q1"/>'),
            $svg('<path d="M0 0 <script>"/>'),
            $svg('<path d="z"/>'),
            $svg('<polygon points="1"/>'),
            $svg('<polygon points="a,b"/>'),
            $svg($deep),
            $svg(str_repeat('<rect width="1" height="1"/>', 5001)),
            $svg('<path d="M0 0'.str_repeat('h1v1', 60_000).'z"/>'),
            $svg('<g transform="rotate("><rect width="9" height="9"/></g>'),
            $svg('<g transform="scale(1e9)"><rect width="9" height="9"/></g>'),
            $svg('<g transform="matrix(1 2 3)"><rect width="9" height="9"/></g>'),
            $svg('<g transform="javascript:1"><rect width="9" height="9"/></g>'),
            $svg('<rect width="9" height="9"/>', ''),
            $svg('<rect width="9" height="9"/>', 'width="100%"'),
            $svg('<rect width="9" height="9"/>', 'width="0mm"'),
            $svg('<rect width="9" height="9"/>', 'width="-5mm"'),
            $svg('<rect width="9" height="9"/>', 'width="5em"'),
            $svg('<rect width="90000" height="9"/>', 'width="90000mm" viewBox="0 0 90000 9"'),
            str_repeat('<svg>', 3000),
            str_repeat('a', 2_000_000),
            $svg('<rect width="9" height="9"/>').str_repeat(' ', 1_100_000),
            '<svg xmlns="http://www.w3.org/2000/svg"><rect',
            '<svg/>',
            '<svg xmlns="urn:x" width="5mm"/>',
            $svg('<defs><rect width="9" height="9"/></defs>'),
            $svg('<clipPath><rect width="9" height="9"/></clipPath>'),
            $svg('<style>rect{}</style>'),
            $svg('<mask><rect width="9" height="9"/></mask>'),
            $svg('<a><rect width="9" height="9"/></a>'),
            $svg('<symbol><rect width="9" height="9"/></symbol>'),
            $svg('<path d="M0,0,0"/>'),
            $svg('<path d="M0 0A1 1 0 5 5 9 9z"/>'),
        ];
        expect(count($files))->toBeGreaterThanOrEqual(60);
        $base = Make::edited(Make::shelf(1.0), new AddLayout('shelf_light', 'panel', new Fields(['id' => 'lay'])));
        foreach ($files as $n => $file) {
            $begun = hrtime(true);
            try {
                Editor::apply($base, new ImportOutline('lay', $file));
                $said = '';
            } catch (BadBuild $e) {
                $said = $e->getMessage();
            }
            expect(str_contains($said, 'it is taken when'))
                ->toBeTrue("file {$n} was taken")
                ->and($said)
                ->not->toContain('alert')
                ->and((hrtime(true) - $begun) / 1e9)
                ->toBeLessThan(2.0);
        }
    });
});

describe('sensors', function (): void {
    $trial = fn (array $tries, array $more = []): SensorTrial => SensorTrial::of(
        new Fields([
            'unit' => 'deg',
            'shut' => 0,
            'open' => 90,
            'trials' => array_map(
                fn (array $t): array => ['at' => $t[0], 'made' => $t[1], 'held' => $t[2] ?? 'tape'],
                $tries,
            ),
            ...$more,
        ]),
    );

    it('throws between the readings, and knows it half as well as they are apart', function () use ($trial): void {
        $t = $trial([[0, true], [30, true], [36, false], [90, false]]);
        expect([$t->point, $t->known, $t->margin(), $t->wanted()])
            ->toEqualWithDelta([33.0, 3.0, 30.0, 9.0], 1e-9)
            ->and($t->holds())
            ->toBeTrue()
            ->and($t->madeShut)
            ->toBeTrue()
            ->and($t->next())
            ->toBe(33.0);
        expect($trial([[0, true], [2, false]])->holds())->toBeFalse();
        expect($trial([[0, true]])->point)
            ->toBeNull()
            ->and($trial([])->next())
            ->toBe(45.0);
    });

    it('believes what was read once it was fixed', function () use ($trial): void {
        $t = $trial([[0, true], [50, false], [0, true, 'fixed'], [20, true, 'fixed'], [24, false, 'fixed']]);
        expect($t->point)->toEqualWithDelta(22.0, 1e-9)->and($t->isFixed())->toBeTrue();
    });

    it('sees that it sticks', function () use ($trial): void {
        expect($trial([[0, true], [20, false], [30, true], [40, false]])->again)->toBeTrue();
    });
});

describe('in a build', function (): void {
    $galley = function (string $corner = 'fold'): Document {
        return Make::edited(
            Make::circuit(Make::bare(), 'Galley', 'strip_white_12_144', ['kind' => 'strip', 'wanted_m' => 3.0], 1.0),
            new AddLayout(
                'galley_light',
                'strip_path',
                new Fields([
                    'id' => 'lay',
                    'segments' => [['straight_m' => 2.4], ['corner' => $corner, 'deg' => 90], ['straight_m' => 0.94]],
                ]),
            ),
        );
    };

    it('is used, and taken back to the same bytes', function () use ($galley): void {
        foreach (['fold', 'jumper', 'new_piece'] as $corner) {
            $before = $galley($corner);
            $after = Editor::apply($before, new UseLayout('lay'));
            $build = Build::of($after);
            expect(Laid::all($build)[0]->inStep($build))
                ->toBeTrue()
                ->and($after->json)
                ->not->toBe($before->json)
                ->and(Editor::apply($before, new UseLayout('lay'))->json)
                ->toBe($after->json)
                ->and(Document::fromJson($after->json)->json)
                ->toBe($after->json);
            // Using it again changes nothing.
            expect(Editor::apply($after, new UseLayout('lay'))->json)->toBe($after->json);
        }
    });

    it('splits the run where pieces part, and joins it again', function () use ($galley): void {
        $two = Editor::apply($galley('new_piece'), new UseLayout('lay'));
        $lights = Build::of($two)->lights;
        expect(array_map(fn ($l): float => $l->wantedM(), array_values($lights)))->toEqualWithDelta([2.35, 0.9], 1e-9);
        $state = Analysis::of($two)->states['nominal'];
        foreach ($lights as $light) {
            foreach ($state->lights[$light->id] as $emitter) {
                expect($emitter->least())->toBeGreaterThan(0.5);
            }
        }
        $wants = Build::of($two)->circuits['galley']->wants;
        $one = Editor::apply(
            Editor::apply($two, new SetSegment('lay', 1, new Fields(['corner' => 'fold']))),
            new UseLayout('lay'),
        );
        expect(Build::of($one)->lights)
            ->toHaveCount(1)
            ->and(count($one->fields()->objects('leads')))
            ->toBe(count($two->fields()->objects('leads')) - 1)
            ->and(Build::of($one)->lights['galley_light']->wantedM())
            ->toEqualWithDelta(3.3, 1e-9)
            ->and(count($wants))
            ->toBe(count(Build::of($one)->circuits['galley']->wants));
    });

    it('writes a count, and mirrors a pair', function (): void {
        $document = Make::edited(
            Make::circuit(Make::bare(), 'Row', 'led_red_5', [
                'kind' => 'leds',
                'count' => 6,
                'per_string' => 3,
                'ohm' => 390,
            ]),
            new AddLayout(
                'row_light',
                'hole_row',
                new Fields([
                    'id' => 'left',
                    'side' => 'left',
                    'length_m' => 0.2,
                    'margin_m' => 0.02,
                    'pitch_m' => 0.03,
                    'edge_mm' => 9,
                ]),
            ),
        );
        $used = Editor::apply($document, new UseLayout('left'));
        expect(Build::of($used)->lights['row_light']->count())->toBe(6);
        $denser = Editor::apply(Editor::apply($used, new SetField('left', 'pitch_m', 0.02)), new UseLayout('left'));
        expect(Build::of($denser)->lights['row_light']->count())->toBe(9);
    });

    it('lights a panel by the state that is solved: dark where it is dark', function (): void {
        $document = Make::edited(
            Make::circuit(Make::bare(), 'Shelf', 'strip_white_12_144', ['kind' => 'strip', 'wanted_m' => 1.2], 4.0),
            new AddLayout(
                'shelf_light',
                'panel',
                new Fields(['id' => 'lay', 'outline' => ['rect_m' => [0.44, 0.15]], 'rows' => 3]),
            ),
        );
        $build = Build::of($document);
        $laid = Laid::all($build)[0];
        $states = Analysis::of($document)->states;
        $label = Lit::of($build, $laid, null)->field()->mean();
        expect(Lit::of($build, $laid, $states['min'])->field()->mean())
            ->toBeLessThan(Lit::of($build, $laid, $states['max'])->field()->mean())
            ->and($label)
            ->toBeGreaterThan(0.0);
        $off = new BenchGlow\Scene\State('off', true, null, 0.0, 0, [], [], [], []);
        expect(Lit::of($build, $laid, $off)->isDark())
            ->toBeTrue()
            ->and(Lit::of($build, $laid, $off)->field()->evenness())
            ->toBeNull();
    });

    it('suggests the cheapest that holds, with a step less that does not', function (): void {
        $document = Make::edited(
            Make::circuit(Make::bare(), 'Shelf', 'strip_warm_12_48', ['kind' => 'strip', 'wanted_m' => 1.2]),
            new AddLayout(
                'shelf_light',
                'panel',
                new Fields([
                    'id' => 'lay',
                    'outline' => ['rect_m' => [0.5, 0.3]],
                    'rows' => 1,
                    'depth_m' => 0.05,
                    'reflectance' => 0.8,
                ]),
            ),
        );
        $build = Build::of($document);
        $suggest = new Suggest($build, Laid::all($build)[0]);
        $all = $suggest->all();
        expect($all[0]->evenness)->toBeGreaterThanOrEqual(0.7);
        $less = array_values(array_filter($all, fn ($t): bool => $t->rows === $all[0]->rows - 1))[0];
        expect($less->evenness)->toBeLessThan($all[0]->evenness);
        expect($suggest->first()->evenness)->toBeGreaterThanOrEqual(0.7);
    });

    it('tells puddles from a band, under a path', function (): void {
        $lamps = fn (float $height): Footprint => (function () use ($height): Footprint {
            $document = Make::edited(
                Make::circuit(Make::bare(), 'Steps', 'pod_white_12', [
                    'kind' => 'module',
                    'count' => 3,
                    'spacing_m' => 0.4,
                ]),
                new AddLayout(
                    'steps_light',
                    'footprint',
                    new Fields(['id' => 'lay', 'height_m' => $height, 'wall_m' => 0.1]),
                ),
            );
            $build = Build::of($document);
            $laid = Laid::all($build)[0];

            return Footprint::of(Lit::of($build, $laid, null), $laid->fields);
        })();
        expect($lamps(0.5)->band)
            ->toBeTrue()
            ->and($lamps(0.2)->band)
            ->toBeFalse()
            ->and($lamps(0.2)->hotSpots)
            ->toBeTrue()
            ->and(min($lamps(0.2)->between) / max($lamps(0.2)->under))
            ->toBeLessThan(0.5)
            ->and($lamps(0.5)->evenness())
            ->toBeGreaterThan($lamps(0.2)->evenness());
    });

    it('is shaded where the line from a lamp meets what stands in the way', function (): void {
        $at = function (array $shadows): Footprint {
            $document = Make::edited(
                Make::circuit(
                    Make::bare(),
                    'Steps',
                    'pod_white_12',
                    ['kind' => 'module', 'count' => 1, 'spacing_m' => 0.4],
                    0.5,
                ),
                new AddLayout(
                    'steps_light',
                    'footprint',
                    new Fields(['id' => 'lay', 'height_m' => 0.4, 'path_m' => 1.0, 'shadows' => $shadows]),
                ),
            );
            $build = Build::of($document);
            $laid = Laid::all($build)[0];

            return Footprint::of(Lit::of($build, $laid, null), $laid->fields);
        };
        $free = $at([]);
        // Lying on the path it darkens only where it lies: a tenth of it, far from the lamp.
        $lying = $at([['from_m' => 0.9, 'to_m' => 1.0]]);
        expect($lying->least)
            ->toBe(0.0)
            ->and($lying->mean)
            ->toBeGreaterThan(0.9 * $free->mean);
        expect($lying->under)->toBe($free->under);
        // A board half way up from 0.45 to 0.55 hides the path from 0.4 to 0.6, and what is under the lamp at 0.5.
        $board = $at([['from_m' => 0.45, 'to_m' => 0.55, 'height_m' => 0.2]]);
        expect($board->under)->toBe([0.0]);
        $twice = $at([['from_m' => 0.4, 'to_m' => 0.6]]);
        expect($board->mean)->toEqualWithDelta($twice->mean, 1e-9);
    });

    it('keeps a trial inside the travel, and refuses one outside', function (): void {
        $cabinet = Make::file('mineral-cabinet.glow.json');
        $kept = Editor::apply($cabinet, new KeepTrial('door_magnet', 12.0, true, 'fixed', '2026-05-02'));
        expect(count($kept->fields()->objects('layouts')))->toBe(count($cabinet->fields()->objects('layouts')));
        expect(fn () => Editor::apply($cabinet, new KeepTrial('door_magnet', 120.0, true)))->toThrow(
            BadBuild::class,
            'inside the travel',
        );
    });

    it('reads each of its edits from JSON and writes it the same', function (array $json): void {
        expect(Edits::write(Edits::read($json)))->toBe($json);
    })->with([
        [['op' => 'add_layout', 'light' => 'shelf']],
        [['op' => 'add_layout', 'light' => null, 'kind' => 'piece', 'with' => ['label' => 'Board']]],
        [['op' => 'set_segment', 'id' => 'lay', 'at' => 1, 'segment' => ['corner' => 'fold'], 'insert' => true]],
        [['op' => 'set_segment', 'id' => 'lay', 'at' => 0, 'segment' => null]],
        [['op' => 'use_layout', 'id' => 'lay']],
        [['op' => 'keep_trial', 'id' => 'lay', 'at' => 3.5, 'made' => true]],
        [['op' => 'import_outline', 'id' => 'lay', 'svg' => '<svg/>', 'width_m' => 0.2]],
    ]);

    it('refuses by its path what a layout can\'t be', function (array $layout, string $path, string $says): void {
        $raw = json_decode(Make::shelf(1.0)->json);
        $raw->layouts = json_decode((string) json_encode([['id' => 'board', 'kind' => 'piece'], $layout]));
        expect(fn () => Document::fromDecoded($raw))->toThrow(BadBuild::class, $says);
        try {
            Document::fromDecoded($raw);
        } catch (BadBuild $e) {
            expect($e->getMessage())->toContain($path);
        }
    })->with([
        [['id' => 'a', 'kind' => 'strip_path', 'light' => 'nobody'], '/layouts/1/light', 'nobody'],
        [['id' => 'a', 'kind' => 'strip_path', 'piece' => 'shelf_light'], '/layouts/1/piece', 'shelf_light'],
        [
            ['id' => 'a', 'kind' => 'panel', 'outline' => ['rect_m' => [1, 1], 'circle_m' => 1]],
            '/layouts/1/outline',
            'rect_m and circle_m',
        ],
        [['id' => 'a', 'kind' => 'panel', 'outline' => ['corner_m' => 0.1]], '/layouts/1/outline', 'has none'],
        [['id' => 'a', 'kind' => 'panel', 'outline' => ['rect_m' => [0, 1]]], '/layouts/1/outline/rect_m/0', '0.001'],
        [['id' => 'a', 'kind' => 'panel', 'reflectance' => 0.99], '/layouts/1/reflectance', '0.98'],
        [
            ['id' => 'a', 'kind' => 'panel', 'lights' => [['light' => 'x', 'rows' => [1]]]],
            '/layouts/1/lights/0/light',
            'no light',
        ],
        [
            ['id' => 'a', 'kind' => 'strip_path', 'segments' => [['straight_m' => -1]]],
            '/layouts/1/segments/0/straight_m',
            '0',
        ],
        [
            ['id' => 'a', 'kind' => 'strip_path', 'segments' => [['corner' => 'knot']]],
            '/layouts/1/segments/0/corner',
            'knot',
        ],
        [
            ['id' => 'a', 'kind' => 'strip_path', 'segments' => array_fill(0, 201, ['straight_m' => 1])],
            '/layouts/1/segments',
            '200',
        ],
        [
            ['id' => 'a', 'kind' => 'piece', 'marks' => [['id' => 'm', 'kind' => 'hole', 'at_m' => [0, 99]]]],
            '/layouts/1/marks/0/at_m/1',
            '10',
        ],
        [
            [
                'id' => 'a',
                'kind' => 'piece',
                'marks' => [
                    ['id' => 'm', 'kind' => 'hole', 'at_m' => [0, 0]],
                    ['id' => 'm', 'kind' => 'hole', 'at_m' => [1, 0]],
                ],
            ],
            '/layouts/1/marks/1/id',
            'twice',
        ],
        [['id' => 'a', 'kind' => 'sensor', 'device' => 'shelf_light'], '/layouts/1/device', 'shelf_light'],
        [['id' => 'a', 'kind' => 'strip_path', 'mirror_of' => 'a'], '/layouts/1/mirror_of', 'mirrors itself'],
        [
            ['id' => 'a', 'kind' => 'footprint', 'shadows' => [['from_m' => 1, 'to_m' => 0]]],
            '/layouts/1/shadows/0',
            'past',
        ],
    ]);

    it('refuses a segment that is not there, and more than a path holds', function () use ($galley): void {
        expect(fn () => Editor::apply($galley(), new SetSegment('lay', 9, new Fields(['straight_m' => 1]))))->toThrow(
            BadBuild::class,
            'has 3 parts',
        );
        expect(fn () => Editor::apply($galley(), new SetSegment('galley_light', 0, null)))->toThrow(
            BadBuild::class,
            'only a strip',
        );
        $long = Make::edited($galley(), new SetField('lay', 'segments', array_fill(0, 200, ['straight_m' => 0.1])));
        expect(fn () => Editor::apply($long, new SetSegment('lay', 0, new Fields(['straight_m' => 1]), true)))->toThrow(
            BadBuild::class,
            'at most 200',
        );
    });
});

describe('sheets', function (): void {
    $letters = fn (): Document => Make::edited(
        Make::circuit(Make::bare(), 'Name', 'led_red_5', [
            'kind' => 'leds',
            'count' => 8,
            'per_string' => 3,
            'ohm' => 390,
        ]),
        new AddLayout(
            'name_light',
            'panel',
            new Fields([
                'id' => 'lay',
                'label' => 'Name',
                'outline' => ['text' => ['words' => 'WINDWARD', 'face' => 'bold', 'cap_m' => 0.2]],
            ]),
        ),
        new AddLayout(
            null,
            'piece',
            new Fields([
                'id' => 'board',
                'label' => 'Board',
                'outline' => ['rect_m' => [0.3, 0.1]],
                'marks' => [['id' => 'm1', 'kind' => 'hole', 'at_m' => [0.05, 0.03], 'drill_mm' => 5]],
            ]),
        ),
    );

    /** Lines and curves of every page, in points. */
    $drawn = function (string $pdf): array {
        $pages = [];
        preg_match_all('/stream\r?\n(.*?)endstream/s', $pdf, $streams);
        foreach ($streams[1] as $stream) {
            // Only what is deflated is drawn with; faces and maps stand beside it.
            $text = str_starts_with($stream, 'x') ? (string) gzuncompress(substr($stream, 0, -1)) : '';
            if (str_contains($text, ' re W n') || str_contains($text, ' l')) {
                $pages[] = $text;
            }
        }

        return $pages;
    };

    it('prints bars of 100 mm and 4 in on every tile, with one embedded face', function () use (
        $letters,
        $drawn,
    ): void {
        $document = $letters();
        $build = Build::of($document);
        $template = Templates::of($build, Laid::all($build)[0], false);
        $tiles = Tiles::of($template, 'a4');
        // As the command line makes it: here another test may have loaded the library with its own face.
        $folder = sys_get_temp_dir().'/glow-sheets-'.getmypid();
        file_put_contents("{$folder}.json", $document->json);
        $tools = escapeshellarg(dirname(__DIR__, 2).'/bin/tools.php');
        exec(PHP_BINARY." {$tools} layout {$folder}.json --id lay --out {$folder}.pdf", $said, $code);
        $pdf = (string) file_get_contents("{$folder}.pdf");
        array_map(unlink(...), ["{$folder}.json", "{$folder}.pdf"]);
        expect($code)->toBe(0);
        expect($tiles->count())
            ->toBeGreaterThan(5)
            ->and(substr_count($pdf, '/Type /Page '))
            ->toBe($tiles->count())
            ->and($pdf)
            ->toContain('/PrintScaling /None')
            ->and($pdf)
            ->toContain('/FontFile2')
            ->and($pdf)
            ->not->toContain('Helvetica');
        $with = 0;
        foreach ($drawn($pdf) as $page) {
            preg_match_all('/([\d.]+) ([\d.]+) m\s+([\d.]+) ([\d.]+) l\s+S/', $page, $lines, PREG_SET_ORDER);
            $long = array_map(fn (array $l): float => abs((float) $l[3] - (float) $l[1]), $lines);
            $has = fn (float $pt): bool => array_filter($long, fn (float $m): bool => abs($m - $pt) <= 0.05) !== [];
            $with += $has(283.46) && $has(288.0) ? 1 : 0;
        }
        expect($with)->toBe($tiles->count());
    });

    it('draws the outline where it is, within 0.2 mm, mirrored from the back', function () use ($letters): void {
        $build = Build::of($letters());
        $laid = Laid::all($build)[0];
        $front = Templates::of($build, $laid, false);
        $back = Templates::of($build, $laid, true);
        $w = $laid->outline()->width() * 1000;
        expect($front->wMm)->toEqualWithDelta($w, 1e-6);
        foreach ($front->lines as $n => $line) {
            foreach ($line['points'] as $i => [$x, $y]) {
                expect($back->lines[$n]['points'][$i][0])->toEqualWithDelta($w - $x, 1e-6);
            }
        }
        $svg = Sheets::svg($front, 'Test');
        expect($svg)
            ->toContain('width="'.round($w, 3).'mm"')
            ->toContain('<path d="M');
        expect(simplexml_load_string($svg))->not->toBeFalse();
    });

    it('lists the holes of all layouts', function () use ($letters): void {
        $layouts = new Layouts($letters(), null, false, 'a4');
        [$csv] = $layouts->out('csv');
        $lines = explode("\n", trim($csv));
        expect($lines[0])
            ->toBe('layout,id,x_mm,y_mm,drill_mm,accuracy_mm,covered_by')
            ->and(end($lines))
            ->toBe('board,m1,50,30,5,1,');
        expect(fn () => $layouts->out('svg'))->toThrow(BadBuild::class, 'holds one layout');
        expect(fn () => new Layouts($letters(), 'bord', false, 'a4'))->toThrow(BadBuild::class, 'board');
    });
});

it('sizes a panel as the command line asks', function (): void {
    $in = [
        'outline' => ['rect_m' => [0.2, 0.1]],
        'depth_m' => 0.05,
        'viewing_deg' => 120,
        'sources' => [['x_m' => 0.1, 'y_m' => 0.05, 'lm' => 30]],
        'reflectance' => 0.0,
        'box_area_m2' => 0.05,
        'transmission' => 0.5,
        'cell_m' => 0.01,
    ];
    $out = SizePanel::run((string) json_encode($in));
    expect($out['cells'])
        ->toBe(200)
        ->and($out['lux']['max'])
        ->toEqualWithDelta(((30 / M_PI) * 0.0025) / (2 * 0.005 ** 2 + 0.0025) ** 2, 1e-6)
        ->and($out['luminance_cd_m2'])
        ->toEqualWithDelta((0.5 * $out['lux']['avg']) / M_PI, 1e-9)
        ->and($out['min_over_max'])
        ->toEqualWithDelta($out['lux']['min'] / $out['lux']['max'], 1e-12);
    $wrong = fn (array $more) => fn () => SizePanel::run((string) json_encode([...$in, ...$more]));
    expect($wrong(['reflectance' => 0.99]))->toThrow(BadBuild::class, '/reflectance');
    expect($wrong(['sources' => []]))->toThrow(BadBuild::class, '/sources');
    expect($wrong(['outline' => ['path' => 'M0 0L5 0Z']]))->toThrow(BadBuild::class, '/outline/path');
    expect($wrong(['outline' => []]))->toThrow(BadBuild::class, '/outline');
    expect($wrong(['cell_m' => 0.0001]))->toThrow(BadBuild::class, '/cell_m');
});
