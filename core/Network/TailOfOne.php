<?php

declare(strict_types=1);

namespace BenchGlow\Network;

use BenchGlow\Law\Omega;

/** One channel: a scalar tridiagonal sweep. */
final class TailOfOne extends Tail
{
    private float $g = 0.0;

    /** @var array<int, float> 1/(admittance outward + rail inward) */
    private array $m = [];

    /** @var array<int, float> amps of each unit, as of the last sweep */
    private array $i = [];

    protected function prepare(): void
    {
        $this->g = 1.0 / ($this->ohm[0] + $this->commonOhm);
        $this->rho = $this->res = $this->m = $this->i = array_fill(0, $this->units, 0.0);
    }

    protected function through(array $mark): void
    {
        [$u, $rho, $res, $m, $i] = [$this->u, $this->rho, $this->res, $this->m, $this->i];
        $this->rho = $this->res = $this->m = $this->i = [];
        $law = $this->laws[0];
        [$aOverB, $is, $x0, $invA, $invB] = [$law->aOverB, $law->is, $law->x0, $law->invA, $law->invB];
        $g = $this->g;
        $last = $this->units - 1;
        $y = 0.0;
        $s = 0.0;
        $worst = 0.0;
        $biggest = 0.0;
        $w = 0.0;
        $out = 0.0;
        for ($k = $last; $k >= 0; $k--) {
            $v = $u[$k];
            $x = $x0 + $v * $invA;
            // The neighbour's omega is the start: one round is enough unless it was far.
            if ($w > 0.0 && $x > -36.0) {
                $r = $x - $w - log($w);
                $p = 1.0 + $w;
                $q = $p * ($p + 0.6666666666666667 * $r);
                $w *= 1.0 + (($r / $p) * ($q - 0.5 * $r)) / ($q - $r);
                if ($r > 2e-3 || $r < -2e-3) {
                    $w = Omega::at($x);
                }
            } else {
                $w = Omega::at($x);
            }
            $in = $k > 0 ? $g : 2.0 * $g;
            $flow = $in * ($v - ($k > 0 ? $u[$k - 1] : $mark[0]));
            $amps = $aOverB * $w - $is;
            $i[$k] = $amps;
            $r = $out - $amps - $flow;
            $out = $flow;
            $res[$k] = $r;
            $size = $r < 0.0 ? -$r : $r;
            if ($size > $worst) {
                $worst = $size;
            }
            if ($v > $biggest) {
                $biggest = $v;
            }
            $y += ($w * $invB) / (1.0 + $w);
            $inv = 1.0 / ($y + $in);
            $m[$k] = $inv;
            $s += $r;
            $rho[$k] = $s;
            $s *= $in * $inv;
            $y *= $in * $inv;
        }
        [$this->rho, $this->res, $this->m, $this->i] = [$rho, $res, $m, $i];
        $this->y = [$y];
        $this->fold = [$s];
        $this->amps = [-$out];
        $this->worst = $worst;
        $this->floor = 64.0 * PHP_FLOAT_EPSILON * 6.0 * $g * $biggest;
    }

    protected function litAmps(): array
    {
        return [$this->i];
    }

    protected function back(array $markStep): float
    {
        [$d, $rho, $res, $m, $g] = [$this->d, $this->rho, $this->res, $this->m, $this->g];
        $this->d = [];
        $step = $m[0] * ($rho[0] + 2.0 * $g * $markStep[0]);
        $d[0] = $step;
        $dec = $res[0] * $step;
        for ($k = 1, $n = $this->units; $k < $n; $k++) {
            $step = $m[$k] * ($rho[$k] + $g * $step);
            $d[$k] = $step;
            $dec += $res[$k] * $step;
        }
        $this->d = $d;

        return $dec;
    }
}
