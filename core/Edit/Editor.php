<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Document;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;

/**
 * Small typed edits, each a pure function document → document. What they leave is checked as a whole, so an edit either gives
 * a valid build or is refused with a path and a sentence.
 */
final class Editor
{
    /**
     * @param  array<array-key, mixed>  $edit
     *
     * @throws BadBuild
     */
    public static function apply(Document $document, array $edit): Document
    {
        $f = new Fields($edit);
        if ($f->text('op') === 'batch') {
            foreach ($f->objects('edits') as $one) {
                $document = self::apply($document, $one->data);
            }

            return $document;
        }
        $draft = new Draft($document);
        match ($f->text('op')) {
            'set' => SetField::set($draft, $f),
            'add' => AddItem::add($draft, $f),
            'remove' => RemoveItem::remove($draft, $f->text('id')),
            'move' => MoveItem::move($draft, $f->text('id'), $f->textOrNull('before')),
            'feed' => FeedStrip::feed($draft, $f->text('id'), $f->text('feed')),
            'feed_both_ends' => FeedStrip::feed($draft, $f->text('id'), 'both'),
            'split_run' => SplitRun::splitRun($draft, $f->text('id')),
            'copy_circuit' => CopyCircuit::copyCircuit($draft, $f->text('id'), $f->text('label')),
            'add_circuit' => AddCircuit::addCircuit($draft, $f),
            'add_light' => AddLight::addLight(
                $draft,
                $f->text('circuit'),
                $f->text('supply'),
                $f->object('light'),
                $f->object('part'),
            ),
            'use_part' => UsePart::usePart($draft, $f->text('id'), $f->object('part')),
            'set_wire' => SetWire::setWire($draft, $f),
            'use_way' => UseWay::useWay($draft, $f),
            'keep_circuit' => KeepCircuit::keep($draft, $f->text('circuit')),
            'accept' => SetAside::accept($draft, $f),
            'unaccept' => SetAside::unaccept($draft, $f->text('rule'), $f->text('subject')),
            'restore' => throw BadBuild::at('/op', 'restore names a revision and is done by the store.'),
            default => throw BadBuild::expected(
                '/op',
                'a known edit (set, add, remove, move, feed_both_ends, copy_circuit, …)',
                $edit['op'] ?? null,
            ),
        };

        return Document::fromEdited($draft->data);
    }
}
