<?php

declare(strict_types=1);

namespace BenchGlow\Build;

use BenchGlow\Format\Fields;

/** A hinge that wires go over: two tying points turning about an axis (layout-harness.md 8, lengths). */
final readonly class Hinge
{
    /** A bundle bends no tighter than so many times its thickness where it moves. */
    private const BEND = 8.0;

    private const LEAST_BEND_M = 0.02;

    /** More than this over what it needs hangs in the way. */
    public const HANGS = 1.5;

    private function __construct(
        public float $stillM,
        public float $movingM,
        public float $shutDeg,
        public float $openDeg,
    ) {
    }

    public static function of(Fields $f): self
    {
        return new self($f->number('still_m'), $f->number('moving_m'), $f->number('shut_deg'), $f->number('open_deg'));
    }

    /** Straight between the tying points at an angle about the axis, m. */
    public function chordM(float $deg): float
    {
        [$a, $b] = [$this->stillM, $this->movingM];

        return sqrt(max(0.0, $a * $a + $b * $b - 2 * $a * $b * cos(deg2rad($deg))));
    }

    /** The longest chord of the travel: at an end of it, or straight across where the travel passes that. */
    public function longestM(): float
    {
        [$from, $to] = [min($this->shutDeg, $this->openDeg), max($this->shutDeg, $this->openDeg)];
        $longest = max($this->chordM($from), $this->chordM($to));

        return $from <= 180.0 && $to >= 180.0 ? max($longest, $this->stillM + $this->movingM) : $longest;
    }

    /** Bend radius of a bundle that moves, m. */
    public static function radiusM(float $bundleMm): float
    {
        return max(self::LEAST_BEND_M, (self::BEND * $bundleMm) / 1000);
    }

    /** Wire it needs between the tying points: the longest chord, and a bend at each. */
    public function needM(float $bundleMm): float
    {
        return $this->longestM() + 2 * self::radiusM($bundleMm);
    }
}
