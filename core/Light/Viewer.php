<?php

declare(strict_types=1);

namespace BenchGlow\Light;

use BenchGlow\Format\Fields;

/** An eye at a place: whether a bare source is in its sight, and how much of it (light.md 4). */
final readonly class Viewer
{
    /** Lux at an eye that dazzle at night. */
    public const DAZZLES_LX = 1.0;

    private function __construct(
        public string $id,
        public string $kind,
        public float $x,
        public float $y,
        public float $z,
        public float $lux,
        public bool $inSight,
    ) {
    }

    /**
     * x along the path, y away from the lamps' line, z below the lamps (above them: below 0), m.
     *
     * @param  float|null  $hoodM  a lip or valance below the lamps, so deep
     * @param  float  $hoodAtM  so far in front of them
     */
    public static function of(Fields $f, Lit $lit, ?float $hoodM = null, float $hoodAtM = 0.02): self
    {
        [$x, $y, $z] = [
            ...array_map(fn (mixed $v): float => is_numeric($v) ? (float) $v : 0.0, $f->items('at_m')),
            0.0,
            0.0,
            0.0,
        ];
        $lux = 0.0;
        $seen = false;
        foreach ($lit->lamps as $lamp) {
            [$dx, $dy] = [$x - $lamp->x, $y - $lamp->y];
            $d = max(1e-6, sqrt($dx * $dx + $dy * $dy + $z * $z));
            $cos = ($dy * sin($lamp->tilt) + $z * cos($lamp->tilt)) / $d;
            if ($cos <= 1e-6 || self::hidden($hoodM, $hoodAtM, abs($dy), $z)) {
                continue;
            }
            $seen = $seen || $lamp->lm > 0.0;
            $lux += ($lit->beam->candela($lamp->lm) * $cos ** $lit->beam->m) / ($d * $d);
        }

        return new self($f->text('id'), $f->text('kind', 'other'), $x, $y, $z, $lux, $seen);
    }

    /** The line from a lamp meets the lip before it gets below it. */
    private static function hidden(?float $hoodM, float $hoodAtM, float $away, float $below): bool
    {
        return $hoodM !== null && $hoodM > 0.0 && $away > $hoodAtM && ($below / $away) * $hoodAtM < $hoodM;
    }

    public function dazzles(): bool
    {
        return $this->inSight && $this->lux > self::DAZZLES_LX;
    }

    public function words(): string
    {
        $who =
            ['seat' => 'from the seat', 'standing' => 'standing there', 'behind' => 'from behind'][$this->kind] ??
            'from there';

        return match (true) {
            ! $this->inSight => "{$who}: no bare source in sight",
            $this->dazzles() => "{$who}: a bare source in sight, ".
                number_format($this->lux, 1, '.', '').
                ' lx at the eye, it dazzles',
            default => "{$who}: a bare source in sight, ".number_format($this->lux, 2, '.', '').' lx at the eye',
        };
    }
}
