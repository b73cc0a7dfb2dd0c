<?php

declare(strict_types=1);

namespace App\Support;

use BenchGlow\Build\Document;
use BenchGlow\Build\Index;
use BenchGlow\Compose\Composer;
use BenchGlow\Edit\Batch;
use BenchGlow\Edit\Editor;
use BenchGlow\Edit\SetField;
use BenchGlow\Edit\UseWay;
use BenchGlow\Format\BadBuild;

/** Question four of a new build: when it glows, made into what tells of it and the best circuit for that. */
final readonly class StartWhen
{
    /** What can be answered. */
    public const WORDS = [
        '' => 'always, or skip',
        'hand' => 'when I switch it on',
        'lid' => 'when a lid is up',
        'door' => 'when a door is open',
        'motion' => 'when someone is near',
        'dusk' => 'when it is dark',
        'brake' => 'with the brake lamp',
        'turn' => 'with a turn lamp',
        'running' => 'with the running lamp',
        'reverse' => 'with the reverse lamp',
        'engine' => 'while a motor runs',
        'either' => 'with either of two lamps of the host',
        'host_plus' => 'with a lamp of the host, switched on the positive side',
        'host_ground' => 'with a lamp of the host, switched to ground',
    ];

    /** Switches of its own: label of the input, and the part. */
    private const OWN = [
        'hand' => ['Switch', ''],
        'lid' => ['Lid', 'lid_switch'],
        'door' => ['Door', 'lid_switch'],
        'motion' => ['Someone near', 'sensor_motion'],
        'dusk' => ['Evening', 'sensor_dusk'],
    ];

    /** Wires of the host: label of what tells, kind of the input, and what else hangs on the wire. */
    private const HOST = [
        'brake' => [['Brake', 'brake', ['kind' => 'filament', 'w' => 21]]],
        'running' => [['Running lamps', 'running', ['kind' => 'filament', 'w' => 5]]],
        'reverse' => [['Reverse', 'reverse', ['kind' => 'filament', 'w' => 21]]],
        'engine' => [['Motor', 'load', ['kind' => 'motor', 'w' => 36]]],
        'either' => [
            ['Fore lamp', 'courtesy', ['kind' => 'filament', 'w' => 5]],
            ['Aft lamp', 'courtesy', ['kind' => 'filament', 'w' => 5]],
        ],
    ];

    private const READY = ['host_plus' => 'relay_positive', 'host_ground' => 'relay_ground', 'turn' => 'repeater'];

    /** @throws BadBuild */
    public static function apply(Document $document, string $when): Document
    {
        $circuit = $document->fields()->objects('circuits')[0]->text('id');

        return match (true) {
            isset(self::OWN[$when]) => self::own($document, $circuit, $when),
            isset(self::HOST[$when]) => self::host($document, $circuit, $when),
            isset(self::READY[$when]) => Editor::apply($document, (new UseWay($circuit, self::READY[$when]))->saying()),
            default => $document,
        };
    }

    private static function own(Document $document, string $circuit, string $when): Document
    {
        [$label, $part] = self::OWN[$when];
        $input = Index::of($document)->has($when) ? "{$when}_input" : $when;
        $document = Editor::apply($document, NewSignal::input($input, $label, $when));

        return Editor::apply($document, new UseWay($circuit, 'hand', inputs: [$input], switch: $part));
    }

    private static function host(Document $document, string $circuit, string $when): Document
    {
        $conditions = [];
        foreach (self::HOST[$when] as [$label, $kind, $load]) {
            $input = Index::of($document)->free($label);
            $volts = $document->fields()->objects('supplies')[0]->number('nominal_v');
            $load = ['id' => 'lamp', ...$load, 'at_v' => $volts > 18.0 ? 24 : 12];
            $document = Editor::apply(
                $document,
                new Batch([
                    NewSignal::input($input, $label, $kind),
                    NewSignal::wire($document, $input, $label, $kind, fuseA: 7.5, loads: [$load]),
                ]),
            );
            $conditions[] = ['input' => $input];
        }
        $wish = count($conditions) === 1 ? $conditions[0] : ['any' => $conditions];
        $best = (new Composer($document, $circuit))->of($wish, 1)->cards[0] ?? null;
        if ($best !== null) {
            return Editor::apply($document, $best->edit);
        }
        // None proven: the wish stands, and the station says what keeps it from being met.
        $want = $document->fields()->objects('circuits')[0]->objects('wants')[0] ?? null;

        return $want === null ? $document : Editor::apply($document, new SetField($want->text('id'), 'when', $wish));
    }
}
