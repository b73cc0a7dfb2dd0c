<?php

declare(strict_types=1);

namespace Tests\Support;

use BenchGlow\Build\Document;
use BenchGlow\Edit\AddItem;
use BenchGlow\Edit\AddWires;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\KeepReading;
use BenchGlow\Format\Fields;
use BenchGlow\Probe\Tables;

/** Bundles for tests, and readings at them. */
final class Probes
{
    /**
     * A plug on a build that wants to glow with the first of these inputs.
     *
     * @param  list<string>  $kinds  of inputs; their ids are their kinds
     */
    public static function plug(int $wires, string $spot, array $kinds): Document
    {
        $edits = [];
        foreach ($kinds as $kind) {
            [$label, $positions] = Tables::input($kind);
            $edits[] = new AddItem(
                'inputs',
                new Fields(['id' => $kind, 'label' => $label, 'kind' => $kind, 'positions' => $positions]),
            );
        }
        $circuit = ['id' => 'accent', 'label' => 'Accent', 'wants' => []];
        if (in_array('running', $kinds, true)) {
            $circuit['wants'] = [['id' => 'want', 'glow' => ['row'], 'when' => ['input' => 'running']]];
        }
        $data = Make::bare()->data;
        // A cycle has no dial lighting, which only a dimmer tells from running lamps.
        $data['place'] = 'cycle';

        return Make::edited(
            Document::fromEdited($data),
            ...$edits,
            ...[
                new AddItem(
                    'parts',
                    new Fields(['id' => 'led', 'kind' => 'led', 'vf_v' => 2.0, 'if_a' => 0.02, 'imax_a' => 0.03]),
                ),
                new AddItem(
                    'lights',
                    new Fields([
                        'id' => 'row',
                        'kind' => 'leds',
                        'part' => 'led',
                        'count' => 3,
                        'per_string' => 3,
                        'ohm' => 330,
                    ]),
                ),
                new AddItem('circuits', new Fields($circuit)),
                new AddWires('Plug', $wires, $spot),
            ],
        );
    }

    /** @param  array<string, string>  $with */
    public static function read(string $wire, float|string $said, array $with = [], string $to = 'ground'): KeepReading
    {
        return is_string($said)
            ? new KeepReading($wire, to: $to, with: new Fields($with), word: $said, supplyV: 12.6)
            : new KeepReading($wire, to: $to, with: new Fields($with), value: $said, supplyV: 12.6);
    }

    /**
     * Readings that leave no doubt.
     *
     * @return list<Edit>
     */
    public static function surely(string $wire, string $function, int $times = 1): array
    {
        $edits = [];
        for ($n = 0; $n < $times; $n++) {
            if ($function === 'ground') {
                $edits = [
                    ...$edits,
                    new KeepReading($wire, powered: false, kind: 'ohms', value: 0.2),
                    self::read($wire, 12.6, [], 'plus'),
                    self::read($wire, 0.0),
                    self::read($wire, 12.6, ['running' => 'on'], 'plus'),
                    self::read($wire, 0.01, ['running' => 'on']),
                    self::read($wire, 12.6, ['brake' => 'on'], 'plus'),
                    self::read($wire, 0.01, ['brake' => 'on']),
                    new KeepReading(
                        $wire,
                        to: 'plus',
                        kind: 'lamp',
                        word: 'bright',
                        instrument: 'test_lamp',
                        supplyV: 12.6,
                    ),
                ];

                continue;
            }
            array_push(
                $edits,
                self::read($wire, 0.0),
                self::read($wire, 12.5, [$function => 'on']),
                self::read($wire, 0.1, [$function => 'on'], 'plus'),
                self::read($wire, 12.5, [], 'plus'),
            );
            foreach ($function === 'running' ? ['brake'] : ['running'] as $other) {
                $edits[] = self::read($wire, 0.0, [$other => 'on']);
            }
        }

        return $edits;
    }

    /** A fuse way with a tap whose leg nobody knows. */
    public static function way(): Document
    {
        return Make::edited(
            Make::shelf(1.0),
            new AddItem(
                'host.ways',
                new Fields(['id' => 'way5', 'label' => 'F5', 'kind' => 'fuse_way', 'fuse_a' => 10, 'fed_by' => 'bank']),
            ),
            new AddItem(
                'devices',
                new Fields(['id' => 'tap', 'kind' => 'fuse_tap', 'way' => 'way5', 'live_leg' => 'unknown']),
            ),
        );
    }
}
