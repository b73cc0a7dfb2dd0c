<?php

declare(strict_types=1);

namespace Tests\Support;

use BenchGlow\Build\Document;
use BenchGlow\Edit\AddItem;
use BenchGlow\Edit\AddWires;
use BenchGlow\Edit\ClaimWire;
use BenchGlow\Edit\KeepReading;
use BenchGlow\Edit\SetField;
use BenchGlow\Format\Fields;

/** Builds at whose host something was probed, with one thing wrong in it, and the same put right. */
final class ProbeFaults
{
    /** A lamp on a wire of the host that was found in a plug. */
    private static function tapped(string ...$hints): Document
    {
        $document = Make::edited(
            Make::shelf(1.0),
            new AddItem('inputs', new Fields(['id' => 'lights', 'label' => 'Lights', 'kind' => 'running'])),
            new AddItem(
                'host.wires',
                new Fields([
                    'id' => 'run_wire',
                    'label' => 'Running wire',
                    'kind' => 'running',
                    'polarity' => 'positive',
                    'live_when' => ['input' => 'lights'],
                    'fed_by' => 'bank',
                    'fuse_a' => 5,
                ]),
            ),
            new AddItem('leads', new Fields(['id' => 'sense', 'cores' => [['run_wire', null]], 'length_m' => 0.3])),
            new AddWires('Plug', 2, 'lamp'),
            new SetField('p1', 'became', 'run_wire'),
            new SetField('p1', 'named', ['function' => 'running', 'by' => 'builder']),
        );

        return $hints === [] ? $document : Make::edited($document, new SetField('p1', 'hints', $hints));
    }

    /** The same with the wire surely found. */
    private static function sure(): Document
    {
        $on = new Fields(['lights' => 'on']);

        return Make::edited(
            self::tapped(),
            new KeepReading('p1', value: 0.0),
            new KeepReading('p1', with: $on, value: 12.5),
            new KeepReading('p1', to: 'plus', with: $on, value: 0.1),
            new KeepReading('p1', to: 'plus', value: 12.4),
            new KeepReading('p1', with: $on, value: 12.6),
        );
    }

    private static function ground(float $lifts): Document
    {
        return Make::edited(
            self::sure(),
            new KeepReading('p2', powered: false, kind: 'ohms', value: 0.3),
            new KeepReading('p2', to: 'plus', value: 12.6),
            new KeepReading('p2', to: 'plus', with: new Fields(['lights' => 'on']), value: 12.6),
            new KeepReading('p2', with: new Fields(['lights' => 'on']), value: $lifts),
        );
    }

    private static function way(string $leg): Document
    {
        return Make::edited(
            Make::shelf(1.0),
            new AddItem(
                'host.ways',
                new Fields(['id' => 'way5', 'label' => 'F5', 'kind' => 'fuse_way', 'fuse_a' => 10, 'fed_by' => 'bank']),
            ),
            new AddItem(
                'devices',
                new Fields([
                    'id' => 'tap',
                    'kind' => 'fuse_tap',
                    'label' => 'Tap',
                    'way' => 'way5',
                    'live_leg' => $leg,
                ]),
            ),
            new KeepReading(pin: 'way5.line', value: 12.5),
            new KeepReading(pin: 'way5.load', value: 0.0),
        );
    }

    /** @return array<string, array{callable(): Document, list<string>, callable(): Document}> */
    public static function cases(): array
    {
        return [
            'probe.never_touched' => [
                fn () => self::tapped('at_restraint'),
                ['danger probe.never_touched run_wire', 'note lead.spare_core sense.1.spare_b'],
                self::sure(...),
            ],
            'probe.unproven_tap' => [
                fn () => self::tapped(),
                ['warning probe.unproven_tap run_wire', 'note lead.spare_core sense.1.spare_b'],
                self::sure(...),
            ],
            'probe.conflict' => [
                fn () => Make::edited(
                    self::sure(),
                    new ClaimWire('p2', 'brake', 'label'),
                    new KeepReading('p2', value: 12.5),
                ),
                ['warning probe.conflict p2', 'note lead.spare_core sense.1.spare_b'],
                fn () => Make::edited(
                    self::sure(),
                    new ClaimWire('p2', 'brake', 'label'),
                    new KeepReading('p2', value: 0.0),
                ),
            ],
            'probe.dirty_ground' => [
                fn () => self::ground(0.6),
                ['warning probe.dirty_ground p2', 'note lead.spare_core sense.1.spare_b'],
                fn () => self::ground(0.05),
            ],
            'probe.way_leg' => [fn () => self::way('unknown'), ['note probe.way_leg tap'], fn () => self::way('common')],
        ];
    }
}
