<?php

declare(strict_types=1);

namespace BenchGlow\Light;

use BenchGlow\Format\Fields;

/** Puddles on a step, a deck, a shelf: along the path under the lamps (light.md 3). */
final readonly class Footprint
{
    /** Lamps nearer than this share of their height read as one band. */
    private const BAND = 0.9;

    private const STEPS = 200;

    /**
     * @param  list<float>  $under  lux under each lamp
     * @param  list<float>  $between  lux between two
     */
    private function __construct(
        public array $under,
        public array $between,
        public float $least,
        public float $mean,
        public bool $band,
        public bool $hotSpots,
    ) {
    }

    public static function of(Lit $lit, Fields $f): self
    {
        $xs = array_map(fn (Lamp $l): float => $l->x, $lit->lamps);
        // A tilted lamp is brightest where it points.
        $tilt = $lit->lamps[0]->tilt ?? 0.0;
        $y = $lit->depthM * tan(max(-1.2, min(1.2, $tilt)));
        $shadows = $f->objects('shadows');
        $at = function (float $x) use ($lit, $shadows, $y): float {
            $free = fn (int $n): bool => ! self::shaded($x, $lit->lamps[$n]->x, $lit->depthM, $shadows);

            return ($shadows === [] ? $lit : $lit->only($free))->luxAt($x, $y);
        };
        $under = array_map($at, $xs);
        $between = [];
        for ($i = 1; $i < count($xs); $i++) {
            $between[] = $at(($xs[$i - 1] + $xs[$i]) / 2);
        }
        [$from, , $to] = $lit->outline->bounds();
        $along = [];
        for ($i = 0; $i < self::STEPS; $i++) {
            $along[] = $at($from + (($to - $from) * ($i + 0.5)) / self::STEPS);
        }
        $spacing = count($xs) > 1 ? $xs[1] - $xs[0] : 0.0;
        $wall = $f->numberOrNull('wall_m');

        return new self(
            $under,
            $between,
            min($along),
            array_sum($along) / self::STEPS,
            $spacing <= self::BAND * $lit->depthM + 1e-9,
            $wall !== null && count($xs) > 1 && $wall < $spacing / 3 - 1e-9,
        );
    }

    /**
     * Whether what stands in the way meets the line from a lamp to a point of the path.
     *
     * @param  list<Fields>  $shadows  each from x to x, so high above the lit surface; lying on it where no height is said
     */
    private static function shaded(float $x, float $lampX, float $height, array $shadows): bool
    {
        foreach ($shadows as $shadow) {
            $above = min($height, $shadow->number('height_m'));
            $meets = $x + (($lampX - $x) * $above) / max(1e-9, $height);
            if ($meets >= $shadow->number('from_m') && $meets <= $shadow->number('to_m')) {
                return true;
            }
        }

        return false;
    }

    public function evenness(): ?float
    {
        return $this->mean > 0.0 ? $this->least / $this->mean : null;
    }
}
