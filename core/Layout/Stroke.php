<?php

declare(strict_types=1);

namespace BenchGlow\Layout;

/** The middle line of a stroke, m, with the width of the stroke at its narrowest. */
final readonly class Stroke
{
    /** @param  list<array{float, float}>  $points */
    public function __construct(public array $points, public float $widthM)
    {
    }

    public function lengthM(): float
    {
        $sum = 0.0;
        for ($i = 1; $i < count($this->points); $i++) {
            $sum += self::way($this->points[$i - 1], $this->points[$i]);
        }

        return $sum;
    }

    /** @return array{float, float} the place so far along it, m */
    public function at(float $m): array
    {
        for ($i = 1; $i < count($this->points); $i++) {
            [$a, $b] = [$this->points[$i - 1], $this->points[$i]];
            $long = self::way($a, $b);
            if ($m <= $long || $i === count($this->points) - 1) {
                $t = $long < 1e-9 ? 0.0 : min(1.0, $m / $long);

                return [$a[0] + ($b[0] - $a[0]) * $t, $a[1] + ($b[1] - $a[1]) * $t];
            }
            $m -= $long;
        }

        return $this->points[0];
    }

    /**
     * Parts a strip can follow, which bends only out of its plane: cut where the line turns.
     *
     * @param  float  $bendMm  least radius it bears; turns in the plane are cut whatever it is
     * @return list<array{m: float, at: \Closure(float): array{float, float}}>
     */
    public function straights(float $bendMm): array
    {
        $all = [];
        for ($i = 1; $i < count($this->points); $i++) {
            [$a, $b] = [$this->points[$i - 1], $this->points[$i]];
            $m = self::way($a, $b);
            if ($m < max(0.002, $bendMm / 10_000)) {
                continue;
            }
            $all[] = [
                'm' => $m,
                'at' => fn (float $d): array => [
                    $a[0] + (($b[0] - $a[0]) * $d) / $m,
                    $a[1] + (($b[1] - $a[1]) * $d) / $m,
                ],
            ];
        }

        return $all;
    }

    /**
     * @param  array{float, float}  $a
     * @param  array{float, float}  $b
     */
    private static function way(array $a, array $b): float
    {
        return hypot($b[0] - $a[0], $b[1] - $a[1]);
    }
}
