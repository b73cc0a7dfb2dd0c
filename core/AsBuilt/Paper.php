<?php

declare(strict_types=1);

namespace BenchGlow\AsBuilt;

use BenchGlow\Drawing\Svg;
use BenchGlow\Layout\Sheet;

/** The sheet on paper: the same sections, page after page. */
final class Paper
{
    private const EDGE_MM = 15.0;

    private const GAP_MM = 1.6;

    /** Of a circuit's drawing, and of a photo, mm. */
    private const DRAWING_MM = 75.0;

    private const PHOTO_MM = 60.0;

    private readonly Sheet $sheet;

    private readonly float $w;

    private readonly float $h;

    private float $y = 0.0;

    private int $pages = 0;

    /** @param  callable(string): (string|null)  $photo  bytes of a JPEG by its sha256 */
    private function __construct(private readonly AsBuilt $of, private $photo, string $paper)
    {
        [$this->w, $this->h] = Sheet::paper($paper);
        $this->sheet = new Sheet($of->title());
        $this->page();
    }

    /** @param  callable(string): (string|null)  $photo */
    public static function of(AsBuilt $sheet, callable $photo, string $paper = 'a4'): string
    {
        $self = new self($sheet, $photo, $paper);
        $self->say($sheet->title(), 18.0);
        foreach ($sheet->sections() as $section) {
            $self->section($section);
        }

        return $self->sheet->bytes();
    }

    private function page(): void
    {
        $this->sheet->page($this->w, $this->h);
        $this->pages++;
        $this->sheet->text(self::EDGE_MM, 10.0, "{$this->of->title()} · page {$this->pages}", 8.0);
        $this->y = self::EDGE_MM;
    }

    private function room(float $mm): void
    {
        if ($this->y + $mm > $this->h - self::EDGE_MM) {
            $this->page();
        }
    }

    private function wide(): float
    {
        return $this->w - 2 * self::EDGE_MM;
    }

    private function say(string $words, float $points = 9.0, float $indent = 0.0): void
    {
        $this->room($this->sheet->height($this->wide() - $indent, $words, $points));
        $x = self::EDGE_MM + $indent;
        $this->y += $this->sheet->words($x, $this->y, $this->wide() - $indent, $words, $points) + self::GAP_MM;
    }

    private function section(Section $section): void
    {
        $this->y += 3.0;
        $this->room(25.0);
        $this->say(trim("{$section->flag} {$section->title}"), 13.0);
        $line = $this->y - 0.8;
        $this->sheet->line([[self::EDGE_MM, $line], [$this->w - self::EDGE_MM, $line]], false, 0.3);
        $this->y += 1.0;
        foreach ($section->parts as $part) {
            match (true) {
                $part instanceof Lines => $this->lines($part->lines, $part->ordered, $part->single),
                $part instanceof Table => $this->table($part, $section->title),
                $part instanceof Picture => $this->picture($part),
                default => $this->say("{$part->words}: not there yet"),
            };
        }
    }

    /** @param  list<string>  $lines */
    private function lines(array $lines, bool $ordered, bool $single): void
    {
        foreach ($lines as $n => $line) {
            $this->say(($single ? '' : ($ordered ? $n + 1 .'. ' : '– ')).$line, 9.0, $single ? 0.0 : 3.0);
        }
    }

    private function table(Table $table, string $under): void
    {
        if (count($table->heads) === 1) {
            $table->heads[0] === $under ? null : $this->say($table->heads[0], 10.0);
            $this->lines(array_map(fn (array $r): string => $r[0], $table->rows), false, false);

            return;
        }
        $widths = $this->widths($table);
        $this->row($table->heads, $widths, 8.0);
        foreach ($table->rows as $row) {
            $this->row($row, $widths, 8.5);
        }
        $this->y += self::GAP_MM;
    }

    /**
     * Each column by the words in it, none under a twelfth of the page.
     *
     * @return list<float> mm
     */
    private function widths(Table $table): array
    {
        $long = [];
        foreach ([$table->heads, ...$table->rows] as $row) {
            foreach ($row as $n => $cell) {
                $long[$n] = max($long[$n] ?? 6, min(38, mb_strlen($cell)));
            }
        }
        $sum = array_sum($long);

        return array_map(fn (int $l): float => ($l / $sum) * $this->wide(), array_values($long));
    }

    /**
     * @param  list<string>  $cells
     * @param  list<float>  $widths
     */
    private function row(array $cells, array $widths, float $points): void
    {
        $high = 0.0;
        foreach ($cells as $n => $cell) {
            $high = max($high, $this->sheet->height($widths[$n] - 2.0, $cell, $points));
        }
        $this->room($high + 1.2);
        $x = self::EDGE_MM;
        foreach ($cells as $n => $cell) {
            $cell === '' ? null : $this->sheet->words($x, $this->y, $widths[$n] - 2.0, $cell, $points);
            $x += $widths[$n];
        }
        $this->y += $high + 0.6;
        $this->sheet->line([[self::EDGE_MM, $this->y], [$this->w - self::EDGE_MM, $this->y]], false, 0.1);
        $this->y += 0.6;
    }

    private function picture(Picture $picture): void
    {
        if ($picture->drawing !== null) {
            $scale = min($this->wide() / $picture->drawing->width, self::DRAWING_MM / $picture->drawing->height);
            [$w, $h] = [$scale * $picture->drawing->width, $scale * $picture->drawing->height];
            $this->room($h + 6.0);
            $this->sheet->drawing(self::EDGE_MM, $this->y, $w, $h, Svg::plain($picture->drawing));
            $this->y += $h + self::GAP_MM;
            $this->say($picture->words);

            return;
        }
        $bytes = $picture->photo === null ? null : ($this->photo)($picture->photo);
        $size = $bytes === null ? false : @getimagesizefromstring($bytes);
        if ($bytes === null || $size === false) {
            $this->say("{$picture->words}: the picture is not here");

            return;
        }
        $h = min(self::PHOTO_MM, ($this->wide() * $size[1]) / $size[0]);
        $this->room($h + 6.0);
        $this->sheet->photo(self::EDGE_MM, $this->y, ($h * $size[0]) / $size[1], $h, $bytes);
        $this->y += $h + self::GAP_MM;
        $this->say($picture->words);
    }
}
