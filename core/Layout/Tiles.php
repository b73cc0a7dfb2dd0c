<?php

declare(strict_types=1);

namespace BenchGlow\Layout;

/** A template cut into sheets of paper that overlap (layout-harness.md 7). */
final readonly class Tiles
{
    /** Portrait, mm (ISO 216; ANSI Y14.1). */
    public const PAPER = ['a4' => [210.0, 297.0], 'letter' => [215.9, 279.4]];

    public const WHITE_MM = 10.0;

    public const OVERLAP_MM = 10.0;

    /** Below the drawing stand the bars and what the sheet is. */
    public const FOOT_MM = 24.0;

    /** @param  list<int>  $used  tiles on which anything is drawn, by their place */
    private function __construct(
        public string $paper,
        public bool $landscape,
        public float $pageW,
        public float $pageH,
        public int $across,
        public int $down,
        public float $stepX,
        public float $stepY,
        public array $used,
    ) {
    }

    public static function of(Template $template, string $paper): self
    {
        [$w, $h] = self::PAPER[$paper];
        $upright = self::laid($template, $paper, false, $w, $h);
        $level = self::laid($template, $paper, true, $h, $w);

        return $level->count() < $upright->count() ? $level : $upright;
    }

    private static function laid(Template $t, string $paper, bool $landscape, float $w, float $h): self
    {
        $roomX = $w - 2 * self::WHITE_MM;
        $roomY = $h - 2 * self::WHITE_MM - self::FOOT_MM;
        $n = fn (float $size, float $room): int => $size <= $room
            ? 1
            : 1 + (int) ceil(($size - $room) / ($room - self::OVERLAP_MM) - 1e-9);

        [$across, $down] = [$n($t->wMm, $roomX), $n($t->hMm, $roomY)];
        [$stepX, $stepY] = [$roomX - self::OVERLAP_MM, $roomY - self::OVERLAP_MM];
        $used = [];
        for ($k = 0; $k < $across * $down; $k++) {
            [$x, $y] = [($k % $across) * $stepX, intdiv($k, $across) * $stepY];
            if ($t->touches($x, $y, $x + $roomX, $y + $roomY)) {
                $used[] = $k;
            }
        }

        return new self($paper, $landscape, $w, $h, $across, $down, $stepX, $stepY, $used === [] ? [0] : $used);
    }

    public function count(): int
    {
        return count($this->used);
    }

    /** Room for the drawing on a sheet, mm. */
    public function roomX(): float
    {
        return $this->stepX + self::OVERLAP_MM;
    }

    public function roomY(): float
    {
        return $this->stepY + self::OVERLAP_MM;
    }

    /** @return array{float, float} the corner of the template that stands in the upper left of a tile */
    public function corner(int $n): array
    {
        return [($n % $this->across) * $this->stepX, intdiv($n, $this->across) * $this->stepY];
    }
}
