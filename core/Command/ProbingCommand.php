<?php

declare(strict_types=1);

namespace BenchGlow\Command;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Build;
use BenchGlow\Build\Document;
use BenchGlow\Edit\Editor;
use BenchGlow\Edit\KeepReading;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Format\FormatOne;
use BenchGlow\Probe\Conflict;
use BenchGlow\Probe\Conflicts;
use BenchGlow\Probe\Csv;
use BenchGlow\Probe\Donor;
use BenchGlow\Probe\Donors;
use BenchGlow\Probe\FuseWay;
use BenchGlow\Probe\HostSwitches;
use BenchGlow\Probe\NextTest;
use BenchGlow\Probe\Probing;
use BenchGlow\Probe\Reason;
use BenchGlow\Probe\Tables;
use BenchGlow\Probe\Test;
use BenchGlow\Quantity\Csv as Text;

/** `glow probe`: what the readings say, and what to ask next. */
final class ProbingCommand
{
    /** @return array<string, mixed> */
    public static function of(Document $document, string $goal): array
    {
        $build = Build::of($document);
        $probing = Probing::of($document, $build, $goal);
        $wires = [];
        foreach ($probing->judged as $id => $judged) {
            $wires[] = [
                'id' => $id,
                'name' => $judged->name,
                'certainty' => $judged->certainty,
                'p' => round($judged->p, 4),
                'second' => $judged->second,
                'seen_both_ways' => $judged->seenBothWays,
                'hangs_on' => $judged->hangsOn,
                'tap' => $judged->tap,
            ];
        }
        $needs = [];
        foreach ($probing->found() as $function => $wire) {
            $needs[] = ['function' => $function, 'wire' => $wire];
        }
        $open = $probing->open();

        return [
            'wires' => $wires,
            'needs' => $needs,
            'next' => array_map(
                fn (Test $t): array => [
                    'wire' => $t->wire,
                    'with' => (object) $t->condition->with,
                    'instrument' => $t->instrument(),
                    'to' => $t->to(),
                    'powered' => $t->powered(),
                    'kind' => $t->kind(),
                    'gain' => round($t->gain, 4),
                    'seconds' => $t->seconds,
                    'why' => Reason::of($probing, $t),
                ],
                NextTest::best($probing),
            ),
            'conflicts' => array_map(
                fn (Conflict $c): array => ['kind' => $c->kind, 'wires' => $c->wires, 'says' => $c->says],
                Conflicts::of($probing),
            ),
            'ways' => array_values(array_map(fn ($w): array => FuseWay::of($probing, $w)->toArray(), $build->ways)),
            'donors' => array_map(fn (Donor $d): array => $d->toArray(), Donors::of($probing, self::amps($document))),
            'missing' => $goal === 'all' ? [] : array_map(Tables::words(...), $open),
        ];
    }

    /** The most a circuit of the build draws, solved. */
    public static function amps(Document $document): float
    {
        if ($document->fields()->objects('leads') === []) {
            return 0.0;
        }
        $analysis = Analysis::of($document);
        $most = 0.0;
        foreach (array_keys($analysis->build->circuits) as $circuit) {
            $most = max($most, $analysis->circuitA($circuit, 'max'));
        }

        return $most;
    }

    /** A build around a table of readings: the usual inputs of its place, and whatever it names besides. */
    public static function around(string $csv, string $place, string $spot): Document
    {
        $read = Csv::read($csv);
        $inputs = [];
        foreach ($read['inputs'] as $id => $positions) {
            [$label, $usual] = Tables::input($id);
            $inputs[$id] = [
                'id' => $id,
                'label' => $label,
                'kind' => HostSwitches::kind($id),
                'positions' => array_values(array_unique([...$usual, ...$positions])),
            ];
        }
        foreach (Tables::hostInputs($place) as $kind) {
            [$label, $positions] = Tables::input($kind);
            $inputs[$kind] ??= [
                'id' => $kind,
                'label' => $label,
                'kind' => HostSwitches::kind($kind),
                'positions' => $positions,
            ];
        }
        foreach ($inputs as $id => $input) {
            $inputs[$id]['kind'] = in_array($input['kind'], FormatOne::INPUT_KINDS, true) ? $input['kind'] : 'other';
        }
        $ways = max([
            1,
            count($read['wires']),
            ...array_map(fn (array $w): int => is_int($w['way'] ?? null) ? $w['way'] : 1, $read['wires']),
        ]);

        return Document::fromDecoded(
            json_decode(
                json_encode(
                    [
                        'format' => 'bench-glow/build',
                        'version' => 1,
                        'title' => 'Readings',
                        'place' => $place,
                        'supplies' => [
                            [
                                'id' => 'bank',
                                'kind' => 'lead_acid_12v',
                                'min_v' => 11.8,
                                'nominal_v' => 12.6,
                                'max_v' => 14.4,
                            ],
                        ],
                        'inputs' => array_values($inputs),
                        'circuits' => [],
                        'probe' => [
                            'connectors' => [
                                ['id' => 'the_connector', 'label' => 'connector', 'ways' => $ways, 'spot' => $spot],
                            ],
                            'wires' => array_map(
                                fn (array $w): array => [...$w, 'connector' => 'the_connector'],
                                $read['wires'],
                            ),
                            'readings' => array_map(
                                fn (array $r): array => [...$r, 'with' => (object) ($r['with'] ?? [])],
                                $read['readings'],
                            ),
                        ],
                    ],
                    JSON_THROW_ON_ERROR,
                ),
            ),
        );
    }

    /** Names as a table. */
    public static function names(Document $document, string $goal): string
    {
        $probing = Probing::of($document, null, $goal);
        $rows = [['wire', 'colour', 'tracer', 'way', 'name', 'certainty', 'second', 'tap']];
        foreach ($probing->judged as $id => $judged) {
            $rows[] = [
                $id,
                $judged->wire->colour,
                $judged->wire->tracer ?? '',
                $judged->wire->way,
                Tables::words($judged->name),
                $judged->certainty,
                $judged->second === null ? '' : Tables::words($judged->second),
                $judged->tap,
            ];
        }

        return Text::text($rows);
    }

    /**
     * One reading more, as a line of JSON.
     *
     * @return array{Document, string} the build with it, and what was wrong; ''
     */
    public static function with(Document $document, string $line): array
    {
        $json = json_decode($line, true);
        if (! is_array($json)) {
            return [$document, 'a line is one JSON object, as {"wire":"p1","value":12.4}.'];
        }
        $text = fn (string $key, string $otherwise): string => is_string($json[$key] ?? null) ? $json[$key] : $otherwise;
        $figure = fn (string $key): ?float => is_int($json[$key] ?? null) || is_float($json[$key] ?? null)
            ? (float) $json[$key]
            : null;
        $powered = ($json['powered'] ?? true) !== false;
        $instrument = $text('instrument', 'meter');
        $kind = $text('kind', $powered ? ($instrument === 'meter' ? 'volts' : 'lamp') : 'ohms');
        try {
            return [
                Editor::apply(
                    $document,
                    new KeepReading(
                        $text('wire', ''),
                        null,
                        $text('to', 'ground'),
                        new Fields(is_array($json['with'] ?? null) ? $json['with'] : []),
                        $powered,
                        $kind,
                        $figure('value'),
                        is_string($json['word'] ?? null) ? $json['word'] : null,
                        $instrument,
                        $figure('supply_v'),
                        $figure('after_s'),
                    ),
                ),
                '',
            ];
        } catch (BadBuild $e) {
            return [$document, $e->problem];
        }
    }
}
