<?php

declare(strict_types=1);

namespace App\Support;

use BenchGlow\Build\Clauses;
use BenchGlow\Build\Document;
use BenchGlow\Build\Facts;
use BenchGlow\Build\Index;
use BenchGlow\Build\WhenText;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\Clock;
use BenchGlow\Quantity\NotUnderstood;
use BenchGlow\Story\Shipped;

/** Forms of the Brief: the clauses of a sentence, stories, their events and the spans in which light is wanted. */
final readonly class BriefForm
{
    public const OPS = [
        'set_clauses',
        'add_fact',
        'use_story',
        'add_event',
        'move_event',
        'drop_event',
        'add_wanted',
        'drop_wanted',
        'story_lasts',
    ];

    public function __construct(private Document $document)
    {
    }

    /**
     * @return array<string, mixed>
     *
     * @throws NotUnderstood|BadBuild
     */
    public function edit(Fields $in): array
    {
        return match ($in->text('op')) {
            'set_clauses' => $this->clauses($in),
            'add_fact' => $this->fact($in),
            'use_story' => Shipped::edit($this->document, $in->text('text'), $in->text('circuit')) ??
                throw new NotUnderstood('Story: choose one from the list.'),
            'add_wanted' => $this->wanted($in),
            'story_lasts' => $this->lasts($in),
            'drop_wanted' => $this->without($in->text('id'), 'wanted', (int) $in->text('n')),
            'drop_event' => $this->without($in->text('id'), 'events', (int) $in->text('n')),
            default => $this->event($in),
        };
    }

    /** @return array<string, mixed> */
    private function clauses(Fields $in): array
    {
        $words = Clauses::words(array_map(trim(...), $in->texts('clause')), $in->texts('join'));
        try {
            $when = WhenText::read($words, $this->document);
        } catch (NotUnderstood $e) {
            throw new NotUnderstood("When: {$e->getMessage()}");
        }

        return ['op' => 'set', 'id' => $in->text('id'), 'field' => 'when', 'value' => $when];
    }

    /** @return array<string, mixed> */
    private function fact(Fields $in): array
    {
        [$kind, $where, $value] = [$in->text('kind'), trim($in->text('where')), trim($in->text('value'))];
        if ($kind === 'budget' && Facts::budget(new Fields(['kind' => $kind, 'value' => $value])) === null) {
            throw new NotUnderstood("Budget, what: '{$value}' is no amount. Type it like 60 or 45.50.");
        }
        if ($kind === 'needed_by') {
            $value = self::date($value);
        }
        if ($where.$value === '' && ! in_array($kind, ['no_drill', 'comes_apart', 'road', 'water'], true)) {
            throw new NotUnderstood('Fact: it says nothing yet. Type where it is or what it is.');
        }
        $index = Index::of($this->document);
        for ($n = 1; $index->has("fact_{$n}"); $n++);

        return [
            'op' => 'add',
            'section' => 'brief.facts',
            'value' => [
                'id' => "fact_{$n}",
                'kind' => $kind,
                ...$where === '' ? [] : ['where' => $where],
                ...$value === '' ? [] : ['value' => $value],
            ],
        ];
    }

    /** A day as the file keeps it; the month in letters leaves no doubt about the order. */
    private static function date(string $typed): string
    {
        // Asked of a parser without a clock; a 30th of February comes back with a warning.
        $d =
            preg_match('/^\d{4}-\d\d-\d\d$|^\d{1,2}\.? [a-z]{3,9} \d{4}$|^[a-z]{3,9} \d{1,2},? \d{4}$/i', $typed) === 1
                ? date_parse(str_replace('. ', ' ', $typed))
                : null;
        $day =
            $d === null || $d['error_count'] + $d['warning_count'] > 0
                ? ''
                : sprintf('%04d-%02d-%02d', (int) $d['year'], (int) $d['month'], (int) $d['day']);

        return Facts::isDay($day)
            ? $day
            : throw new NotUnderstood(
                "Needed by, what: '{$typed}' is no date. Type it like 2026-06-01 or 1 June 2026.",
            );
    }

    private function story(string $id): Fields
    {
        foreach ($this->document->fields()->objects('stories') as $story) {
            if ($story->text('id') === $id) {
                return $story;
            }
        }

        throw new NotUnderstood('Story: it is gone. Choose another.');
    }

    /**
     * @return array<string, mixed> its end moved; nothing that happens may lie behind it
     */
    private function lasts(Fields $in): array
    {
        $story = $this->story($in->text('id'));
        $lasts = self::time($in->text('text'), 'Lasts', INF);
        $last = max([
            60.0,
            ...array_map(fn (Fields $e): float => $e->number('at_s'), $story->objects('events')),
            ...array_map(fn (Fields $w): float => $w->number('to_s'), $story->objects('wanted')),
        ]);
        if ($lasts < $last) {
            throw new NotUnderstood(
                'Lasts: something still happens at '.Clock::show($last).'. Expected no less than that.',
            );
        }

        return ['op' => 'set', 'id' => $story->text('id'), 'field' => 'lasts_s', 'value' => $lasts];
    }

    private static function time(string $text, string $field, float $lasts): float
    {
        try {
            $seconds = Clock::read($text);
        } catch (NotUnderstood $e) {
            throw new NotUnderstood("{$field}: {$e->getMessage()}");
        }

        return $seconds <= $lasts
            ? $seconds
            : throw new NotUnderstood(
                "{$field}: ".Clock::show($seconds).' lies past the end of the story, '.Clock::show($lasts).'.',
            );
    }

    /** @return array<string, mixed> an event added, or one moved: its time typed or stepped */
    private function event(Fields $in): array
    {
        $story = $this->story($in->text('id'));
        $events = $story->items('events');
        $lasts = $story->number('lasts_s');
        if ($in->text('op') === 'move_event') {
            $n = (int) $in->text('n');
            $old = $story->objects('events')[$n] ?? throw new NotUnderstood('Event: it is gone.');
            $at =
                $in->text('by') !== ''
                    ? min($lasts, max(0.0, $old->number('at_s') + (float) $in->text('by')))
                    : self::time($in->text('text'), 'Time', $lasts);
            $events[$n] = [...$old->data, 'at_s' => $at];
        } else {
            [$input, $to] = [...explode(' ', $in->text('what'), 2), ''];
            $events[] = ['at_s' => self::time($in->text('text'), 'Time', $lasts), 'input' => $input, 'to' => $to];
            $this->must($input, $to);
        }
        usort(
            $events,
            fn (mixed $a, mixed $b): int => (is_array($a) ? $a['at_s'] : 0) <=> (is_array($b) ? $b['at_s'] : 0),
        );

        return ['op' => 'set', 'id' => $story->text('id'), 'field' => 'events', 'value' => $events];
    }

    private function must(string $input, string $to): void
    {
        foreach ($this->document->fields()->objects('inputs') as $known) {
            if ($known->text('id') === $input && in_array($to, $known->texts('positions') ?: ['off', 'on'], true)) {
                return;
            }
        }

        throw new NotUnderstood('Event: choose what happens from the list.');
    }

    /** @return array<string, mixed> */
    private function wanted(Fields $in): array
    {
        $story = $this->story($in->text('id'));
        $from = self::time($in->text('from'), 'Wanted from', $story->number('lasts_s'));
        $to = self::time($in->text('to'), 'Wanted to', $story->number('lasts_s'));
        if ($to <= $from) {
            throw new NotUnderstood('Wanted to: it ends before it begins, '.Clock::show($from).'.');
        }

        return [
            'op' => 'set',
            'id' => $story->text('id'),
            'field' => 'wanted',
            'value' => [
                ...$story->items('wanted'),
                ['circuit' => $in->text('circuit'), 'from_s' => $from, 'to_s' => $to],
            ],
        ];
    }

    /** @return array<string, mixed> */
    private function without(string $id, string $list, int $n): array
    {
        return [
            'op' => 'set',
            'id' => $id,
            'field' => $list,
            'value' => array_values(array_diff_key($this->story($id)->items($list), [$n => true])),
        ];
    }
}
