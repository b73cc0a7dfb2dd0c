<?php

declare(strict_types=1);

namespace BenchGlow\Story;

use BenchGlow\Build\Build;
use BenchGlow\Build\When;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Scene\Combinations;

/** A timed course of inputs, and the spans in which light is wanted. Times in seconds from its start; nothing is stepped. */
final readonly class Story
{
    /**
     * @param  list<array{float, string, string}>  $events  at, input, position; in order of time
     * @param  list<array{string, float, float}>  $wanted  circuit, from, to
     */
    public function __construct(
        public string $id,
        public string $label,
        public float $lasts,
        public array $events,
        public array $wanted,
    ) {
    }

    /**
     * The story of that id, else the first; null where none is told.
     *
     * @throws BadBuild where an event is none of this build
     */
    public static function called(Build $build, string $id): ?self
    {
        $found = null;
        foreach ($build->document->fields()->objects('stories') as $story) {
            $found = $found === null || $story->text('id') === $id ? $story : $found;
        }

        return $found === null ? null : self::of($found, $build);
    }

    /** @throws BadBuild where an event is none of this build */
    public static function of(Fields $f, Build $build): self
    {
        $events = [];
        $at = "/stories/{$f->text('id')}";
        foreach ($f->objects('events') as $n => $event) {
            $input = $event->text('input');
            if (($build->index->sections[$input] ?? '') !== 'inputs') {
                throw BadBuild::at("{$at}/events/{$n}/input", "nothing in inputs has the id `{$input}`.");
            }
            if (! in_array($event->text('to'), $build->positions($input), true)) {
                throw BadBuild::at(
                    "{$at}/events/{$n}/to",
                    "`{$input}` has no position `{$event->text('to')}`; it has ".
                        implode(', ', $build->positions($input)).
                        '.',
                );
            }
            if ($event->number('at_s') > $f->number('lasts_s')) {
                throw BadBuild::at(
                    "{$at}/events/{$n}/at_s",
                    "{$event->number('at_s')} s lies past the story's end at {$f->number('lasts_s')} s.",
                );
            }
            $events[] = [$event->number('at_s'), $input, $event->text('to')];
        }
        usort($events, fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $wanted = [];
        foreach ($f->objects('wanted') as $n => $span) {
            if (! isset($build->circuits[$span->text('circuit')])) {
                throw BadBuild::at(
                    "{$at}/wanted/{$n}/circuit",
                    "nothing in circuits has the id `{$span->text('circuit')}`.",
                );
            }
            if ($span->number('to_s') <= $span->number('from_s')) {
                throw BadBuild::at("{$at}/wanted/{$n}/to_s", 'the span ends before it begins.');
            }
            $wanted[] = [
                $span->text('circuit'),
                $span->number('from_s'),
                min($span->number('to_s'), $f->number('lasts_s')),
            ];
        }

        return new self($f->text('id'), $f->text('label', $f->text('id')), $f->number('lasts_s'), $events, $wanted);
    }

    /** Seconds in which a circuit's light is wanted, as a sum over its spans joined. */
    public function wantedS(string $circuit): float
    {
        return array_sum(array_map(fn (array $s): float => $s[1] - $s[0], $this->spans($circuit)));
    }

    /** @return list<array{float, float}> when light is wanted, overlapping spans joined */
    public function spans(string $circuit): array
    {
        $spans = [];
        foreach ($this->wanted as [$of, $from, $to]) {
            if ($of === $circuit) {
                $spans[] = [$from, $to];
            }
        }
        sort($spans);
        $joined = [];
        foreach ($spans as [$from, $to]) {
            $last = count($joined) - 1;
            if ($last >= 0 && $from <= $joined[$last][1]) {
                $joined[$last][1] = max($joined[$last][1], $to);
            } else {
                $joined[] = [$from, $to];
            }
        }

        return $joined;
    }

    /**
     * The stretches between events.
     *
     * @param  array<string, string>  $rest
     * @return \Generator<array{float, float, array<string, string>}> from, to, positions
     */
    public function stretches(array $rest): \Generator
    {
        $from = 0.0;
        foreach ([...$this->events, [$this->lasts, '', '']] as [$at, $input, $to]) {
            if ($at > $from) {
                yield [$from, $at, $rest];
                $from = $at;
            }
            $rest = $input === '' ? $rest : [...$rest, $input => $to];
        }
    }

    /**
     * What a light that is on exactly while a condition holds would leave dark and waste: an ideal, before anything is solved.
     *
     * @param  array<string, string>  $rest
     * @return array{dark: float, wasted: float} seconds
     */
    public function missed(When $when, array $rest, string $circuit): array
    {
        [$on, $both] = [0.0, 0.0];
        foreach ($this->stretches($rest) as [$from, $to, $positions]) {
            if ($when->holds($positions, $rest)) {
                $on += $to - $from;
                foreach ($this->spans($circuit) as [$a, $b]) {
                    $both += max(0.0, min($to, $b) - max($from, $a));
                }
            }
        }

        return ['dark' => $this->wantedS($circuit) - $both, 'wasted' => $on - $both];
    }

    /** The first moment whose positions the build says can't happen together; null: none. */
    public function impossibleS(Build $build): ?float
    {
        foreach ($this->stretches($build->restPositions()) as [$from, , $positions]) {
            if (! Combinations::happens($build, $positions)) {
                return $from;
            }
        }

        return null;
    }

    public function shifted(float $seconds): self
    {
        return new self(
            $this->id,
            $this->label,
            $this->lasts + $seconds,
            array_map(fn (array $e): array => [$e[0] + $seconds, $e[1], $e[2]], $this->events),
            array_map(fn (array $w): array => [$w[0], $w[1] + $seconds, $w[2] + $seconds], $this->wanted),
        );
    }

    /**
     * Positions at a moment.
     *
     * @param  array<string, string>  $rest
     * @return array<string, string>
     */
    public function at(float $seconds, array $rest): array
    {
        $positions = $rest;
        foreach ($this->events as [$at, $input, $to]) {
            if ($at <= $seconds) {
                $positions[$input] = $to;
            }
        }

        return $positions;
    }
}
