<?php

declare(strict_types=1);

namespace App\Stations\Brief;

use App\Frame\Address;
use App\Frame\Frame;
use App\Stations\Bead;
use App\Stations\Brief\Forms\AddEventForm;
use App\Stations\Brief\Forms\AddFactForm;
use App\Stations\Brief\Forms\AddSupplyForm;
use App\Stations\Brief\Forms\AddWantedForm;
use App\Stations\Brief\Forms\DropEventForm;
use App\Stations\Brief\Forms\DropWantedForm;
use App\Stations\Brief\Forms\MoveEventForm;
use App\Stations\Brief\Forms\SetClausesForm;
use App\Stations\Brief\Forms\StoryLastsForm;
use App\Stations\Brief\Forms\UseStoryForm;
use App\Stations\Standing;
use App\Stations\Station;
use BenchGlow\Build\Document;

/** What should glow and when, a day of use, and what is ruled out. */
final class BriefStation extends Station
{
    public function key(): string
    {
        return 'brief';
    }

    public function label(): string
    {
        return 'Brief';
    }

    public function number(): int
    {
        return 1;
    }

    public function bead(Standing $standing): Bead
    {
        $brief = $standing->document->fields()->object('brief');

        return $brief->text('note') !== '' || $brief->objects('facts') !== [] ? Bead::Holds : Bead::Begun;
    }

    public function forms(): array
    {
        return [
            SetClausesForm::class,
            AddFactForm::class,
            AddSupplyForm::class,
            UseStoryForm::class,
            AddEventForm::class,
            MoveEventForm::class,
            DropEventForm::class,
            AddWantedForm::class,
            DropWantedForm::class,
            StoryLastsForm::class,
        ];
    }

    public function page(Frame $frame): BriefPage
    {
        return new BriefPage($frame);
    }

    /** The story, the moment looked at, the idea looked at and the one laid over it. */
    public function fields(): array
    {
        return ['story', 'm', 'idea', 'over'];
    }

    /** Nothing thrown by hand and no moment chosen: the story's first wanted light is looked at. */
    public function settle(Address $address, Document $document): Address
    {
        $own = $address->own;
        $story = $own['story'] ?? '';
        if (! isset($own['m']) && $address->thrown === []) {
            $first = DayView::firstMoment($document, $story, $address->circuit);
            $own += $first === null ? [] : ['m' => $first];
        }
        $moment = $own['m'] ?? DayView::BY_HAND;

        return $moment === DayView::BY_HAND
            ? $address->hung($address->thrown, $own)
            : $address->hung(DayView::thrownAt($document, $story, $moment, $address->thrown), $own);
    }

    /** A switch thrown by hand takes the plumb line off its moment. */
    public function thrown(array $own): array
    {
        return [...$own, 'm' => DayView::BY_HAND];
    }
}
