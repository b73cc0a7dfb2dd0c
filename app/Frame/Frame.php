<?php

declare(strict_types=1);

namespace App\Frame;

use App\Models\Build;
use App\Models\Preference;
use App\Stations\Bead;
use App\Stations\Standing;
use App\Stations\Station;
use App\Stations\Stations;
use App\Store\Analyses;
use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Circuit;
use BenchGlow\Build\Document;
use BenchGlow\Build\Light;
use BenchGlow\Build\Names;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Review;
use BenchGlow\Check\Together;
use BenchGlow\Check\Tried;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;

/** One build seen from one place of the bench: what every station shows around its plate. */
final class Frame
{
    public readonly Review $review;

    public readonly Analysis $analysis;

    public readonly ?Circuit $circuit;

    public readonly Station $station;

    /** As the address says it: low · normal · high. */
    public readonly string $supply;

    public readonly Flags $flags;

    public readonly Meter $meter;

    private readonly Address $address;

    /** @var array<string, string> addresses of acts, asked for by every form */
    private array $acts = [];

    /** @var list<Trigger>|null */
    private ?array $triggers = null;

    /** @var list<Finding>|null */
    private ?array $pins = null;

    public function __construct(
        public readonly Build $build,
        public readonly int $base,
        public readonly Document $document,
        public readonly Preference $preference,
        public readonly Analyses $analyses,
        public readonly Stations $stations,
        Address $address,
        public readonly Moves $moves,
    ) {
        $this->station = $address->station;
        $this->supply = $address->supply;
        $this->review = $analyses->of($document, $preference)->at($address->thrown);
        $this->analysis = $this->review->analysis;
        $circuits = $this->analysis->build->circuits;
        $this->circuit = $circuits[$address->circuit] ?? (reset($circuits) ?: null);
        $this->address = $address->at($this->circuit->id ?? '');
        $this->flags = new Flags($this->analysis, $this->state());
        $this->meter = new Meter($this);
    }

    /** As the solver says it: min · nominal · max. */
    public function state(): string
    {
        return Address::SUPPLY[$this->supply];
    }

    /** @return array<string, string> inputs away from rest */
    public function thrown(): array
    {
        return $this->address->thrown;
    }

    /** @return array<string, string> red and black: pins the meter's tips are on */
    public function tips(): array
    {
        return $this->address->tips;
    }

    /** A field of the address that is the station's own; '' where it is not set. */
    public function own(string $field): string
    {
        return $this->address->own[$field] ?? '';
    }

    /** @return array<string, string> those of the station's own fields that are set */
    public function owns(string ...$fields): array
    {
        return array_intersect_key($this->address->own, array_flip($fields));
    }

    /**
     * @param  array<string, string|null>  $change  of the address; `station` for another station, `i` or `t` null to drop them
     * @param  array<string, string>  $throw  inputs to throw on top of those thrown
     */
    public function url(array $change = [], array $throw = []): string
    {
        return $this->address->url($change, $throw, $this->analysis->build->restPositions());
    }

    /** An act from here, by the name of its route: the answer comes back to this place. */
    public function to(string $route, mixed ...$more): string
    {
        return $more === []
            ? ($this->acts[$route] ??= $this->address->to($route))
            : $this->address->to($route, ...$more);
    }

    /** An edit from here that leaves some of the station's own fields behind: what was open closes. */
    public function toEditClosing(string ...$fields): string
    {
        $own = array_diff_key($this->address->own, array_flip($fields));

        return $this->address->hung($this->address->thrown, $own)->to('edit');
    }

    /**
     * An edit from here whose answer is seen with some of the station's own fields changed; '' drops one.
     *
     * @param  array<string, string>  $own
     */
    public function toEditAt(array $own): string
    {
        $own = array_filter([...$this->address->own, ...$own], fn (string $v): bool => $v !== '');

        return $this->address->hung($this->address->thrown, $own)->to('edit');
    }

    /** @return list<Trigger> a throw-switch per input that acts on the build */
    public function triggers(): array
    {
        return $this->triggers ??= $this->throwable();
    }

    /** @return list<Trigger> */
    private function throwable(): array
    {
        $rows = [];
        $build = $this->analysis->build;
        $all = $this->station->throwsAll() ? $build->restPositions() : $this->analysis->combinations->all[0] ?? [];
        foreach ($all as $input => $rest) {
            $positions = $build->positions($input);
            $stands = $this->address->thrown[$input] ?? $rest;
            $next = $positions[((int) array_search($stands, $positions, true) + 1) % count($positions)];
            $rows[] = new Trigger(
                $input,
                $build->label($input),
                $stands,
                $this->url([], [$input => $next]),
                $stands === $rest,
                count($positions) === 2,
            );
        }

        return $rows;
    }

    /** What the things of the build are called. */
    public function names(): Names
    {
        return Names::in($this->analysis->build->index);
    }

    public function length(float $m): string
    {
        return Shown::length($m, $this->preference->units);
    }

    /** @return list<Light> of the chosen circuit */
    public function lights(): array
    {
        return $this->circuit === null ? [] : $this->analysis->build->lightsOf($this->circuit->id);
    }

    /** @return list<Finding> open, for the chosen circuit, worst first */
    public function pins(): array
    {
        return $this->pins ??= $this->ordered(Together::of($this->analysis, $this->review->open($this->circuit?->id)));
    }

    /**
     * What a station is about comes first at it.
     *
     * @param  list<Finding>  $pins
     * @return list<Finding>
     */
    private function ordered(array $pins): array
    {
        $here = fn (Finding $f): bool => $this->station->concerns($f->rule);

        return [
            ...array_values(array_filter($pins, $here)),
            ...array_values(array_filter($pins, fn (Finding $f): bool => ! $here($f))),
        ];
    }

    /** A finding's act as it was tried; null where it has none, or it does not help. */
    public function tried(Finding $finding): ?Tried
    {
        $tried = $finding->edit === null ? null : $this->analyses->tried($this->document, $this->preference, $finding);

        return $tried?->helps === true ? $tried : null;
    }

    /** @return list<Finding> set aside with a reason */
    public function setAside(): array
    {
        return $this->review->setAside($this->circuit?->id);
    }

    /** How the battery of a supply comes through. */
    public function flatBy(string $supply): ?string
    {
        return $this->flags->flatBy($this->analysis->build->supplies[$supply], $this->own('story'));
    }

    public function bead(Station $station): Bead
    {
        return $station->bead(new Standing($this->document, $this->review, $this->moves->pinned));
    }

    /** What a change is told as to who does not see it: "Lid up. Galley shelf lit, 11.02 volts, one warning." */
    public function spoken(): string
    {
        if ($this->circuit === null) {
            return '';
        }
        $said = array_map(fn (Trigger $t): string => Words::first($t->label)." {$t->stands}.", $this->triggers());
        $weakest = $this->meter->weakest();
        if ($weakest !== null) {
            $said[] =
                $this->circuit->label.
                ($weakest['lit']
                    ? ' lit, '.Shown::figure($weakest['volts']).' volts at the weakest lamp,'
                    : ' dark,');
        }

        return implode(' ', [...$said, count($this->pins()).' pins.']);
    }

    /** What is said where nothing stands out. */
    public function quietWords(): string
    {
        $supply = $this->analysis->build->mainSupply();
        $range =
            $supply === null
                ? ''
                : ', '.Shown::plain($supply->minV, 1).' to '.Shown::plain($supply->maxV, 1).' V';

        return "Nothing stands out at three supply states{$range}. Measure before you trust it.";
    }
}
