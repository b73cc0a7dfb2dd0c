<?php

declare(strict_types=1);

namespace BenchGlow\Layout;

use BenchGlow\Quantity\Csv;

/** Templates on paper at true size, as SVG, and as a list of holes (layout-harness.md 7). */
final class Sheets
{
    /** What a line is drawn with, mm: thickness and dashes. */
    private const LINES = ['cut' => [0.35, ''], 'score' => [0.25, '2,2'], 'thin' => [0.15, '']];

    private const CROSS_MM = 12.0;

    private const BARS = ['100 mm' => 100.0, '4 in' => 101.6];

    /**
     * @param  list<Template>  $templates
     * @param  string  $paper  a4 · letter
     * @param  string  $about  build, revision, when it was kept
     * @return string PDF
     */
    public static function pdf(array $templates, string $paper, string $about): string
    {
        $sheet = new Sheet($about);
        foreach ($templates as $template) {
            $tiles = Tiles::of($template, $paper);
            foreach ($tiles->used as $n => $tile) {
                $sheet->page($tiles->pageW, $tiles->pageH);
                self::tile($sheet, $template, $tiles, $tile);
                self::foot($sheet, $template, $tiles, $n, $about);
            }
        }

        return $sheet->bytes();
    }

    private static function tile(Sheet $sheet, Template $t, Tiles $tiles, int $n): void
    {
        [$x0, $y0] = $tiles->corner($n);
        [$dx, $dy] = [Tiles::WHITE_MM - $x0, Tiles::WHITE_MM - $y0];
        $sheet->clip(Tiles::WHITE_MM, Tiles::WHITE_MM, $tiles->roomX(), $tiles->roomY());
        [$x1, $y1] = [$x0 + $tiles->roomX(), $y0 + $tiles->roomY()];
        foreach ($t->lines as $line) {
            if (! Template::crosses($line['points'], $x0, $y0, $x1, $y1, $line['closed'])) {
                continue;
            }
            [$thick, $dash] = self::LINES[$line['kind']];
            $points = array_map(fn (array $p): array => [$p[0] + $dx, $p[1] + $dy], $line['points']);
            $sheet->line($points, $line['closed'], $thick, $dash);
        }
        foreach ($t->holes as $hole) {
            [$x, $y] = [$hole['x'] + $dx, $hole['y'] + $dy];
            $half = self::CROSS_MM / 2;
            $sheet->line([[$x - $half, $y], [$x + $half, $y]], false, 0.15);
            $sheet->line([[$x, $y - $half], [$x, $y + $half]], false, 0.15);
            if ($hole['mm'] !== null) {
                $sheet->circle($x, $y, $hole['mm'] / 2, 0.2);
            }
            $sheet->text($x + 1.0, $y - 1.5, $hole['words'], 6.5);
        }
        foreach ($t->texts as $text) {
            $sheet->text($text['x'] + $dx, $text['y'] + $dy, $text['words'], 8.0);
        }
        $sheet->unclip();
        self::crosses($sheet, $tiles);
    }

    /** Where the next sheet lies on this one. */
    private static function crosses(Sheet $sheet, Tiles $tiles): void
    {
        if ($tiles->count() < 2) {
            return;
        }
        $mid = Tiles::OVERLAP_MM / 2;
        [$l, $t] = [Tiles::WHITE_MM + $mid, Tiles::WHITE_MM + $mid];
        [$r, $b] = [Tiles::WHITE_MM + $tiles->roomX() - $mid, Tiles::WHITE_MM + $tiles->roomY() - $mid];
        foreach ([[$l, $t], [$r, $t], [$l, $b], [$r, $b]] as [$x, $y]) {
            $sheet->line([[$x - 2.5, $y], [$x + 2.5, $y]], false, 0.15);
            $sheet->line([[$x, $y - 2.5], [$x, $y + 2.5]], false, 0.15);
        }
    }

    private static function foot(Sheet $sheet, Template $t, Tiles $tiles, int $n, string $about): void
    {
        $x = Tiles::WHITE_MM;
        $y = $tiles->pageH - Tiles::WHITE_MM - Tiles::FOOT_MM + 6.0;
        foreach (self::BARS as $words => $mm) {
            $sheet->line([[$x, $y], [$x + $mm, $y]], false, 0.35);
            foreach ([0.0, $mm] as $end) {
                $sheet->line([[$x + $end, $y - 1.2], [$x + $end, $y + 1.2]], false, 0.2);
            }
            $sheet->text($x + 104.0, $y + 1.0, $words, 8.0);
            $y += 5.0;
        }
        $sheet->text($x, $y + 1.0, 'Print at 100 %, then measure the bars.', 8.0);
        $sheet->text(
            $x,
            $y + 5.0,
            "{$t->title}, {$t->side} · sheet ".($n + 1)." of {$tiles->count()} · {$about}",
            7.0,
        );
        if ($t->caution !== '') {
            $sheet->text($x, $y + 9.0, $t->caution, 9.0);
        }
    }

    /** One template as SVG in mm, a path for each contour. */
    public static function svg(Template $t, string $about): string
    {
        $n = fn (float $v): string => (string) round($v, 3);
        $e = fn (string $words): string => htmlspecialchars($words, ENT_QUOTES | ENT_XML1);
        $all = '';
        foreach ($t->lines as $line) {
            [$thick, $dash] = self::LINES[$line['kind']];
            $d = '';
            foreach ($line['points'] as $i => [$x, $y]) {
                $d .= ($i === 0 ? 'M' : 'L').$n($x).' '.$n($y);
            }
            $d .= $line['closed'] ? 'Z' : '';
            $dashes = $dash === '' ? '' : " stroke-dasharray=\"{$dash}\"";
            $all .= "<path d=\"{$d}\" fill=\"none\" stroke=\"#000\" stroke-width=\"{$thick}\"{$dashes}/>\n";
        }
        foreach ($t->holes as $hole) {
            [$x, $y, $h] = [$hole['x'], $hole['y'], self::CROSS_MM / 2];
            $cross = "M{$n($x - $h)} {$n($y)}H{$n($x + $h)}M{$n($x)} {$n($y - $h)}V{$n($y + $h)}";
            $all .= "<path d=\"{$cross}\" fill=\"none\" stroke=\"#000\" stroke-width=\"0.15\"/>\n";
            $all .=
                $hole['mm'] === null
                    ? ''
                    : "<circle cx=\"{$n($x)}\" cy=\"{$n($y)}\" r=\"{$n(
                        $hole['mm'] / 2,
                    )}\" fill=\"none\" stroke=\"#000\" stroke-width=\"0.2\"/>\n";
        }
        [$w, $h] = [$n($t->wMm), $n($t->hMm)];

        return "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"{$w}mm\" height=\"{$h}mm\" viewBox=\"0 0 {$w} {$h}\">\n".
            "<title>{$e($t->title)}, {$t->side}</title>\n<desc>{$e($about)}</desc>\n{$all}</svg>\n";
    }

    /**
     * @param  array<string, Template>  $templates  layout => its template
     * @return string holes as a table
     */
    public static function csv(array $templates): string
    {
        $rows = [['layout', 'id', 'x_mm', 'y_mm', 'drill_mm', 'accuracy_mm', 'covered_by']];
        foreach ($templates as $id => $t) {
            foreach ($t->holes as $hole) {
                $rows[] = [
                    (string) $id,
                    $hole['id'],
                    round($hole['x'], 3),
                    round($hole['y'], 3),
                    $hole['mm'],
                    $hole['accuracy_mm'],
                    $hole['covered_by'],
                ];
            }
        }

        return Csv::text($rows);
    }
}
