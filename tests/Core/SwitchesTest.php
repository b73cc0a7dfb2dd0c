<?php

declare(strict_types=1);

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Document;
use Tests\Support\Scenery;

/**
 * Lamps whose plus hangs together with the supply's through wires and the rockers that are on, found without any volts.
 *
 * @param  list<array{string, string, string}>  $rockers  pin, pin, input
 * @param  array<string, string>  $lamps  lamp => its joint
 * @param  array<string, string>  $positions
 * @return list<string>
 */
function reached(array $rockers, array $lamps, array $positions): array
{
    $live = ['j0' => true];
    do {
        $before = count($live);
        foreach ($rockers as [$a, $b, $input]) {
            if ($positions[$input] === 'on' && (isset($live[$a]) || isset($live[$b]))) {
                $live[$a] = $live[$b] = true;
            }
        }
    } while (count($live) > $before);

    return array_keys(array_filter($lamps, fn (string $joint): bool => isset($live[$joint])));
}

it('lights exactly the lamps that closed rockers join to the supply, in random meshes', function (int $seed): void {
    mt_srand($seed);
    $raw = json_decode(Scenery::many(1, 1)->json, true);
    $strip = $raw['lights'][0];
    [$joints, $inputs] = [mt_rand(3, 6), mt_rand(3, 6)];
    $raw['inputs'] = array_map(fn (int $n): array => ['id' => "in{$n}", 'kind' => 'hand'], range(1, $inputs));
    $raw['devices'] = [
        ...array_map(fn (int $n): array => ['id' => "j{$n}", 'kind' => 'joint'], range(0, $joints)),
        ['id' => 'back', 'kind' => 'joint'],
    ];
    $raw['lights'] = $rockers = $lamps = [];
    $raw['leads'] = [
        [
            'id' => 'trunk',
            'cores' => [['bank.plus', 'j0'], ['back', 'bank.minus']],
            'length_m' => 1.0,
            'wire' => 'w15',
            'inline' => [['id' => 'F1', 'kind' => 'fuse', 'at_m' => 0.1, 'fuse_a' => 10]],
        ],
    ];
    foreach (range(1, $joints + mt_rand(0, 4)) as $n) {
        // The first ones reach every joint, the rest close rings; several rockers may follow one input.
        $to = $n <= $joints ? $n : mt_rand(1, $joints);
        $from = mt_rand(0, $to - 1);
        $input = 'in'.mt_rand(1, $inputs);
        $rockers[] = ["j{$from}", "j{$to}", $input];
        $raw['devices'][] = [
            'id' => "s{$n}",
            'kind' => 'switch',
            'part' => 'rocker',
            'at' => ['on' => ['input' => $input]],
        ];
        $raw['leads'][] = [
            'id' => "in_{$n}",
            'cores' => [["j{$from}", "s{$n}.1"], ["s{$n}.2", "j{$to}"]],
            'length_m' => 0.3,
            'wire' => 'w15',
        ];
    }
    foreach (range(1, $joints) as $n) {
        if ($n === 1 || mt_rand(0, 1) === 1) {
            $lamps["l{$n}"] = "j{$n}";
            $raw['lights'][] = [...$strip, 'id' => "l{$n}"];
            $raw['leads'][] = [
                'id' => "out{$n}",
                'circuit' => 'c1',
                'cores' => [["j{$n}", "l{$n}.start.plus"], ["l{$n}.start.minus", 'back']],
                'length_m' => 0.3,
                'wire' => 'w15',
            ];
        }
    }
    $raw['circuits'][0]['wants'] = [];
    $a = Analysis::of(Document::fromDecoded(json_decode((string) json_encode($raw, JSON_PRESERVE_ZERO_FRACTION))));
    $used = array_unique(array_column($rockers, 2));
    expect($a->scenes())->toHaveCount(3 * 2 ** count($used));
    foreach ($a->scenes() as $scene) {
        $lit = array_keys(array_filter($scene->lit->lights, fn (array $e): bool => reset($e)->greatest() > 0.05));
        expect($lit)
            ->toBe(reached($rockers, $lamps, $scene->inputs), json_encode($scene->inputs)." seed {$seed}")
            ->and($scene->solved())
            ->toBeTrue();
    }
})->with(range(1, 25));
