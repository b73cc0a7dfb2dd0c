<?php

declare(strict_types=1);

use BenchGlow\Analysis\Analysis;
use BenchGlow\AsBuilt\AsBuilt;
use BenchGlow\AsBuilt\Handed;
use BenchGlow\AsBuilt\Hands;
use BenchGlow\AsBuilt\Lines;
use BenchGlow\AsBuilt\ProofRows;
use BenchGlow\Build\Document;
use BenchGlow\Check\Review;
use BenchGlow\Edit\Batch;
use BenchGlow\Edit\Commutes;
use BenchGlow\Edit\KeepGate;
use BenchGlow\Edit\KeepReading;
use BenchGlow\Edit\Log;
use BenchGlow\Edit\Mark;
use BenchGlow\Edit\RemoveItem;
use BenchGlow\Edit\SetField;
use BenchGlow\Edit\Signing;
use Tests\Support\Make;

const HANDS_ON = '2026-11-28T18:00+00:00';

describe('who did what', function (): void {
    it('is written into marks, entries of the log and gates, and into each of a batch', function (): void {
        $mark = new Mark(['cut:feed'], HANDS_ON, 'Cut it', note: 'twice', minutes: 4.0);
        $signed = Signing::by($mark, 'Ina');
        expect($signed)->toEqual(new Mark(['cut:feed'], HANDS_ON, 'Cut it', by: 'Ina', note: 'twice', minutes: 4.0));
        // Who is named already stays, and no name changes nothing.
        expect(Signing::by($signed, 'Jon'))->toEqual($signed)->and(Signing::by($mark, ''))->toBe($mark);
        $set = new SetField('feed', 'label', 'x');
        expect(Signing::by($set, 'Ina'))->toBe($set);
        $log = new Log('note', HANDS_ON, 'it rains', weather: 'wet');
        $both = Signing::by(new Batch([$log, new Batch([$mark])], 'Two'), 'Ina');
        expect($both)->toEqual(
            new Batch(
                [new Log('note', HANDS_ON, 'it rains', weather: 'wet', by: 'Ina'), new Batch([$signed])],
                'Two',
            ),
        );
        $gate = new KeepGate('state:shelf', 'as_it_should', HANDS_ON, alone: true, words: 'Shelf');
        expect(Signing::by($gate, 'Ina'))->toEqual(
            new KeepGate('state:shelf', 'as_it_should', HANDS_ON, alone: true, words: 'Shelf', by: 'Ina'),
        );
    });

    it('stands in the file, and is counted in words', function (): void {
        $document = Make::file('heron.glow.json');
        expect(Hands::words($document))->toBe('');
        foreach (['Ina', 'Ina', 'Jon'] as $n => $name) {
            $document = Make::edited(
                $document,
                Signing::by(new Mark(["cut:x{$n}"], HANDS_ON, 'Cut'), $name),
            );
        }
        $gate = $document->fields()->objects('gates')[0]->text('gate');
        $document = Make::edited($document, Signing::by(new KeepGate($gate, 'as_it_should', HANDS_ON), 'Ina'));
        $document = Make::edited($document, Signing::by(new Log('note', HANDS_ON, 'x'), 'Jon'));
        expect(Hands::words($document))->toBe('Done by Ina: 2 steps, 1 gate; Jon: 1 step.');
        $log = $document->fields()->objects('log');
        expect($log[count($log) - 1]->text('by'))->toBe('Jon');
        expect(Document::fromJson($document->json)->json)->toBe($document->json);
    });

    it('is on the sheet where it is wanted, and nowhere else', function (): void {
        $document = Make::file('heron.glow.json');
        $gate = $document->fields()->objects('gates')[0]->text('gate');
        $document = Make::edited($document, Signing::by(new KeepGate($gate, 'as_it_should', HANDS_ON), 'Ina'));
        $said = function (Document $document): string {
            $review = Review::of($document);
            $rows = new ProofRows(Analysis::of($document), fn (): array => [], fn (): ?string => null);
            $all = '';
            foreach (AsBuilt::of($review, new Handed('A', '2 June 2026'), $rows)->sections() as $section) {
                foreach ($section->parts as $part) {
                    $all .= json_encode($part instanceof Lines ? $part->lines : ($part->rows ?? []));
                }
            }

            return $all;
        };
        expect($said($document))->not->toContain('Ina');
        $named = Make::edited($document, new SetField('build', 'handover.names', true));
        expect($said($named))->toContain('Done by Ina: 1 gate.')->toContain('2026-11-28, Ina');
    });
});

describe('what waited', function (): void {
    it('goes on top where what it is about is still the same', function (): void {
        $seen = Make::file('heron.glow.json');
        $reading = new KeepReading('p1', value: 12.4);
        $mark = new Mark(['cut:cabin_steps_light_feed'], HANDS_ON, 'Cut it');
        $other = Make::edited($seen, new SetField('galley_shelf_light', 'wanted_m', 2.0));
        $gone = Make::edited($seen, new RemoveItem('p1'));
        $cut = Make::edited($seen, new SetField('cabin_steps_light_feed', 'length_m', 9.0));
        expect($reading->holdsOn($seen, $other))->toBeTrue()->and($reading->holdsOn($seen, $gone))->toBeFalse();
        $both = new Batch([$reading, $mark]);
        expect($both)->toBeInstanceOf(Commutes::class)->and($both->holdsOn($seen, $other))->toBeTrue();
        expect($both->holdsOn($seen, $cut))->toBeFalse();
        expect((new Batch([$mark, new SetField('p1', 'label', 'x')]))->holdsOn($seen, $other))->toBeFalse();
    });

    it('holds of a pin while its part is as it was', function (): void {
        $seen = Make::file('heron.glow.json');
        $pin = new KeepReading(null, 'galley_shelf_light.start_plus', value: 11.9);
        $same = Make::edited($seen, new SetField('cabin_steps_light', 'label', 'Steps'));
        $changed = Make::edited($seen, new SetField('galley_shelf_light', 'wanted_m', 2.0));
        expect($pin->holdsOn($seen, $same))->toBeTrue()->and($pin->holdsOn($seen, $changed))->toBeFalse();
    });
});
