<?php

declare(strict_types=1);

namespace BenchGlow\Layout;

use BenchGlow\Build\Build;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\Extreme;

/** Makes the template of a layout, seen from the front or from the back. */
final class Templates
{
    private const AROUND_MM = 6.0;

    public static function of(Build $build, Laid $laid, bool $back): ?Template
    {
        return match ($laid->kind) {
            'piece' => self::piece($laid, $back),
            'hole_row' => self::row($build, $laid, $back),
            'panel' => self::panel($laid, $back),
            'strip_path' => self::path($laid, $back),
            default => null,
        };
    }

    private static function title(Laid $laid): string
    {
        return $laid->label.($laid->side() === '' ? '' : " ({$laid->side()})");
    }

    private static function piece(Laid $laid, bool $back): ?Template
    {
        $piece = Piece::of($laid->fields);
        $outline = $piece->outline;
        if ($outline->isEmpty()) {
            return null;
        }
        [$x0, $y0, $x1, $y1] = $outline->bounds();
        $turn = fn (float $x): float => 1000 * ($back ? $x1 - $x : $x - $x0);
        $lines = self::cut($back ? $outline->mirrored() : $outline);
        $holes = $texts = [];
        foreach ($piece->marks as $n => $mark) {
            $x = $turn($piece->leftM($mark));
            $y = 1000 * ($mark->atM[1] - $y0);
            $drill = Piece::drillMm($mark);
            if ($drill !== null || in_array($mark->kind, ['hole', 'drain'], true)) {
                $words =
                    ($drill === null
                        ? ''
                        : self::mm($drill).($mark->thread === '' ? ', ' : " for {$mark->thread}, ")).
                    $mark->accuracyWords();
                $holes[] = self::hole($mark->id, $x, $y, $drill, $words, $mark->accuracyMm, $mark->coveredBy);
            } elseif ($mark->toM !== null) {
                $to = [1000 * ($mark->toM[0] - $mark->atM[0]) * ($back ? -1 : 1) + $x, 1000 * ($mark->toM[1] - $y0)];
                $lines[] = [
                    'kind' => $mark->kind === 'score' ? 'score' : 'cut',
                    'points' => [[$x, $y], $to],
                    'closed' => false,
                ];
            } else {
                $lines[] = ['kind' => 'thin', 'points' => [[$x, 0.0], [$x, 1000 * ($y1 - $y0)]], 'closed' => false];
                $texts[] = ['x' => $x + 1.0, 'y' => 4.0 + 4.0 * ($n % 4), 'words' => $mark->kind];
            }
        }
        $caution = $piece->loaded ? 'Carries load, holds pressure or protects: do not drill or cut.' : '';

        return new Template(
            self::title($laid),
            $back ? 'back' : 'front',
            1000 * ($x1 - $x0),
            1000 * ($y1 - $y0),
            $lines,
            $holes,
            $texts,
            $caution,
        );
    }

    private static function row(Build $build, Laid $laid, bool $back): ?Template
    {
        $row = $laid->row($build);
        if ($row === null || $row->lengthMm <= 0.0) {
            return null;
        }
        $high = max(20.0, $row->widthMm);
        $edge = [[0.0, 0.0], [$row->lengthMm, 0.0], [$row->lengthMm, $high], [0.0, $high]];
        $holes = [];
        foreach ($row->seen($back) as $hole) {
            $words = $hole['n'] === 1 ? self::mm($row->drillMm).($row->ease === null ? '' : ", {$row->ease}") : '';
            $legs = $back ? ($hole['plus'] > 0 ? ' − +' : ' + −') : '';
            $y = $hole['y'] > 0.0 ? $hole['y'] : $high / 2;
            $accuracy = $laid->fields->number('accuracy_mm', 1.0);
            $covered = $laid->fields->text('covered_by');
            $holes[] = self::hole(
                (string) $hole['n'],
                $hole['x'],
                $y,
                $row->drillMm,
                trim("{$hole['n']}{$legs} {$words}"),
                $accuracy,
                $covered,
            );
        }

        return new Template(
            self::title($laid),
            $back ? 'back' : 'front',
            $row->lengthMm,
            $high,
            [
                ['kind' => 'thin', 'points' => $edge, 'closed' => true],
                [
                    'kind' => 'thin',
                    'points' => [[$row->lengthMm / 2, 0.0], [$row->lengthMm / 2, $high]],
                    'closed' => false,
                ],
            ],
            $holes,
            [['x' => $row->lengthMm / 2 + 1, 'y' => 4.0, 'words' => 'centre']],
            '',
        );
    }

    private static function panel(Laid $laid, bool $back): ?Template
    {
        $outline = $laid->outline();
        if ($outline->isEmpty()) {
            return null;
        }
        [$x0, $y0, $x1, $y1] = $outline->bounds();
        $lines = self::cut($back ? $outline->mirrored() : $outline);
        $holes = $texts = [];
        $single = $laid->light()?->kind === 'leds';
        foreach ($laid->seats() as $n => $source) {
            $x = 1000 * ($back ? $x1 - $source->x : $source->x - $x0);
            $y = 1000 * ($source->y - $y0);
            if ($single) {
                $drill = $laid->light()->part->number('diameter_mm', 5.0);
                $words = $n === 0 ? self::mm($drill) : '';
                $holes[] = self::hole(
                    (string) ($n + 1),
                    $x,
                    $y,
                    $drill,
                    $words,
                    1.0,
                    $laid->fields->text('covered_by'),
                );
            }
        }
        foreach (self::islands($laid->fields) as $island) {
            $x = 1000 * ($back ? $x1 - $island['x'] : $island['x'] - $x0);
            $texts[] = ['x' => $x - 1.5, 'y' => 1000 * ($island['y'] - $y0), 'words' => $island['letter']];
        }

        // Left standing, two of them hold an island; cut through, it is a part to keep.
        foreach (Shapes::bridges($laid->fields->object('outline')) as $bridge) {
            foreach ([-0.5, 0.5] as $half) {
                $x = $bridge['x'] + $half * $bridge['wide'];
                $at = 1000 * ($back ? $x1 - $x : $x - $x0);
                $ends = [[$at, 1000 * ($bridge['from'] - $y0)], [$at, 1000 * ($bridge['to'] - $y0)]];
                $lines[] = ['kind' => 'score', 'points' => $ends, 'closed' => false];
            }
        }

        return new Template(
            self::title($laid),
            $back ? 'back' : 'front',
            1000 * ($x1 - $x0),
            1000 * ($y1 - $y0),
            $lines,
            $holes,
            $texts,
            '',
        );
    }

    /** @return list<array{name: string, letter: string, x: float, y: float, w: float, h: float, area: float}> */
    private static function islands(Fields $f): array
    {
        return Shapes::islands($f->object('outline'));
    }

    private static function path(Laid $laid, bool $back): ?Template
    {
        $path = $laid->path();
        if ($path === null || $path->places() === []) {
            return null;
        }
        $points = array_map(fn (array $p): array => [1000 * $p[0], 1000 * $p[1]], $path->points());
        $xs = array_column($points, 0);
        $ys = array_column($points, 1);
        [$left, $top] = [Extreme::least($xs) - self::AROUND_MM, Extreme::least($ys) - self::AROUND_MM];
        $w = Extreme::greatest($xs) - $left + self::AROUND_MM;
        $h = Extreme::greatest($ys) - $top + self::AROUND_MM;
        $home = fn (float $x, float $y): array => [$back ? $w - ($x - $left) : $x - $left, $y - $top];
        $lines = [
            ['kind' => 'thin', 'points' => array_map(fn (array $p): array => $home(...$p), $points), 'closed' => false],
        ];
        foreach ($path->pieces as $piece) {
            for ($u = 0; $u <= $piece->units; $u++) {
                [$x, $y, $a] = $path->at($piece->fromM + $u * $path->pitchM);
                [$dx, $dy] = [500 * $path->widthM * -sin($a), 500 * $path->widthM * cos($a)];
                $end = $u === 0 || $u === $piece->units;
                $lines[] = [
                    'kind' => $end ? 'cut' : 'score',
                    'points' => [$home(1000 * $x - $dx, 1000 * $y - $dy), $home(1000 * $x + $dx, 1000 * $y + $dy)],
                    'closed' => false,
                ];
            }
        }

        return new Template(self::title($laid), $back ? 'back' : 'front', $w, $h, $lines, [], [], '');
    }

    /** @return list<array{kind: string, points: list<array{float, float}>, closed: bool}> */
    private static function cut(Outline $outline): array
    {
        [$x0, $y0] = $outline->bounds();

        return array_map(
            fn (array $contour): array => ['kind' => 'cut', 'points' => $contour, 'closed' => true],
            $outline->moved(-$x0, -$y0)->scaled(1000.0)->contours,
        );
    }

    /** @return array{x: float, y: float, mm: float|null, words: string, id: string, accuracy_mm: float, covered_by: string} */
    private static function hole(
        string $id,
        float $x,
        float $y,
        ?float $mm,
        string $words,
        float $accuracy,
        string $covered,
    ): array {
        return [
            'x' => $x,
            'y' => $y,
            'mm' => $mm,
            'words' => $words,
            'id' => $id,
            'accuracy_mm' => $accuracy,
            'covered_by' => $covered,
        ];
    }

    private static function mm(float $mm): string
    {
        return rtrim(rtrim(number_format($mm, 2, '.', ''), '0'), '.').' mm';
    }
}
