<?php

declare(strict_types=1);

namespace BenchGlow\Light;

use BenchGlow\Format\Fields;

/**
 * Light that leaves through a gap, seen in section: lamp point, gap edges A and B, target line (light.md 4). The fan between
 * the edges meets the target in a patch.
 */
final readonly class Stray
{
    /** Lux, or the share of the lit part's own, from which it shows. */
    public const SHOWS_LX = 0.5;

    public const SHOWS_SHARE = 0.02;

    /**
     * @param  array{float, float}|null  $patch  where on the target it lands, m along it; null where nothing does
     * @param  float|null  $hoodM  least height of a hood on edge A that stops it; null where nothing has to be stopped
     */
    private function __construct(
        public ?array $patch,
        public float $lux,
        public bool $shows,
        public ?float $hoodM,
        public ?float $paintM,
        public ?float $shiftM,
    ) {
    }

    /**
     * @param  float  $lm  of the lamp
     * @param  Beam  $beam  of its part; a viewing angle of the layout outranks it
     * @param  float  $ownLx  on the lit part itself
     */
    public static function of(Fields $f, float $lm, Beam $beam, float $ownLx = 0.0): self
    {
        $n = fn (string $field, int $i): float => is_numeric($f->items($field)[$i] ?? null)
            ? (float) $f->items($field)[$i]
            : 0.0;
        $lamp = [$n('lamp_m', 0), $n('lamp_m', 1)];
        $a = [$n('gap_m', 0), $n('gap_m', 1)];
        $b = [$n('gap_m', 2), $n('gap_m', 3)];
        $t = [[$n('target_m', 0), $n('target_m', 1)], [$n('target_m', 2), $n('target_m', 3)]];
        $hood = $f->number('hood_m');
        $a = self::hooded($a, $b, $hood);
        $ends = $a === null ? [] : self::patch($lamp, $a, $b, $t);
        if ($ends === []) {
            return new self(null, 0.0, false, null, null, null);
        }
        $long = hypot($t[1][0] - $t[0][0], $t[1][1] - $t[0][1]);
        $mid = ($ends[0] + $ends[1]) / 2;
        $p = [$t[0][0] + ($t[1][0] - $t[0][0]) * $mid, $t[0][1] + ($t[1][1] - $t[0][1]) * $mid];
        $d = max(1e-4, hypot($p[0] - $lamp[0], $p[1] - $lamp[1]));
        $cos =
            abs(($t[1][0] - $t[0][0]) * ($p[1] - $lamp[1]) - ($t[1][1] - $t[0][1]) * ($p[0] - $lamp[0])) /
            max(1e-9, $long * $d);
        // The lamp is taken as turned toward the gap: the worst it can be.
        $beam = $f->has('viewing_deg') ? Beam::of($f->number('viewing_deg')) : $beam;
        $lux = ($beam->candela($lm) * $cos) / ($d * $d);
        $shows = $lux > self::SHOWS_LX || ($ownLx > 0.0 && $lux > self::SHOWS_SHARE * $ownLx);
        $patch = [min($ends) * $long, max($ends) * $long];

        return new self(
            $patch,
            $lux,
            $shows,
            $shows ? self::hoodFor($lamp, [$n('gap_m', 0), $n('gap_m', 1)], $b, $t) : null,
            $shows ? hypot($b[0] - $a[0], $b[1] - $a[1]) : null,
            $shows ? $patch[1] - $patch[0] : null,
        );
    }

    /**
     * A hood stands on edge A and closes the gap from there.
     *
     * @param  array{float, float}  $a
     * @param  array{float, float}  $b
     * @return array{float, float}|null null: it closes it
     */
    private static function hooded(array $a, array $b, float $hood): ?array
    {
        $gap = hypot($b[0] - $a[0], $b[1] - $a[1]);
        if ($hood >= $gap) {
            return null;
        }
        $k = $hood / max(1e-9, $gap);

        return [$a[0] + ($b[0] - $a[0]) * $k, $a[1] + ($b[1] - $a[1]) * $k];
    }

    /**
     * @param  array{float, float}  $lamp
     * @param  array{float, float}  $a
     * @param  array{float, float}  $b
     * @param  array{array{float, float}, array{float, float}}  $t
     * @return list<float> shares of the target between which it is lit; none where it is missed
     */
    private static function patch(array $lamp, array $a, array $b, array $t): array
    {
        $shares = [self::meets($lamp, $a, $t), self::meets($lamp, $b, $t)];
        if ($shares[0] === null || $shares[1] === null) {
            return [];
        }
        $from = max(0.0, min($shares));
        $to = min(1.0, max($shares));

        return $to - $from > 1e-6 ? [$from, $to] : [];
    }

    /**
     * Where the ray from the lamp over an edge meets the line of the target, as a share of it.
     *
     * @param  array{float, float}  $from
     * @param  array{float, float}  $over
     * @param  array{array{float, float}, array{float, float}}  $t
     */
    private static function meets(array $from, array $over, array $t): ?float
    {
        [$dx, $dy] = [$over[0] - $from[0], $over[1] - $from[1]];
        [$ex, $ey] = [$t[1][0] - $t[0][0], $t[1][1] - $t[0][1]];
        $cross = $dx * $ey - $dy * $ex;
        if (abs($cross) < 1e-12) {
            return null;
        }
        $along = (($t[0][0] - $from[0]) * $ey - ($t[0][1] - $from[1]) * $ex) / $cross;

        return $along <= 0.0 ? null : (($t[0][0] - $from[0]) * $dy - ($t[0][1] - $from[1]) * $dx) / $cross;
    }

    /**
     * Least hood on A with which the patch leaves the target, by halving.
     *
     * @param  array{float, float}  $lamp
     * @param  array{float, float}  $a
     * @param  array{float, float}  $b
     * @param  array{array{float, float}, array{float, float}}  $t
     */
    private static function hoodFor(array $lamp, array $a, array $b, array $t): float
    {
        [$low, $high] = [0.0, hypot($b[0] - $a[0], $b[1] - $a[1])];
        for ($i = 0; $i < 40; $i++) {
            $mid = ($low + $high) / 2;
            $edge = self::hooded($a, $b, $mid);
            if ($edge === null || self::patch($lamp, $edge, $b, $t) === []) {
                $high = $mid;
            } else {
                $low = $mid;
            }
        }

        return ceil($high * 1000 - 1e-6) / 1000;
    }
}
