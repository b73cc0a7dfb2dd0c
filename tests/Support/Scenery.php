<?php

declare(strict_types=1);

namespace Tests\Support;

use BenchGlow\Build\Document;
use stdClass;

/** Builds with switches, relays and a host: one red strip of a metre on a fused bank, fed through whatever a test needs. */
final class Scenery
{
    public const RELAY = [
        'id' => 'relay12',
        'kind' => 'relay',
        'pins' => ['30', '85', '86', '87', '87a'],
        'inside' => [
            [
                'id' => 'coil',
                'kind' => 'sense',
                'from' => '86',
                'to' => '85',
                'ohm' => 85,
                'pull_in_v' => 8,
                'drop_out_v' => 1.2,
                'hold_s' => 0.01,
            ],
        ],
        'contacts' => [
            ['id' => 'no', 'from' => '30', 'to' => '87', 'closed_when' => ['sense' => 'coil'], 'max_a' => 30],
            [
                'id' => 'nc',
                'from' => '30',
                'to' => '87a',
                'closed_when' => ['not' => ['sense' => 'coil']],
                'max_a' => 20,
            ],
        ],
    ];

    public const ROCKER = [
        'id' => 'rocker',
        'kind' => 'switch',
        'style' => 'rocker',
        'pins' => ['1', '2'],
        'positions' => ['off', 'on'],
        'contacts' => [['id' => 'c', 'from' => '1', 'to' => '2', 'closed_when' => ['at' => 'on'], 'max_a' => 15]],
    ];

    /**
     * @param  list<array<string, mixed>>  $parts
     * @param  list<array<string, mixed>>  $devices
     * @param  list<array{string, string}>  $cores  joined by short thick wires
     * @param  array<string, mixed>  $more  further sections
     * @param  array<string, mixed>  $when  of the strip's want
     */
    public static function build(
        array $parts,
        array $devices,
        array $cores,
        array $more = [],
        array $when = ['input' => 'hand'],
    ): Document {
        $shelf = json_decode(
            Make::circuit(Make::bare(), 'Shelf', 'strip_red_12_48', ['kind' => 'strip', 'wanted_m' => 1.0], 0.5)->json,
            true,
        );
        $shelf['inputs'] = $more['inputs'] ?? [['id' => 'hand', 'kind' => 'hand']];
        unset($more['inputs']);
        $shelf['parts'] = [...$shelf['parts'], ['id' => 'w15', 'kind' => 'wire', 'area_mm2' => 1.5], ...$parts];
        $shelf['devices'] = $devices;
        $shelf['circuits'][0]['wants'][0]['when'] = $when;
        $fuse = $shelf['leads'][0]['inline'];
        $shelf['leads'] = [];
        foreach ($cores as $n => $core) {
            $shelf['leads'][] = [
                'id' => "lead_{$n}",
                'circuit' => 'shelf',
                'cores' => [$core],
                'length_m' => 0.5,
                'wire' => 'w15',
                ...$n === 0 ? ['inline' => $fuse] : [],
            ];
        }

        return Document::fromDecoded(
            json_decode((string) json_encode([...$shelf, ...$more], JSON_PRESERVE_ZERO_FRACTION)) ?? new stdClass(),
        );
    }

    /** A rocker throws the relay; its made contact feeds the strip. */
    public static function relay(): Document
    {
        return self::build(
            [self::RELAY, self::ROCKER],
            [
                ['id' => 'k', 'kind' => 'relay', 'part' => 'relay12'],
                ['id' => 's', 'kind' => 'switch', 'part' => 'rocker', 'at' => ['on' => ['input' => 'hand']]],
                ['id' => 'j', 'kind' => 'joint'],
            ],
            [
                ['bank.plus', 'j'],
                ['j', 'k.30'],
                ['j', 's.1'],
                ['s.2', 'k.86'],
                ['k.85', 'bank.minus'],
                ['k.87', 'shelf_light.start.plus'],
                ['shelf_light.start.minus', 'bank.minus'],
            ],
        );
    }

    /** The coil hangs on its own resting contact. */
    public static function buzzer(string $lamp = 'j'): Document
    {
        return self::build(
            [self::RELAY, self::ROCKER],
            [
                ['id' => 'k', 'kind' => 'relay', 'part' => 'relay12'],
                ['id' => 's', 'kind' => 'switch', 'part' => 'rocker', 'at' => ['on' => ['input' => 'hand']]],
                ['id' => 'j', 'kind' => 'joint'],
            ],
            [
                ['bank.plus', 'j'],
                ['j', 's.1'],
                ['s.2', 'k.30'],
                ['k.87a', 'k.86'],
                ['k.85', 'bank.minus'],
                [$lamp, 'shelf_light.start.plus'],
                ['shelf_light.start.minus', 'bank.minus'],
            ],
            [],
            $lamp === 'j' ? ['all' => []] : ['input' => 'hand'],
        );
    }

    /** The strip on a fuse tap in a way of 10 A that carries 4 A of its own. */
    public static function tap(string $leg): Document
    {
        return self::build(
            [],
            [['id' => 'tap', 'kind' => 'fuse_tap', 'way' => 'w4', 'fuse_a' => 3, 'live_leg' => $leg]],
            [['tap.out', 'shelf_light.start.plus'], ['shelf_light.start.minus', 'bank.minus']],
            [
                'inputs' => [],
                'host' => [
                    'ways' => [['id' => 'w4', 'kind' => 'fuse_way', 'fuse_a' => 10, 'load_a' => 4, 'fed_by' => 'bank']],
                ],
            ],
            ['all' => []],
        );
    }

    /** Circuits on one trunk, each a lamp behind rockers in series with one input each. */
    public static function many(int $circuits, int $rockers): Document
    {
        $build = json_decode(self::relay()->json, true);
        $build['circuits'] = $build['lights'] = $build['inputs'] = [];
        $build['devices'] = [['id' => 'hub', 'kind' => 'joint'], ['id' => 'back', 'kind' => 'joint']];
        $build['leads'] = [
            [
                'id' => 'trunk',
                'cores' => [['bank.plus', 'hub'], ['back', 'bank.minus']],
                'length_m' => 1.0,
                'wire' => 'w15',
                'inline' => [['id' => 'F1', 'kind' => 'fuse', 'at_m' => 0.1, 'fuse_a' => 10]],
            ],
        ];
        $strip = array_values(array_filter($build['parts'], fn (array $p): bool => $p['kind'] === 'strip'))[0]['id'];
        foreach (range(1, $circuits) as $c) {
            $from = 'hub';
            $all = [];
            foreach (range(1, $rockers) as $r) {
                $input = "in{$c}_{$r}";
                $build['inputs'][] = ['id' => $input, 'kind' => 'hand'];
                $build['devices'][] = [
                    'id' => "s{$c}_{$r}",
                    'circuit' => "c{$c}",
                    'kind' => 'switch',
                    'part' => 'rocker',
                    'at' => ['on' => ['input' => $input]],
                ];
                $build['leads'][] = [
                    'id' => "in{$c}_{$r}_lead",
                    'circuit' => "c{$c}",
                    'cores' => [[$from, "s{$c}_{$r}.1"]],
                    'length_m' => 0.5,
                    'wire' => 'w15',
                ];
                $from = "s{$c}_{$r}.2";
                $all[] = ['input' => $input];
            }
            $build['circuits'][] = [
                'id' => "c{$c}",
                'label' => "Circuit {$c}",
                'wants' => [['id' => "want{$c}", 'glow' => ["l{$c}"], 'when' => ['all' => $all]]],
            ];
            $build['lights'][] = [
                'id' => "l{$c}",
                'circuit' => "c{$c}",
                'kind' => 'strip',
                'part' => $strip,
                'wanted_m' => 0.5,
            ];
            $build['leads'][] = [
                'id' => "out{$c}",
                'circuit' => "c{$c}",
                'cores' => [[$from, "l{$c}.start.plus"], ["l{$c}.start.minus", 'back']],
                'length_m' => 0.5,
                'wire' => 'w15',
            ];
        }

        return Document::fromDecoded(
            json_decode((string) json_encode($build, JSON_PRESERVE_ZERO_FRACTION)) ?? new stdClass(),
        );
    }
}
