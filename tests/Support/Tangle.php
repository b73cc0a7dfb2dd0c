<?php

declare(strict_types=1);

namespace Tests\Support;

use BenchGlow\Build\Document;
use BenchGlow\Parts\Catalogue;
use stdClass;

/** Random harnesses of up to twelve symbols: switches, relays, controllers, host wires and things in line between a few joints. */
final class Tangle
{
    public static function document(int $seed): Document
    {
        mt_srand($seed);
        $raw = json_decode(Make::bare()->json, true);
        $part = fn (string $key): array => [...Catalogue::part($key)->data ?? [], 'id' => $key];
        $raw['parts'] = array_map($part, [
            'rocker_plain',
            'relay_5_12_diode',
            'schottky_3',
            'strip_red_12_48',
            'strip_rgb_12_144',
            'tail_two_level',
            'dimmer_low',
            'plug_4',
        ]);
        $raw['parts'] = [...$raw['parts'], ['id' => 'w', 'kind' => 'wire', 'area_mm2' => 0.75, 'cores' => 4]];
        $raw['inputs'] = [['id' => 'hand', 'kind' => 'hand', 'label' => 'Hand rocker']];
        $raw['host'] = [
            'grounds' => [['id' => 'frame', 'kind' => 'body', 'of' => 'bank', 'ohm' => 0.01]],
            'wires' => [],
        ];
        $raw['circuits'] = [
            ['id' => 'main', 'label' => 'Main', 'wants' => []],
            ['id' => 'other', 'label' => 'Other', 'wants' => []],
        ];
        $raw['devices'] = $raw['leads'] = $raw['lights'] = [];
        $joints = mt_rand(2, 6);
        for ($j = 0; $j <= $joints; $j++) {
            $raw['devices'][] = ['id' => "j{$j}", 'kind' => 'joint'];
        }
        $n = 0;
        $lead = function (string $from, string $to, array $inline = []) use (&$raw, &$n): void {
            $raw['leads'][] = [
                'id' => 'lead'.$n++,
                'circuit' => mt_rand(0, 9) === 0 ? 'other' : 'main',
                'cores' => [[$from, $to]],
                'length_m' => mt_rand(1, 30) / 10,
                'wire' => 'w',
                ...$inline === [] ? [] : ['inline' => $inline],
            ];
        };
        $pin = fn (): string => 'j'.mt_rand(0, $joints);
        $lead(
            'bank.plus',
            'j0',
            mt_rand(0, 3) > 0 ? [['id' => 'F0', 'kind' => 'fuse', 'at_m' => 0.05, 'fuse_a' => 5]] : [],
        );
        foreach (range(1, $joints) as $j) {
            self::between($raw, $lead, $n, 'j'.mt_rand(0, $j - 1), "j{$j}", $pin);
        }
        for ($more = mt_rand(0, 4); $more > 0; $more--) {
            self::between($raw, $lead, $n, $pin(), $pin(), $pin);
        }
        foreach (range(1, mt_rand(1, 3)) as $l) {
            self::light($raw, $lead, "l{$l}", $pin);
        }

        return Document::fromDecoded(
            json_decode((string) json_encode($raw, JSON_PRESERVE_ZERO_FRACTION)) ?? new stdClass(),
        );
    }

    /**
     * @param  array<string, mixed>  $raw
     * @param  callable(string, string, list<array<string, mixed>>): void  $lead
     * @param  callable(): string  $pin
     */
    private static function between(array &$raw, callable $lead, int $n, string $from, string $to, callable $pin): void
    {
        if ($from === $to) {
            return;
        }
        switch (mt_rand(0, 7)) {
            case 0:
                $lead($from, $to, [
                    [
                        'id' => "D{$n}",
                        'kind' => 'diode',
                        'at_m' => 0.05,
                        'part' => 'schottky_3',
                        'points' => mt_rand(0, 3) > 0 ? 'to' : 'from',
                    ],
                ]);
                break;
            case 1:
                $lead($from, $to, [
                    ['id' => "R{$n}", 'kind' => 'resistor', 'at_m' => 0.02, 'ohm' => 47],
                    ['id' => "F{$n}", 'kind' => 'fuse', 'at_m' => 0.06, 'fuse_a' => 2],
                ]);
                break;
            case 2:
                $raw['devices'][] = ['id' => "k{$n}", 'kind' => 'relay', 'part' => 'relay_5_12_diode'];
                $lead($from, "k{$n}.30", []);
                $lead(mt_rand(0, 1) === 0 ? "k{$n}.87" : "k{$n}.87a", $to, []);
                $lead($pin(), "k{$n}.86", []);
                $lead("k{$n}.85", mt_rand(0, 1) === 0 ? 'frame' : 'bank.minus', []);
                break;
            case 3:
                $raw['devices'][] = ['id' => "c{$n}", 'kind' => 'controller', 'part' => 'dimmer_low'];
                $lead($from, "c{$n}.in_plus", []);
                $lead("c{$n}.out_plus", $to, []);
                $lead("c{$n}.in_minus", 'bank.minus', []);
                break;
            case 4:
                $raw['host']['wires'][] = [
                    'id' => "h{$n}",
                    'kind' => 'running',
                    'polarity' => mt_rand(0, 2) > 0 ? 'positive' : 'ground',
                    'live_when' => ['input' => 'hand'],
                    'fed_by' => 'bank',
                    'loads' => mt_rand(0, 1) === 1 ? [['id' => 'lamp', 'kind' => 'filament', 'w' => 5, 'at_v' => 12]] : [],
                ];
                $lead("h{$n}", $to, []);
                break;
            default:
                $raw['devices'][] = [
                    'id' => "s{$n}",
                    'kind' => 'switch',
                    'part' => 'rocker_plain',
                    'at' => ['on' => ['input' => 'hand']],
                ];
                $lead($from, "s{$n}.1", []);
                $lead("s{$n}.2", $to, []);
        }
    }

    /**
     * @param  array<string, mixed>  $raw
     * @param  callable(string, string, list<array<string, mixed>>): void  $lead
     * @param  callable(): string  $pin
     */
    private static function light(array &$raw, callable $lead, string $id, callable $pin): void
    {
        $back = mt_rand(0, 2) === 0 ? 'frame' : 'bank.minus';
        if (mt_rand(0, 2) === 0) {
            $raw['devices'][] = [
                'id' => "g{$id}",
                'kind' => 'switch',
                'part' => 'rocker_plain',
                'at' => ['on' => ['not' => ['input' => 'hand']]],
            ];
            $lead("g{$id}.2", $back, []);
            $back = "g{$id}.1";
        }
        switch (mt_rand(0, 2)) {
            case 0:
                $raw['lights'][] = [
                    'id' => $id,
                    'circuit' => 'main',
                    'kind' => 'strip',
                    'part' => 'strip_red_12_48',
                    'wanted_m' => 0.5,
                ];
                $lead($pin(), "{$id}.start.plus", []);
                $lead("{$id}.".(mt_rand(0, 1) === 0 ? 'start' : 'end').'.minus', $back, []);
                if (mt_rand(0, 2) === 0) {
                    $lead("{$id}.start.plus", "{$id}.end.plus", []);
                }
                break;
            case 1:
                $raw['lights'][] = ['id' => $id, 'circuit' => 'main', 'kind' => 'module', 'part' => 'tail_two_level'];
                $lead($pin(), "{$id}.tail", []);
                $lead($pin(), "{$id}.stop", []);
                $lead("{$id}.minus", $back, []);
                break;
            default:
                $raw['lights'][] = [
                    'id' => $id,
                    'circuit' => mt_rand(0, 4) === 0 ? 'other' : 'main',
                    'kind' => 'strip',
                    'part' => 'strip_rgb_12_144',
                    'wanted_m' => 0.5,
                ];
                $lead($pin(), "{$id}.start.common", []);
                foreach (['r', 'g', 'b'] as $channel) {
                    $lead("{$id}.start.{$channel}", $back, []);
                }
        }
    }
}
