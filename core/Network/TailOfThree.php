<?php

declare(strict_types=1);

namespace BenchGlow\Network;

use BenchGlow\Law\Omega;

/**
 * Three channels: the block sweep with the 3×3 symmetric blocks written out in scalars, which is what makes a long colour
 * strip cheap (a loop over rows costs about five times as much). Y is the admittance outward, M = (Y + G)⁻¹, and one pitch
 * further in Y becomes Y − Y·M·Y.
 */
final class TailOfThree extends Tail
{
    /** @var array{float, float, float, float, float, float} rail admittance of one pitch: 00, 01, 11, 02, 12, 22 */
    private array $g = [0.0, 0.0, 0.0, 0.0, 0.0, 0.0];

    /** @var array<int, float> M per unit, six numbers each */
    private array $m = [];

    protected function prepare(): void
    {
        [$a, $b, $c, $d, $e, $f] = Blocks::rails($this->ohm, $this->commonOhm);
        $this->g = [$a, $b, $c, $d, $e, $f];
        $this->rho = $this->res = array_fill(0, 3 * $this->units, 0.0);
        $this->m = array_fill(0, 6 * $this->units, 0.0);
    }

    protected function through(array $mark): void
    {
        [$u, $rho, $res, $m] = [$this->u, $this->rho, $this->res, $this->m];
        $this->rho = $this->res = $this->m = [];
        [$l0, $l1, $l2] = $this->laws;
        [$ab0, $ab1, $ab2] = [$l0->aOverB, $l1->aOverB, $l2->aOverB];
        [$is0, $is1, $is2] = [$l0->is, $l1->is, $l2->is];
        [$x00, $x01, $x02] = [$l0->x0, $l1->x0, $l2->x0];
        [$ia0, $ia1, $ia2] = [$l0->invA, $l1->invA, $l2->invA];
        [$ib0, $ib1, $ib2] = [$l0->invB, $l1->invB, $l2->invB];
        [$g00, $g01, $g11, $g02, $g12, $g22] = $this->g;
        $y00 = $y01 = $y11 = $y02 = $y12 = $y22 = 0.0;
        $s0 = $s1 = $s2 = 0.0;
        $o0 = $o1 = $o2 = 0.0;
        $w0 = $w1 = $w2 = 0.0;
        $worst = $biggest = 0.0;
        for ($k = $this->units - 1, $i = 3 * $k, $j = 6 * $k; $k >= 0; $k--, $i -= 3, $j -= 6) {
            $v0 = $u[$i];
            $v1 = $u[$i + 1];
            $v2 = $u[$i + 2];
            $x = $x00 + $v0 * $ia0;
            if ($w0 > 0.0 && $x > -36.0) {
                $r = $x - $w0 - log($w0);
                $p = 1.0 + $w0;
                $q = $p * ($p + 0.6666666666666667 * $r);
                $w0 *= 1.0 + (($r / $p) * ($q - 0.5 * $r)) / ($q - $r);
                if ($r > 2e-3 || $r < -2e-3) {
                    $w0 = Omega::at($x);
                }
            } else {
                $w0 = Omega::at($x);
            }
            $x = $x01 + $v1 * $ia1;
            if ($w1 > 0.0 && $x > -36.0) {
                $r = $x - $w1 - log($w1);
                $p = 1.0 + $w1;
                $q = $p * ($p + 0.6666666666666667 * $r);
                $w1 *= 1.0 + (($r / $p) * ($q - 0.5 * $r)) / ($q - $r);
                if ($r > 2e-3 || $r < -2e-3) {
                    $w1 = Omega::at($x);
                }
            } else {
                $w1 = Omega::at($x);
            }
            $x = $x02 + $v2 * $ia2;
            if ($w2 > 0.0 && $x > -36.0) {
                $r = $x - $w2 - log($w2);
                $p = 1.0 + $w2;
                $q = $p * ($p + 0.6666666666666667 * $r);
                $w2 *= 1.0 + (($r / $p) * ($q - 0.5 * $r)) / ($q - $r);
                if ($r > 2e-3 || $r < -2e-3) {
                    $w2 = Omega::at($x);
                }
            } else {
                $w2 = Omega::at($x);
            }
            if ($k > 0) {
                $e0 = $v0 - $u[$i - 3];
                $e1 = $v1 - $u[$i - 2];
                $e2 = $v2 - $u[$i - 1];
            } else {
                // Only half a pitch lies between the mark and the first tap.
                $g00 *= 2.0;
                $g01 *= 2.0;
                $g11 *= 2.0;
                $g02 *= 2.0;
                $g12 *= 2.0;
                $g22 *= 2.0;
                $e0 = $v0 - $mark[0];
                $e1 = $v1 - $mark[1];
                $e2 = $v2 - $mark[2];
            }
            $f = $g00 * $e0 + $g01 * $e1 + $g02 * $e2;
            $r0 = $o0 - $ab0 * $w0 + $is0 - $f;
            $o0 = $f;
            $f = $g01 * $e0 + $g11 * $e1 + $g12 * $e2;
            $r1 = $o1 - $ab1 * $w1 + $is1 - $f;
            $o1 = $f;
            $f = $g02 * $e0 + $g12 * $e1 + $g22 * $e2;
            $r2 = $o2 - $ab2 * $w2 + $is2 - $f;
            $o2 = $f;
            $res[$i] = $r0;
            $res[$i + 1] = $r1;
            $res[$i + 2] = $r2;
            $size = max($r0, -$r0, $r1, -$r1, $r2, -$r2);
            if ($size > $worst) {
                $worst = $size;
            }
            if ($v1 > $biggest) {
                $biggest = $v1;
            }
            $y00 += ($w0 * $ib0) / (1.0 + $w0);
            $y11 += ($w1 * $ib1) / (1.0 + $w1);
            $y22 += ($w2 * $ib2) / (1.0 + $w2);
            $s0 += $r0;
            $s1 += $r1;
            $s2 += $r2;
            $rho[$i] = $s0;
            $rho[$i + 1] = $s1;
            $rho[$i + 2] = $s2;
            $a = $y00 + $g00;
            $b = $y01 + $g01;
            $c = $y11 + $g11;
            $d = $y02 + $g02;
            $e = $y12 + $g12;
            $f = $y22 + $g22;
            $c00 = $c * $f - $e * $e;
            $c01 = $d * $e - $b * $f;
            $c02 = $b * $e - $c * $d;
            $det = 1.0 / ($a * $c00 + $b * $c01 + $d * $c02);
            $m00 = $c00 * $det;
            $m01 = $c01 * $det;
            $m02 = $c02 * $det;
            $m11 = ($a * $f - $d * $d) * $det;
            $m12 = ($b * $d - $a * $e) * $det;
            $m22 = ($a * $c - $b * $b) * $det;
            $m[$j] = $m00;
            $m[$j + 1] = $m01;
            $m[$j + 2] = $m11;
            $m[$j + 3] = $m02;
            $m[$j + 4] = $m12;
            $m[$j + 5] = $m22;
            // P = M·Y, then Y − Y·P and s − Pᵀ·s
            $p00 = $m00 * $y00 + $m01 * $y01 + $m02 * $y02;
            $p01 = $m00 * $y01 + $m01 * $y11 + $m02 * $y12;
            $p02 = $m00 * $y02 + $m01 * $y12 + $m02 * $y22;
            $p10 = $m01 * $y00 + $m11 * $y01 + $m12 * $y02;
            $p11 = $m01 * $y01 + $m11 * $y11 + $m12 * $y12;
            $p12 = $m01 * $y02 + $m11 * $y12 + $m12 * $y22;
            $p20 = $m02 * $y00 + $m12 * $y01 + $m22 * $y02;
            $p21 = $m02 * $y01 + $m12 * $y11 + $m22 * $y12;
            $p22 = $m02 * $y02 + $m12 * $y12 + $m22 * $y22;
            $n00 = $y00 - $y00 * $p00 - $y01 * $p10 - $y02 * $p20;
            $n01 = $y01 - $y00 * $p01 - $y01 * $p11 - $y02 * $p21;
            $n02 = $y02 - $y00 * $p02 - $y01 * $p12 - $y02 * $p22;
            $n11 = $y11 - $y01 * $p01 - $y11 * $p11 - $y12 * $p21;
            $n12 = $y12 - $y01 * $p02 - $y11 * $p12 - $y12 * $p22;
            $y22 = $y22 - $y02 * $p02 - $y12 * $p12 - $y22 * $p22;
            $y00 = $n00;
            $y01 = $n01;
            $y11 = $n11;
            $y02 = $n02;
            $y12 = $n12;
            $q0 = $s0 - $p00 * $s0 - $p10 * $s1 - $p20 * $s2;
            $q1 = $s1 - $p01 * $s0 - $p11 * $s1 - $p21 * $s2;
            $s2 = $s2 - $p02 * $s0 - $p12 * $s1 - $p22 * $s2;
            $s0 = $q0;
            $s1 = $q1;
        }
        [$this->rho, $this->res, $this->m] = [$rho, $res, $m];
        $this->y = [$y00, $y01, $y11, $y02, $y12, $y22];
        $this->fold = [$s0, $s1, $s2];
        $this->amps = [-$o0, -$o1, -$o2];
        $this->worst = $worst;
        $this->floor = 64.0 * PHP_FLOAT_EPSILON * 6.0 * ($g00 + abs($g01) + abs($g02)) * $biggest;
    }

    protected function back(array $markStep): float
    {
        [$d, $rho, $res, $m] = [$this->d, $this->rho, $this->res, $this->m];
        $this->d = [];
        [$g00, $g01, $g11, $g02, $g12, $g22] = $this->g;
        [$d0, $d1, $d2] = [2.0 * $markStep[0], 2.0 * $markStep[1], 2.0 * $markStep[2]];
        $dec = 0.0;
        for ($k = 0, $i = 0, $j = 0, $n = $this->units; $k < $n; $k++, $i += 3, $j += 6) {
            $a0 = $rho[$i] + $g00 * $d0 + $g01 * $d1 + $g02 * $d2;
            $a1 = $rho[$i + 1] + $g01 * $d0 + $g11 * $d1 + $g12 * $d2;
            $a2 = $rho[$i + 2] + $g02 * $d0 + $g12 * $d1 + $g22 * $d2;
            $d0 = $m[$j] * $a0 + $m[$j + 1] * $a1 + $m[$j + 3] * $a2;
            $d1 = $m[$j + 1] * $a0 + $m[$j + 2] * $a1 + $m[$j + 4] * $a2;
            $d2 = $m[$j + 3] * $a0 + $m[$j + 4] * $a1 + $m[$j + 5] * $a2;
            $d[$i] = $d0;
            $d[$i + 1] = $d1;
            $d[$i + 2] = $d2;
            $dec += $res[$i] * $d0 + $res[$i + 1] * $d1 + $res[$i + 2] * $d2;
        }
        $this->d = $d;

        return $dec;
    }
}
