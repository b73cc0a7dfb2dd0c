<?php

declare(strict_types=1);

namespace BenchGlow\Command;

use BenchGlow\Build\Document;
use BenchGlow\Build\Names;
use BenchGlow\Build\WhenText;
use BenchGlow\Compose\Composer;
use BenchGlow\Compose\Offer;
use BenchGlow\Compose\Offers;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\Editor;
use BenchGlow\Edit\Edits;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\NotUnderstood;

/** `glow compose`, `glow edit` and `glow offers`: circuits for a wish, an edit applied, what can go into a wire. */
final class Composing
{
    /**
     * @param  string|null  $when  the wish in words; null: what the circuit's wants say
     * @return array<string, mixed>
     *
     * @throws BadBuild
     */
    public static function compose(Document $document, string $circuit, ?string $when, int $most): array
    {
        try {
            $wish = $when === null ? null : WhenText::read($when, $document);
        } catch (NotUnderstood $e) {
            throw BadBuild::at('/when', $e->getMessage());
        }

        return (new Composer($document, $circuit))->of($wish, $most)->toArray();
    }

    /**
     * @param  array<string, mixed>  $composed
     *
     * @throws BadBuild where there is no such card
     */
    public static function take(Document $document, array $composed, int $take): Document
    {
        $cards = (new Fields($composed))->objects('cards');
        $card =
            $cards[$take - 1] ??
            throw BadBuild::at('/take', 'there is no card '.$take.'; '.count($cards).' were found.');

        return Editor::apply($document, Edits::read($card->object('edit')->data));
    }

    /** @return array{Document, string} the build after it, and its sentence in the history */
    public static function edit(Document $document, Edit $edit): array
    {
        $after = Editor::apply($document, $edit);

        return [$after, $edit->says(Names::between($document, $after))];
    }

    /**
     * @return array<string, mixed>
     *
     * @throws BadBuild
     */
    public static function offers(Document $document, string $lead, int $core, ?float $atM): array
    {
        $place = new Fields(['lead' => $lead, 'core' => $core, ...$atM === null ? [] : ['at_m' => $atM]]);

        return [
            'lead' => $lead,
            'core' => $core,
            'at_m' => $atM,
            'offers' => array_map(fn (Offer $o): array => $o->toArray(), (new Offers($document, $place))->all()),
        ];
    }
}
