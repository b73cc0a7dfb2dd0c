<?php

declare(strict_types=1);

namespace BenchGlow\Drawing;

use BenchGlow\Build\Build;
use BenchGlow\Build\Fastener;
use BenchGlow\Layout\Sheet;
use BenchGlow\Quantity\Words;
use BenchGlow\Steps\Ledger;

/** The tray sheet at true size: every fastener on its outline, a field per panel in the order of closing (build-handover.md 11). */
final class TrayPaper
{
    private const EDGE_MM = 10.0;

    private const BAR_MM = 100.0;

    private const INCHES_MM = 101.6;

    /** Where a size does not say, mm. */
    private const LONG_MM = 12.0;

    private const THICK_MM = 5.0;

    /** A head is so much wider than its thread, and so high. */
    private const HEAD = 1.8;

    private const HEAD_HIGH = 0.6;

    private const WASHER = 2.2;

    private const FIELD_HEAD_MM = 9.0;

    private const GAP_MM = 4.0;

    private float $y;

    private readonly float $w;

    private readonly float $h;

    private function __construct(private readonly Sheet $sheet, string $paper, private readonly string $about)
    {
        [$this->w, $this->h] = Sheet::paper($paper);
        $this->y = $this->h;
    }

    /** @param  string  $paper  a4 · letter */
    public static function sheet(Build $build, string $paper, string $about): string
    {
        $tray = new self(new Sheet($about), $paper, $about);
        $ledger = new Ledger($build);
        $tray->page();
        foreach ($ledger->order as $panel) {
            $tray->field(Words::first($build->panels[$panel]->label), $ledger->of($panel));
        }
        $elsewhere = $ledger->elsewhere();
        if ($elsewhere !== []) {
            $tray->field('Elsewhere', $elsewhere);
        }

        return $tray->sheet->bytes();
    }

    private function page(): void
    {
        $this->sheet->page($this->w, $this->h);
        $x = self::EDGE_MM;
        $this->sheet->text($x, $x, "{$this->about}: what came off. Print at 100 %, measure both bars.");
        $this->sheet->line([[$x, $x + 5.0], [$x + self::BAR_MM, $x + 5.0]], false, 0.3);
        $this->sheet->text($x + self::BAR_MM + 4.0, $x + 6.0, '100.0 mm');
        $this->sheet->line([[$x, $x + 9.0], [$x + self::INCHES_MM, $x + 9.0]], false, 0.3);
        $this->sheet->text($x + self::INCHES_MM + 2.4, $x + 10.0, '4 in');
        $this->y = $x + 16.0;
    }

    /** @param  list<Fastener>  $fasteners */
    private function field(string $label, array $fasteners): void
    {
        if ($this->y + self::FIELD_HEAD_MM + 20.0 > $this->h - self::EDGE_MM) {
            $this->page();
        }
        $bags = array_values(array_unique(array_filter(array_map(fn (Fastener $f): string => $f->bag, $fasteners))));
        $bag = $bags === [] ? '' : ', bag '.implode(', ', $bags);
        $this->sheet->line([[self::EDGE_MM, $this->y], [$this->w - self::EDGE_MM, $this->y]], false, 0.4);
        $this->sheet->text(self::EDGE_MM, $this->y + 5.0, $label.$bag, 11.0);
        $this->tick($this->w - 62.0, 'all loose');
        $this->tick($this->w - 34.0, 'tight');
        $this->y += self::FIELD_HEAD_MM;
        if ($fasteners === []) {
            $this->sheet->text(self::EDGE_MM, $this->y + 3.0, 'Nothing is written down of what holds it.', 8.0);
            $this->y += self::GAP_MM + 4.0;
        }
        foreach ($fasteners as $fastener) {
            $this->kind($fastener);
        }
        $this->y += self::GAP_MM;
    }

    private function tick(float $x, string $words): void
    {
        $y = $this->y + 2.0;
        $this->sheet->line([[$x, $y], [$x + 3.5, $y], [$x + 3.5, $y + 3.5], [$x, $y + 3.5]], true, 0.25);
        $this->sheet->text($x + 5.0, $y + 3.0, $words, 8.0);
    }

    /** One kind of fastener: its words, and a place for each piece of it, drawn true. */
    private function kind(Fastener $fastener): void
    {
        $long = $fastener->longMm() ?? self::LONG_MM;
        $thick = $fastener->threadMm() ?? self::THICK_MM;
        $washer = $fastener->washer ? self::WASHER * $thick : 0.0;
        $cellW = max(12.0, $long + self::HEAD_HIGH * $thick + 6.0);
        $cellH = max(9.0, max(self::HEAD * $thick, $washer) + 4.0);
        if ($this->y + $cellH + 6.0 > $this->h - self::EDGE_MM) {
            $this->page();
        }
        $where = $fastener->where === '' ? '' : ", {$fastener->where}";
        $this->sheet->text(self::EDGE_MM, $this->y + 3.0, $fastener->words().$where, 8.0);
        $this->y += 5.0;
        $x = self::EDGE_MM;
        for ($n = 0; $n < $fastener->count; $n++) {
            if ($x + $cellW > $this->w - self::EDGE_MM) {
                [$x, $this->y] = [self::EDGE_MM, $this->y + $cellH];
            }
            if ($this->y + $cellH > $this->h - self::EDGE_MM) {
                $this->page();
                $x = self::EDGE_MM;
            }
            $this->outline($x + 2.0, $this->y + $cellH / 2, $long, $thick, $washer);
            $x += $cellW;
        }
        $this->y += $cellH + 1.0;
    }

    /** Head, shank at true length and thickness, a washer seen from the side, a cross where it lies. */
    private function outline(float $x, float $y, float $long, float $thick, float $washer): void
    {
        $high = self::HEAD_HIGH * $thick;
        $head = (self::HEAD * $thick) / 2;
        $half = $thick / 2;
        $this->sheet->line(
            [[$x, $y - $head], [$x + $high, $y - $head], [$x + $high, $y + $head], [$x, $y + $head]],
            true,
            0.25,
        );
        $x += $high;
        $end = $x + $long;
        $this->sheet->line([[$x, $y - $half], [$end, $y - $half], [$end, $y + $half], [$x, $y + $half]], true, 0.25);
        if ($washer > 0.0) {
            $w = $washer / 2;
            $this->sheet->line([[$x, $y - $w], [$x + 1.0, $y - $w], [$x + 1.0, $y + $w], [$x, $y + $w]], true, 0.2);
        }
        $mid = $x + $long / 2;
        $this->sheet->line([[$mid - 1.5, $y], [$mid + 1.5, $y]], false, 0.15);
        $this->sheet->line([[$mid, $y - 1.5], [$mid, $y + 1.5]], false, 0.15);
    }
}
