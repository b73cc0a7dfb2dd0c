<?php

declare(strict_types=1);

namespace BenchGlow\Layout;

/** What is drawn at true size on a template, mm from the upper left: the same on the screen and on paper (layout-harness.md 7). */
final readonly class Template
{
    /**
     * @param  list<array{kind: string, points: list<array{float, float}>, closed: bool}>  $lines  kind: cut · score · thin
     * @param  list<array{x: float, y: float, mm: float|null, words: string, id: string, accuracy_mm: float, covered_by: string}>  $holes
     * @param  list<array{x: float, y: float, words: string}>  $texts
     */
    public function __construct(
        public string $title,
        public string $side,
        public float $wMm,
        public float $hMm,
        public array $lines,
        public array $holes,
        public array $texts,
        public string $caution,
    ) {
    }

    /** Whether anything is drawn in a rectangle, mm. */
    public function touches(float $x0, float $y0, float $x1, float $y1): bool
    {
        foreach ($this->lines as $line) {
            if (self::crosses($line['points'], $x0, $y0, $x1, $y1, $line['closed'])) {
                return true;
            }
        }
        foreach ([...$this->holes, ...$this->texts] as $thing) {
            if ($thing['x'] >= $x0 && $thing['x'] <= $x1 && $thing['y'] >= $y0 && $thing['y'] <= $y1) {
                return true;
            }
        }

        return false;
    }

    /**
     * Whether some part of a line may lie in a rectangle: by the box around each stretch of it.
     *
     * @param  list<array{float, float}>  $points
     */
    public static function crosses(array $points, float $x0, float $y0, float $x1, float $y1, bool $closed): bool
    {
        $a = $closed ? $points[count($points) - 1] : $points[0];
        foreach ($points as $b) {
            if (
                max($a[0], $b[0]) >= $x0 &&
                min($a[0], $b[0]) <= $x1 &&
                max($a[1], $b[1]) >= $y0 &&
                min($a[1], $b[1]) <= $y1
            ) {
                return true;
            }
            $a = $b;
        }

        return false;
    }
}
