<?php

declare(strict_types=1);

namespace BenchGlow\Drawing;

use BenchGlow\Build\Light;
use BenchGlow\Harness\Step;
use BenchGlow\Report\Analysis;
use BenchGlow\Report\FeedOptions;
use BenchGlow\Report\State;

/** The way of one light: from its supply through everything in line, and back. What the drawing, the word list and the fall line share. */
final readonly class Way
{
    /**
     * @param  list<Step>  $feed
     * @param  list<Step>  $back
     * @param  list<int>  $marks  fed cut marks of a strip
     */
    private function __construct(public Light $light, public array $feed, public array $back, public array $marks, public ?string $supply)
    {
    }

    public static function of(Analysis $analysis, Light $light): self
    {
        $feed = $back = [];
        foreach ($analysis->harness->wiredPins($light->id) as $pin) {
            $out = $analysis->paths->feed($pin);
            $home = $analysis->paths->back($pin);
            if ($feed === [] && $out !== null) {
                $feed = $out;
            }
            if ($back === [] && $home !== null && $out === null) {
                $back = $home;
            }
        }

        return new self($light, $feed, $back, $light->kind === 'strip' ? FeedOptions::marks($analysis->harness, $light->id) : [],
            $feed === [] ? null : explode('.', $feed[0]->from)[0]);
    }

    public function fed(): bool
    {
        return $this->feed !== [] && $this->back !== [];
    }

    /** live: carries amps · held: at voltage without amps · dead. */
    public static function conductor(Analysis $analysis, State $state, string $wire): string
    {
        if (abs($state->amps[$wire] ?? 0.0) > 1e-4) {
            return 'live';
        }
        $pin = $analysis->harness->wires[$wire]->from ?? '';
        foreach ($analysis->build->supplies as $supply) {
            if (abs((float) $state->between($pin, "{$supply->id}.minus")) > 1.0) {
                return 'held';
            }
        }

        return 'dead';
    }

    /**
     * Volts lost piece by piece to the dimmest unit and back, in path order; with the volts across that unit they make up the
     * supply's open-circuit volts.
     *
     * @return list<array{label: string, part: string, drop: float}>
     */
    public function losses(Analysis $analysis, State $state, float $unitV): array
    {
        if ($this->supply === null) {
            return [];
        }
        $supply = $analysis->build->supplies[$this->supply];
        $rows = [['label' => $supply->label, 'part' => $supply->id, 'drop' => $supply->volts($state->name) - (float) $state->between("{$supply->id}.plus", "{$supply->id}.minus")]];
        foreach ($this->pieces($analysis, $state, $this->feed) as $piece) {
            $rows[] = $piece;
        }
        $own = (float) $state->between(self::last($this->feed, "{$supply->id}.plus"), self::last($this->back, "{$supply->id}.minus")) - $unitV;
        if ($this->light->kind === 'strip' || abs($own) > 5e-4) {
            $rows[] = ['label' => $this->light->kind === 'strip' ? 'strip' : 'inside the light', 'part' => $this->light->id, 'drop' => $own];
        }
        foreach (array_reverse($this->pieces($analysis, $state, $this->back, 'return')) as $piece) {
            $rows[] = $piece;
        }

        return $rows;
    }

    /** @param  list<Step>  $steps */
    private static function last(array $steps, string $otherwise): string
    {
        return $steps === [] ? $otherwise : $steps[count($steps) - 1]->to;
    }

    /**
     * Steps with the segments of one lead drawn together.
     *
     * @param  list<Step>  $steps
     * @return list<array{label: string, part: string, drop: float}>
     */
    private function pieces(Analysis $analysis, State $state, array $steps, string $name = 'wire'): array
    {
        $rows = [];
        foreach ($steps as $step) {
            $drop = abs((float) $state->between($step->from, $step->to));
            $key = $step->kind === 'wire' ? "wire {$step->lead}" : $step->id;
            $rows[$key] ??= ['label' => $step->kind === 'wire' ? $name : str_replace('_', ' ', $step->kind), 'part' => $step->kind === 'wire' ? $step->lead : $step->id, 'drop' => 0.0];
            $rows[$key]['drop'] += $drop;
        }

        return array_values($rows);
    }
}
