<?php

declare(strict_types=1);

namespace BenchGlow\Story;

use BenchGlow\Build\Document;
use BenchGlow\Build\Index;
use BenchGlow\Edit\AddItem;
use BenchGlow\Edit\Batch;
use BenchGlow\Format\Fields;

/** Stories that come with the program, by place; inputs are found by kind, or added. */
final class Shipped
{
    /** @return array<string, string> id => label, of a place */
    public static function of(string $place): array
    {
        $all = [];
        foreach (self::stories($place) as $story) {
            $all[$story->text('id')] = $story->text('label');
        }

        return $all;
    }

    /** @return list<Fields> */
    private static function stories(string $place): array
    {
        $all = new Fields((array) json_decode((string) file_get_contents(__DIR__.'/shipped.json'), true));

        return $all->has($place) ? $all->objects($place) : $all->objects('other');
    }

    /**
     * The edit that takes a shipped story into a build for one circuit; null: there is none of that name.
     */
    public static function edit(Document $document, string $id, string $circuit): ?Batch
    {
        foreach (self::stories($document->fields()->text('place')) as $story) {
            if ($story->text('id') === $id) {
                return self::take($document, $story, $circuit);
            }
        }

        return null;
    }

    private static function take(Document $document, Fields $story, string $circuit): Batch
    {
        $index = Index::of($document);
        $named = [];
        $free = function (string $wish) use ($index, &$named): string {
            $id = $index->free($wish, $named);
            $named[$id] = true;

            return $id;
        };
        $edits = $by = [];
        foreach ($story->objects('inputs') as $wanted) {
            [$kind, $meant] = [$wanted->text('kind'), $wanted->texts('positions')];
            $own =
                array_values(
                    array_filter($document->fields()->objects('inputs'), fn (Fields $i): bool => $i->isA($kind)),
                )[0] ?? null;
            if ($own !== null) {
                $by[$kind] = [$own->text('id'), $own->texts('positions') ?: ['off', 'on'], $meant];

                continue;
            }
            $input = $free($wanted->text('label'));
            $edits[] = new AddItem(
                'inputs',
                new Fields(['id' => $input, 'label' => $wanted->text('label'), 'kind' => $kind, 'positions' => $meant]),
            );
            $by[$kind] = [$input, $meant, $meant];
        }
        $events = [];
        foreach ($story->objects('events') as $event) {
            [$input, $own, $meant] = $by[$event->text('of')];
            // Another word for the same place in the row: down/up, shut/open.
            $place = (int) array_search($event->text('to'), $meant, true);
            $events[] = [
                'at_s' => 3600.0 * $event->number('at'),
                'input' => $input,
                'to' => $own[$place] ?? ($own[1] ?? 'on'),
            ];
        }
        $wanted = array_map(
            fn (Fields $w): array => [
                'circuit' => $circuit,
                'from_s' => 3600.0 * $w->number('from'),
                'to_s' => 3600.0 * $w->number('to'),
            ],
            $story->objects('wanted'),
        );
        $edits[] = new AddItem(
            'stories',
            new Fields([
                'id' => $free($story->text('id')),
                'label' => $story->text('label'),
                'lasts_s' => 3600 * $story->number('hours'),
                'events' => $events,
                'wanted' => $wanted,
            ]),
        );

        return new Batch($edits, 'Story: '.lcfirst($story->text('label')));
    }
}
