<?php

declare(strict_types=1);

namespace App\Stations\Brief;

use App\Frame\Address;
use App\Frame\Frame;
use App\Store\Keeper;
use BenchGlow\Build\Build;
use BenchGlow\Build\Document;
use BenchGlow\Build\WhenText;
use BenchGlow\Compose\Card;
use BenchGlow\Compose\Composer;
use BenchGlow\Edit\Edit;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\Clock;
use BenchGlow\Quantity\NotUnderstood;
use BenchGlow\Quantity\Words;
use BenchGlow\Story\Day;
use BenchGlow\Story\Idea;
use BenchGlow\Story\Ideas;
use BenchGlow\Story\Share;
use BenchGlow\Story\Story;

/** The day of the Brief: a story, the ways of switching played through it, and the moment that is looked at. */
final class DayView
{
    /** Stands for the moment where positions are thrown by hand. */
    public const BY_HAND = 'hand';

    /** Circuits made for the wish that are played beside the ways. */
    private const COMPOSED = 3;

    /** Trails laid under each other. */
    private const TRAILS = 4;

    public readonly ?Story $story;

    public readonly ?string $wrong;

    /** @var list<IdeaCard>|null */
    private ?array $cards = null;

    public readonly ?string $momentWrong;

    private readonly ?float $moment;

    public function __construct(private readonly Frame $frame)
    {
        $typed = $this->byHand() ? '' : $frame->own('m');
        try {
            $moment = $typed === '' ? null : (is_numeric($typed) ? (float) $typed : Clock::read($typed));
            $momentWrong = null;
        } catch (NotUnderstood $e) {
            $moment = null;
            $momentWrong = "Moment: {$e->getMessage()}";
        }
        [$this->moment, $this->momentWrong] = [$moment, $momentWrong];
        $told = null;
        $wrong = null;
        try {
            $told = Story::called($frame->analysis->build, $frame->own('story'));
        } catch (BadBuild $e) {
            $wrong = $e->problem;
        }
        [$this->story, $this->wrong] = [$told, $wrong];
    }

    /**
     * Positions of the inputs at a moment of a story.
     *
     * @param  array<string, string>  $else  where there is no such story or moment
     * @return array<string, string>
     */
    public static function thrownAt(Document $document, string $story, string $moment, array $else): array
    {
        try {
            $build = Build::of($document);
            $at = is_numeric($moment) ? (float) $moment : Clock::read($moment);

            return Story::called($build, $story)?->at($at, $build->restPositions()) ?? $else;
        } catch (BadBuild|NotUnderstood) {
            return $else;
        }
    }

    /** When light is first wanted of a circuit (of the first, where none is named) in a story; null where nothing tells. */
    public static function firstMoment(Document $document, string $story, string $circuit): ?string
    {
        try {
            $build = Build::of($document);
            $circuit = isset($build->circuits[$circuit]) ? $circuit : (string) array_key_first($build->circuits);
            $spans = Story::called($build, $story)?->spans($circuit) ?? [];

            return $spans === [] ? null : Clock::show($spans[0][0]);
        } catch (BadBuild) {
            return null;
        }
    }

    private function byHand(): bool
    {
        return in_array($this->frame->own('m'), ['', self::BY_HAND], true);
    }

    /** Whether the positions are those of the moment, not thrown by hand. */
    public function hangs(): bool
    {
        return ! $this->byHand() && $this->momentWrong === null;
    }

    public function circuit(): ?string
    {
        return $this->frame->circuit?->id;
    }

    public function picture(float $width): DayPicture
    {
        return new DayPicture($this, $width);
    }

    /** @return array<string, string> id => label */
    public function stories(): array
    {
        $all = [];
        foreach ($this->frame->document->fields()->objects('stories') as $story) {
            $all[$story->text('id')] = $story->text('label', $story->text('id'));
        }

        return $all;
    }

    /** @return list<Idea> best first */
    public function ideas(): array
    {
        return array_map(fn (IdeaCard $c): Idea => $c->idea, $this->cards());
    }

    /** @return list<IdeaCard> best first; each is solved and played, so they are kept */
    public function cards(): array
    {
        if (
            $this->cards !== null ||
            $this->story === null ||
            $this->frame->circuit === null ||
            $this->frame->lights() === []
        ) {
            return $this->cards ?? [];
        }
        [$circuit, $story] = [$this->frame->circuit->id, $this->story];
        $cards = Keeper::value(
            ['ideas', $this->frame->document->wiringHash(), $circuit, $story->id, 'composed'],
            fn (): array => array_map(
                fn (Idea $i): IdeaCard => IdeaCard::of($i, $circuit),
                (new Ideas($this->frame->document, $circuit))->of($story, $this->composed($circuit)),
            ),
        );

        return $this->cards = array_values(array_filter((array) $cards, fn (mixed $c): bool => $c instanceof IdeaCard));
    }

    /** @return list<array{string, Edit, int}> circuits made for the wish as it is said: name, edit, holes to drill */
    private function composed(string $circuit): array
    {
        try {
            $cards = (new Composer($this->frame->document, $circuit))->of(null, self::COMPOSED)->cards;
        } catch (BadBuild) {
            return [];
        }

        return array_map(
            fn (Card $c): array => [lcfirst($c->name), $c->edit, $c->holes],
            array_values(array_filter($cards, fn (Card $c): bool => ! $c->onTheBench)),
        );
    }

    /** How many ways fit the story worse by their trigger alone and were not played. */
    public function untried(): int
    {
        return $this->story === null || $this->frame->circuit === null
            ? 0
            : (new Ideas($this->frame->document, $this->frame->circuit->id))->untried($this->story);
    }

    /** "Lid up, rocker on, battery low: glows". */
    public function situation(Share $share): string
    {
        $build = $this->frame->analysis->build;
        $words = array_map(
            fn (string $input, string $to): string => Words::within($build->label($input)).' '.$to,
            array_keys($share->positions),
            $share->positions,
        );
        $dead = array_map(fn (string $wire): string => Words::within($build->label($wire)).' timed out', $share->dead);
        $bank = match ($share->supply) {
            'min' => ['battery low'],
            'max' => ['charging'],
            'empty' => ['battery empty'],
            default => [],
        };

        return Words::first(implode(', ', [...$words === [] ? ['at rest'] : $words, ...$dead, ...$bank])).
            ': '.
            ($share->lit ? 'glows' : 'dark');
    }

    /** @return list<Idea> the present way, then the best others */
    public function trails(): array
    {
        $now = array_values(array_filter($this->ideas(), fn (Idea $i): bool => $i->edit === null));
        $others = array_values(array_filter($this->ideas(), fn (Idea $i): bool => $i->edit !== null));

        return array_slice([...$now, ...$others], 0, self::TRAILS);
    }

    /** Number of the trail that is looked at, whose battery is drawn. */
    public function chosen(): int
    {
        return max(0, min(count($this->trails()) - 1, (int) $this->frame->own('idea')));
    }

    /** Number of the trail laid over the chosen one; null: none. */
    public function over(): ?int
    {
        $over = $this->frame->own('over');

        return ctype_digit($over) && (int) $over < count($this->trails()) && (int) $over !== $this->chosen()
            ? (int) $over
            : null;
    }

    private function x(float $seconds): float
    {
        return $this->story === null ? 0.0 : round((DayPicture::WIDE * $seconds) / $this->story->lasts, 1);
    }

    /** @return list<array{float, float, string}> x, width and kind (lit · dark · wasted) of a trail's spans that show, on a card */
    public function spans(Day $day): array
    {
        $shown = [];
        foreach ($day->spans as [$from, $to, $lit, $wanted]) {
            $kind = $lit ? ($wanted ? 'lit' : 'wasted') : ($wanted ? 'dark' : '');
            if ($kind !== '') {
                $shown[] = [$this->x($from), max(1.0, $this->x($to - $from)), $kind];
            }
        }

        return $shown;
    }

    /** @return list<array{n: int, at: float, input: string, label: string, to: string, words: string}> */
    public function events(): array
    {
        $rows = [];
        foreach ($this->fields()->objects('events') as $n => $event) {
            $label = $this->frame->analysis->build->label($event->text('input'));
            $rows[] = [
                'n' => $n,
                'at' => $event->number('at_s'),
                'input' => $event->text('input'),
                'label' => $label,
                'to' => $event->text('to'),
                'words' => Words::first($label).' '.$event->text('to'),
            ];
        }

        return $rows;
    }

    public function fields(): Fields
    {
        return $this->story === null ? new Fields([]) : $this->frame->analysis->build->index->item($this->story->id);
    }

    public function moment(): float
    {
        return $this->story === null ? 0.0 : max(0.0, min($this->moment ?? $this->firstWanted(), $this->story->lasts));
    }

    private function firstWanted(): float
    {
        return $this->story?->spans($this->frame->circuit->id ?? '')[0][0] ?? 0.0;
    }

    /** @return array<string, string> */
    public function positions(): array
    {
        return $this->story === null
            ? []
            : $this->story->at($this->moment(), $this->frame->analysis->build->restPositions());
    }

    /** @return list<string> clauses a sentence can be chosen from: every input in every position but its rest */
    public static function phrases(Document $document): array
    {
        $all = [];
        foreach ($document->fields()->objects('inputs') as $input) {
            $positions = $input->texts('positions') ?: ['off', 'on'];
            foreach (array_slice($positions, 1) as $n => $position) {
                $all[] = WhenText::say(
                    count($positions) === 2
                        ? ['input' => $input->text('id')]
                        : ['input' => $input->text('id'), 'is' => $position],
                    $document,
                );
            }
        }

        return $all;
    }

    /** @return array<string, string> what can happen: "input position" => words */
    public static function happenings(Build $build): array
    {
        $all = [];
        foreach ($build->document->fields()->objects('inputs') as $input) {
            foreach ($build->positions($input->text('id')) as $position) {
                $all["{$input->text('id')} {$position}"] =
                    Words::first($build->label($input->text('id')))." {$position}";
            }
        }

        return $all;
    }

    /** The circuit in the situation a share of the figures comes from. */
    public function shareUrl(Share $share): string
    {
        $supply = array_search($share->supply, Address::SUPPLY, true);
        $rest = $this->frame->analysis->build->restPositions();

        return $this->frame->url(
            ['station' => 'circuit', 's' => $supply ?: 'normal'],
            [...$rest, ...$share->positions],
        );
    }
}
