<?php

declare(strict_types=1);

use BenchGlow\Network\Blocks;
use BenchGlow\Network\Islands;
use BenchGlow\Network\Ldl;
use BenchGlow\Network\MinimumDegree;

/**
 * A connected mesh with its Laplacian and a leak to ground at every node: positive definite.
 *
 * @return array{list<array{int, int}>, list<float>, array<int, float>} places, conductances, diagonal
 */
function mesh(int $n, int $more): array
{
    $pairs = array_map(fn (int $i): array => [mt_rand(0, $i - 1), $i], range(1, $n - 1));
    for ($k = 0; $k < $more; $k++) {
        $i = mt_rand(0, $n - 2);
        $pairs[] = [$i, mt_rand($i + 1, $n - 1)];
    }
    $weights = array_map(fn (): float => mt_rand(1, 1000) / 100, $pairs);
    $diagonal = array_fill(0, $n, 0.01);
    foreach ($pairs as $k => [$i, $j]) {
        $diagonal[$i] += $weights[$k];
        $diagonal[$j] += $weights[$k];
    }

    return [$pairs, $weights, $diagonal];
}

/** Values by slot; those of one place are summed. @return array<int, float> */
function bySlot(Ldl $ldl, array $pairs, array $weights): array
{
    $off = array_fill(0, $ldl->slotCount, 0.0);
    foreach ($pairs as $k => [$i, $j]) {
        $off[$ldl->slot($i, $j)] -= $weights[$k];
    }

    return $off;
}

it('solves random meshes to the last digits', function (int $seed): void {
    mt_srand($seed);
    $n = mt_rand(2, 40);
    [$pairs, $weights, $diagonal] = mesh($n, mt_rand(0, 60));
    $b = array_map(fn (): float => mt_rand(-1000, 1000) / 10, range(1, $n));
    $ldl = new Ldl($n, $pairs);
    $ldl->factor($diagonal, bySlot($ldl, $pairs, $weights));
    $x = $ldl->solve($b);
    $left = array_map(fn (float $d, float $v): float => $d * $v, $diagonal, $x);
    foreach ($pairs as $k => [$i, $j]) {
        $left[$i] -= $weights[$k] * $x[$j];
        $left[$j] -= $weights[$k] * $x[$i];
    }
    foreach ($b as $i => $right) {
        expect($left[$i])->toEqualWithDelta($right, 1e-8 * (1 + abs($right)));
    }
    // Numbers change, the pattern stays: the same object factors again.
    $twice = array_map(fn (float $w): float => 2 * $w, $weights);
    $ldl->factor(array_map(fn (float $d): float => 2 * $d, $diagonal), bySlot($ldl, $pairs, $twice));
    foreach ($ldl->solve($b) as $i => $half) {
        expect(2 * $half)->toEqualWithDelta($x[$i], 1e-8 * (1 + abs($x[$i])));
    }
})->with(range(1, 12));

it('eliminates every node once, leaves before what they hang on, a ladder without fill', function (): void {
    $star = array_map(fn (int $i): array => [0, $i], range(1, 9));
    expect(MinimumDegree::order(10, $star))
        ->toHaveCount(10)
        ->and(array_search(0, MinimumDegree::order(10, $star), true))
        ->toBeGreaterThanOrEqual(8);
    $ladder = [];
    for ($i = 0; $i < 40; $i += 2) {
        $ladder[] = [$i, $i + 1];
        if ($i > 0) {
            array_push($ladder, [$i - 2, $i], [$i - 1, $i + 1]);
        }
    }
    mt_srand(3);
    foreach ([$ladder, mesh(30, 40)[0]] as $pairs) {
        $n = max(array_merge(...$pairs)) + 1;
        $order = MinimumDegree::order($n, $pairs);
        $sorted = $order;
        sort($sorted);
        expect($sorted)->toBe(range(0, $n - 1));
        // The same order again: figures must not depend on the run.
        expect(MinimumDegree::order($n, array_reverse($pairs)))->toBe($order);
    }
    $near = array_fill(0, 40, []);
    foreach ($ladder as [$i, $j]) {
        $near[$i][$j] = $near[$j][$i] = true;
    }
    $most = 0;
    foreach (MinimumDegree::order(40, $ladder) as $v) {
        $around = array_keys($near[$v]);
        $most = max($most, count($around));
        foreach ($around as $i) {
            unset($near[$i][$v]);
            foreach ($around as $j) {
                if ($i !== $j) {
                    $near[$i][$j] = true;
                }
            }
        }
    }
    expect($most)->toBeLessThanOrEqual(2);
});

it('tells pieces apart, whatever the order of joining', function (): void {
    $joins = [[0, 4], [4, 7], [2, 3], [8, 2]];
    for ($turn = 0; $turn < 4; $turn++) {
        $islands = new Islands(9);
        foreach ($joins as [$a, $b]) {
            $turn % 2 === 0 ? $islands->join($a, $b) : $islands->join($b, $a);
        }
        expect(array_map($islands->find(...), range(0, 8)))->toBe([0, 1, 2, 2, 0, 5, 6, 0, 2]);
        $joins[] = array_shift($joins);
    }
    expect(new Islands(0))->toBeInstanceOf(Islands::class);
});

it('inverts small symmetric matrices', function (int $n): void {
    mt_srand($n);
    $packed = [];
    for ($i = 0; $i < $n; $i++) {
        for ($j = 0; $j <= $i; $j++) {
            $packed[Blocks::at($i, $j)] = $i === $j ? $n + mt_rand(1, 100) / 50 : mt_rand(-100, 100) / 100;
        }
    }
    $inverse = Blocks::inverse($packed, $n);
    for ($i = 0; $i < $n; $i++) {
        for ($j = 0; $j < $n; $j++) {
            $sum = 0.0;
            for ($k = 0; $k < $n; $k++) {
                $sum += $packed[Blocks::at($i, $k)] * $inverse[Blocks::at($k, $j)];
            }
            expect($sum)->toEqualWithDelta($i === $j ? 1.0 : 0.0, 1e-12);
        }
    }
    expect(Blocks::at(2, 1))->toBe(Blocks::at(1, 2));
})->with([1, 2, 3, 4, 5]);

it('sees a pitch of rail as its channels in front of the common rail', function (): void {
    // One channel: its own ohms and the common's in series.
    expect(Blocks::rails([0.03], 0.02)[0])->toEqualWithDelta(20.0, 1e-9);
    // Two alike, both at one volt: each drives half of what one with its own share of the common would.
    $y = Blocks::rails([0.04, 0.04], 0.01);
    $each = $y[Blocks::at(0, 0)] + $y[Blocks::at(1, 0)];
    expect($each)->toEqualWithDelta(1 / (0.04 + 2 * 0.01), 1e-9);
});
