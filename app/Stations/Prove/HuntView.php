<?php

declare(strict_types=1);

namespace App\Stations\Prove;

use App\Frame\Frame;
use App\Store\Proofs;
use BenchGlow\Drawing\CircuitDrawing;
use BenchGlow\Drawing\Drawing;
use BenchGlow\Drawing\HuntDrawing;
use BenchGlow\Prove\Figure;
use BenchGlow\Prove\Finder;
use BenchGlow\Prove\Hunt;
use BenchGlow\Prove\NextTry;
use BenchGlow\Prove\Observation;
use BenchGlow\Prove\Pairs;
use BenchGlow\Prove\Sight;
use BenchGlow\Prove\Suspect;
use BenchGlow\Quantity\Words;

/** What the hunt shows: what was seen, what explains it, the next act with what each answer would mean. */
final class HuntView
{
    private const SHOWN = 5;

    /** Against the likeliest: well, barely, not any more. */
    private const WELL = 0.2;

    private const BARELY = 0.02;

    private const LEFT = 0.001;

    public readonly Finder $finder;

    /** @var list<NextTry> */
    private readonly array $tries;

    /** @var list<Observation> */
    private readonly array $seen;

    /** @var list<array{Suspect, float}>|null */
    private ?array $ranked = null;

    public function __construct(
        private readonly Frame $frame,
        private readonly Proofs $proof,
        public readonly Hunt $hunt,
    ) {
        $this->seen = $hunt->observations($proof->table);
        $this->finder = new Finder($proof->table, $proof->matter(), $this->seen);
        $this->tries = $this->finder->next();
    }

    /** The act in hand: the best, or one after it where it can't be done. */
    public function try(): ?NextTry
    {
        return $this->tries[(int) $this->frame->own('other') % max(1, count($this->tries))] ?? null;
    }

    public function hasOthers(): bool
    {
        return count($this->tries) > 1;
    }

    public function otherUrl(): string
    {
        return $this->frame->url(['other' => (string) (1 + (int) $this->frame->own('other'))]);
    }

    public function noneFits(): bool
    {
        return $this->finder->noneFits() && $this->answers() > 0;
    }

    /** @return list<Suspect> two faults at once that explain what none alone does; each with both keys in its own */
    public function pairs(): array
    {
        return Pairs::of($this->proof->table, $this->finder, $this->seen);
    }

    public function answers(): int
    {
        return count($this->hunt->saw) + count($this->hunt->readings);
    }

    /** One reading more, before a place is opened. */
    public function confirm(): ?NextTry
    {
        return $this->finder->confirm();
    }

    /** @return list<array{Suspect, float}> */
    private function ranked(): array
    {
        return $this->ranked ??= $this->finder->ranked();
    }

    /** @return list<Suspect> numbered in this order */
    public function suspects(): array
    {
        $best = $this->ranked()[0][1] ?? 0.0;
        $shown = array_filter($this->ranked(), fn (array $r): bool => $r[1] >= self::BARELY * $best);

        return array_column(array_slice(array_values($shown), 0, self::SHOWN), 0);
    }

    /** best · well · barely */
    public function explains(Suspect $suspect): string
    {
        $best = $this->ranked()[0][1] ?? 1.0;
        foreach ($this->ranked() as $n => [$one, $p]) {
            if ($one === $suspect) {
                return $n === 0 ? 'best' : ($p >= self::WELL * $best ? 'well' : 'barely');
            }
        }

        return 'barely';
    }

    /** "3 of 95 faults left after 2 answers" */
    public function tally(): string
    {
        return "{$this->finder->left()} of ".
            Words::count(count($this->proof->table->faults), 'fault').
            ' left after '.
            Words::count($this->answers(), 'answer');
    }

    /** What is to be thrown first: "Throw the lid up." Nothing where it stands so. */
    public function throws(NextTry $try): string
    {
        $build = $this->frame->analysis->build;
        $said = [];
        foreach ($try->with as $input => $position) {
            $now = $this->last()[$input] ?? $build->restPositions()[$input];
            if ($now !== $position) {
                $said[] = Words::within($build->label($input)).' to '.str_replace('_', ' ', $position);
            }
        }

        return $said === [] ? 'Leave all as it stands.' : 'Throw '.implode(', ', $said).'.';
    }

    /** @return array<string, string> switches as they stood at the last answer */
    private function last(): array
    {
        $saw = $this->hunt->saw[count($this->hunt->saw) - 1] ?? null;
        $read = $this->hunt->readings[count($this->hunt->readings) - 1] ?? null;

        return match (true) {
            $read !== null && ($saw === null || $read->on >= $saw['on']) => $read->with,
            $saw !== null => $saw['with'],
            default => [],
        };
    }

    /** @return list<array{string, string}> an answer, and what it would mean: "12.2" "beyond here: 1 or 3" */
    public function meanings(NextTry $try): array
    {
        $numbers = [];
        foreach ($this->suspects() as $n => $suspect) {
            $numbers[$suspect->key()] = $n + 1;
        }
        $by = [];
        foreach ($try->expects as $one) {
            if (isset($numbers[$one['key']])) {
                $answer = $one['word'] ?? number_format((float) $one['value'], $try->kind === 'amps' ? 2 : 1);
                $answer = $try->kind === 'look' ? $this->looks($try)[$answer] ?? $answer : $answer;
                $by[str_replace('_', ' ', $answer)][] = $numbers[$one['key']];
            }
        }
        $said = [];
        foreach ($by as $answer => $which) {
            sort($which);
            $said[] = [(string) $answer, Words::join(array_map(strval(...), $which), 'or')];
        }

        return $said;
    }

    /** @return list<array{string, string}> what was seen and read so far, in words */
    public function told(): array
    {
        $names = $this->frame->names();
        $said = [];
        foreach ($this->hunt->saw as $one) {
            $said[] = [
                $names->name(explode('.', $one['emitter'])[0]).$this->thrown($one['with']),
                Sight::said(
                    $one['look'],
                    $this->proof->table->isDark($this->proof->table->state($one['with']), $one['emitter']),
                ),
            ];
        }
        foreach ($this->hunt->readings as $one) {
            $there = $this->frame->analysis->build->index->has(explode('.', $one->red)[0]);
            $place = $there ? ucfirst($this->proof->works->pin($one->red)) : 'A place that is gone';
            $said[] = [$place.$this->thrown($one->with), Figure::taken($one)];
        }

        return $said;
    }

    /** @param  array<string, string>  $with */
    private function thrown(array $with): string
    {
        $said = $this->frame->analysis->build->thrown($with);

        return $said === [] ? '' : ', '.implode(', ', $said);
    }

    /** @return array<string, string> red and black, where the act sets tips */
    private function tips(): array
    {
        $try = $this->try();

        return $try?->kind === 'volts' && ! str_ends_with($try->at, '.end')
            ? ['red' => $try->at, 'black' => $this->proof->table->minus()]
            : [];
    }

    /** @return array<string, string> what an eye can answer: look => its words */
    public function looks(NextTry $try): array
    {
        $dark = $this->proof->table->isDark($try->state, $try->at);
        $looks = Sight::answers($dark);

        return array_combine($looks, array_map(fn (string $l): string => Sight::said($l, $dark), $looks));
    }

    /** @return array<array-key, string> one key answers of a kind: what is sent => what it says */
    public function quick(NextTry $try): array
    {
        return match ($try->kind) {
            'amps' => ['0' => 'nothing'],
            'ohms' => ['OL' => 'open', '0' => 'a short'],
            default => ['0.0' => '0.0', '=' => 'same as bank', 'w' => 'wandering'],
        };
    }

    /** @return array<string, string> pins of both tips and what is read, for the reading */
    public function pins(NextTry $try): array
    {
        if ($try->kind === 'amps') {
            return ['red' => $try->at, 'kind' => 'amps'];
        }
        [$red, $black] = $try->tips($this->proof->table->minus());

        return ['red' => $red, 'black' => $black, 'kind' => $try->kind];
    }

    public function wide(): Drawing
    {
        return $this->drawn(HuntDrawing::WIDE, false);
    }

    public function narrow(): Drawing
    {
        return $this->drawn(CircuitDrawing::NARROW, true);
    }

    private function drawn(float $width, bool $narrow): Drawing
    {
        $best = $this->ranked()[0][1] ?? 0.0;
        $left = array_filter($this->ranked(), fn (array $r): bool => $r[1] >= self::LEFT * $best);
        $with = $this->try()->with ?? $this->last();

        return HuntDrawing::of(
            $this->proof->table,
            $with,
            $this->suspects(),
            array_column($left, 0),
            $this->tips(),
            $width,
            $narrow,
        );
    }

    public function simulated(): int
    {
        return count($this->proof->table->faults);
    }
}
