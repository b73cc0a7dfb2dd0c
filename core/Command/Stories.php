<?php

declare(strict_types=1);

namespace BenchGlow\Command;

use BenchGlow\Build\Build;
use BenchGlow\Build\Document;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\Csv;
use BenchGlow\Story\Idea;
use BenchGlow\Story\Ideas;
use BenchGlow\Story\Story;

/** `glow story`: every circuit that a story wants light of, its ways of switching compared. */
final class Stories
{
    /**
     * @param  string|null  $id  null: the first story of the build
     * @return array<string, mixed>
     *
     * @throws BadBuild
     */
    public static function of(Document $document, ?string $id): array
    {
        [$story, $ideas] = self::compared($document, $id);

        return [
            'build' => $document->title(),
            'story' => $story->id,
            'label' => $story->label,
            'lasts_s' => $story->lasts,
            'events' => count($story->events),
            'impossible_s' => $story->impossibleS(Build::of($document)),
            'circuits' => array_map(
                fn (string $circuit, array $list): array => [
                    'id' => $circuit,
                    'wanted_s' => $story->wantedS($circuit),
                    'best' => $list[0]->name ?? null,
                    'untried' => (new Ideas($document, $circuit))->untried($story),
                    'ideas' => array_map(fn (Idea $i): array => $i->toArray(), $list),
                ],
                array_keys($ideas),
                $ideas,
            ),
        ];
    }

    /** The course of every idea: from, to, lit, wanted, as CSV. */
    public static function csv(Document $document, ?string $id): string
    {
        [, $ideas] = self::compared($document, $id);
        $rows = [['circuit', 'idea', 'from_s', 'to_s', 'lit', 'wanted']];
        foreach ($ideas as $circuit => $list) {
            foreach ($list as $idea) {
                foreach ($idea->day->spans as [$from, $to, $lit, $wanted]) {
                    $rows[] = [$circuit, $idea->name, $from, $to, (int) $lit, (int) $wanted];
                }
            }
        }

        return Csv::text($rows);
    }

    /**
     * @return array{Story, array<string, list<Idea>>}
     *
     * @throws BadBuild
     */
    private static function compared(Document $document, ?string $id): array
    {
        $stories = $document->fields()->objects('stories');
        if ($stories === []) {
            throw BadBuild::at('/stories', 'the build tells no story yet.');
        }
        $found =
            $id === null
                ? $stories[0]
                : array_values(array_filter($stories, fn (Fields $s): bool => $s->text('id') === $id))[0] ?? null;
        if ($found === null) {
            $known = array_map(fn (Fields $s): string => $s->text('id'), $stories);
            throw BadBuild::at(
                '/stories',
                "no story has the id `{$id}`; there is ".
                    implode(', ', $known).
                    '.'.
                    BadBuild::nearMiss((string) $id, $known),
            );
        }
        $build = Build::of($document);
        $story = Story::of($found, $build);
        $ideas = [];
        foreach ($build->circuits as $circuit) {
            if ($story->spans($circuit->id) !== [] && $build->lightsOf($circuit->id) !== []) {
                $ideas[$circuit->id] = (new Ideas($document, $circuit->id))->of($story);
            }
        }

        return [$story, $ideas];
    }
}
