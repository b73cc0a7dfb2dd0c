<?php

declare(strict_types=1);

namespace Tests\Support;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Document;
use BenchGlow\Edit\AddPanel;
use BenchGlow\Edit\CloseHunt;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\KeepGate;
use BenchGlow\Edit\Mark;
use BenchGlow\Edit\OpenHunt;
use BenchGlow\Edit\See;
use BenchGlow\Edit\SetField;
use BenchGlow\Format\Fields;
use BenchGlow\Prove\Gate;
use BenchGlow\Prove\Gates;
use BenchGlow\Prove\Proving;
use BenchGlow\Prove\Works;

/** Proofs that a rule finds fault with, and proofs it has nothing to say of. */
final class ProofFaults
{
    private const ON = '2026-05-02T18:00+02:00';

    /** @return list<Gate> */
    public static function gates(Document $document, string $circuit): array
    {
        return Gates::of(new Proving(new Works(Analysis::of($document), $circuit)));
    }

    /** A gate of a kind, kept with the facts it has now. */
    public static function kept(Document $document, string $circuit, string $kind, string $result): Document
    {
        foreach (self::gates($document, $circuit) as $gate) {
            if ($gate->kind === $kind) {
                $measured = $kind === 'power' ? [['red' => $gate->subject(), 'kind' => 'amps', 'value' => 2.4]] : [];

                return Make::edited(
                    $document,
                    new KeepGate($gate->key, $result, self::ON, $gate->facts, new Fields($measured)),
                );
            }
        }

        return $document;
    }

    private static function failed(Edit ...$more): Document
    {
        return Make::edited(self::kept(LoomFaults::shelf([]), 'shelf', 'power', 'not_as_it_should'), ...$more);
    }

    /** A lamp beside the host's own, with a gate proven. */
    private static function beside(string ...$kinds): Document
    {
        $document = Make::file('j19-saloon-floor.glow.json');
        $circuit = $document->fields()->objects('circuits')[0]->text('id');
        foreach ($kinds as $kind) {
            $document = self::kept($document, $circuit, $kind, 'as_it_should');
        }

        return $document;
    }

    /** @return array<string, array{callable(): Document, list<string>, callable(): Document}> */
    public static function cases(): array
    {
        $shelf = fn (Edit ...$more): Document => LoomFaults::shelf([], ...$more);
        $closed = new Mark(['close:front'], self::ON, 'marked');
        $front = fn (Edit ...$more): Document => $shelf(new AddPanel('Front', ['shelf_light']), ...$more);
        $hunt = [new OpenHunt('shelf', self::ON), new See('h1', 'shelf_light', 'dim', self::ON)];

        return [
            'prove.failed' => [
                fn () => self::failed(),
                ['danger prove.failed F1'],
                fn () => self::failed(...$hunt, ...[new CloseHunt('h1', self::ON, 'short:F1')]),
            ],
            'prove.before_closing' => [
                fn () => $front($closed),
                ['warning build.out_of_order front', 'warning prove.before_closing front'],
                fn () => self::kept($front($closed), 'shelf', 'state', 'as_it_should'),
            ],
            'prove.baseline' => [
                fn () => self::beside('part'),
                ['warning prove.baseline lamp_wire'],
                fn () => self::beside('part', 'baseline'),
            ],
            'hunt.open' => [
                fn () => $shelf(...$hunt),
                ['warning hunt.open shelf'],
                fn () => $shelf(...[...$hunt, new CloseHunt('h1', self::ON, null, 'the tip had slipped')]),
            ],
            'prove.stale' => [
                fn () => Make::edited(
                    self::kept($shelf(), 'shelf', 'core', 'as_it_should'),
                    new SetField('shelf_light_feed', 'length_m', 1.9),
                ),
                ['note prove.stale shelf_light_feed'],
                fn () => Make::edited(
                    self::kept($shelf(), 'shelf', 'core', 'as_it_should'),
                    new SetField('shelf_light_feed', 'label', 'Feed along the shelf'),
                ),
            ],
        ];
    }
}
