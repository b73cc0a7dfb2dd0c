<?php

declare(strict_types=1);

namespace App\Stations\Brief;

/** Where the times of a day hang, from top to bottom: what happens has a row each, hours with nothing in them are folded. */
final readonly class Hanging
{
    /** A row of words, px. */
    public const ROW = 22.0;

    private const PX_PER_HOUR = 16.0;

    private const LONGEST = 64.0;

    /** A stretch longer than this with nothing in it is folded, s. */
    private const FOLDED_S = 3.0 * 3600.0;

    public const FOLD = 34.0;

    /**
     * @param  list<array{float, float}>  $marks  seconds and y, both growing
     * @param  list<array{float, float}>  $folds  y in the middle, seconds folded away
     */
    private function __construct(public array $marks, public array $folds)
    {
    }

    /**
     * @param  list<float>  $times  what happens, seconds; several at one time need a row each
     * @param  float  $top  y of the beginning
     */
    public static function of(array $times, float $lasts, float $top): self
    {
        $rows = array_count_values(array_map(fn (float $t): string => (string) round($t, 1), $times));
        $all = array_values(array_unique([0.0, ...array_map(fn (float $t): float => round($t, 1), $times), $lasts]));
        sort($all);
        $marks = $folds = [];
        $y = $top;
        foreach ($all as $n => $t) {
            $before = $all[$n - 1] ?? null;
            if ($before !== null) {
                $least = self::ROW * max(1, $rows[(string) $before] ?? 1);
                $folded = $t - $before > self::FOLDED_S;
                $height = $folded
                    ? $least + self::FOLD - self::ROW
                    : max($least, min(self::LONGEST, (($t - $before) / 3600.0) * self::PX_PER_HOUR));
                if ($folded) {
                    $folds[] = [$y + $height - self::FOLD / 2, $t - $before];
                }
                $y += $height;
            }
            $marks[] = [$t, round($y, 1)];
        }

        return new self($marks, $folds);
    }

    public function y(float $seconds): float
    {
        [$t0, $y0] = $this->marks[0];
        foreach ($this->marks as [$t, $y]) {
            if ($seconds <= $t) {
                return $t > $t0 ? round($y0 + (($y - $y0) * ($seconds - $t0)) / ($t - $t0), 1) : $y;
            }
            [$t0, $y0] = [$t, $y];
        }

        return $y0;
    }

    public function bottom(): float
    {
        return $this->marks[count($this->marks) - 1][1];
    }
}
