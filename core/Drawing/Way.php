<?php

declare(strict_types=1);

namespace BenchGlow\Drawing;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Light;
use BenchGlow\Harness\Step;
use BenchGlow\Scene\State;

/** The way of one light: from its supply through everything in line, and back. What the fall line falls along. */
final readonly class Way
{
    /**
     * @param  list<Step>  $feed
     * @param  list<Step>  $back
     */
    private function __construct(public Light $light, public array $feed, public array $back, public ?string $supply)
    {
    }

    /** The way that carries amps in a state; empty while the light is dark. */
    public static function of(Analysis $analysis, Light $light, State $state): self
    {
        $feed = $back = [];
        $paths = $analysis->paths->only(
            fn (Step $s): bool => $s->kind === 'inside'
                ? ! isset($state->amps[$s->id]) || abs($state->amps[$s->id]) > Sketch::LIVE_A
                : abs($state->amps[$s->id] ?? 0.0) > Sketch::LIVE_A,
        );
        foreach ($analysis->harness->wiredPins($light->id) as $pin) {
            $out = $paths->feed($pin);
            $home = $paths->back($pin);
            $feed = $feed === [] ? $out ?? [] : $feed;
            $back = $back === [] && $out === null ? $home ?? [] : $back;
        }

        return new self($light, $feed, $back, $feed === [] || $back === [] ? null : explode('.', $feed[0]->from)[0]);
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
        $rows = [
            [
                'label' => $supply->label,
                'part' => $supply->id,
                'drop' => $supply->volts($state->name) - (float) $state->between("{$supply->id}.plus", "{$supply->id}.minus"),
            ],
        ];
        foreach ($this->pieces($analysis, $state, $this->feed) as $piece) {
            $rows[] = $piece;
        }
        $own =
            (float) $state->between(
                self::last($this->feed, "{$supply->id}.plus"),
                self::last($this->back, "{$supply->id}.minus"),
            ) - $unitV;
        if ($this->light->kind === 'strip' || abs($own) > 5e-4) {
            $rows[] = [
                'label' => $this->light->kind === 'strip' ? 'strip' : 'inside the light',
                'part' => $this->light->id,
                'drop' => $own,
            ];
        }
        foreach (array_reverse($this->pieces($analysis, $state, $this->back, 'return')) as $piece) {
            $rows[] = $piece;
        }
        $home = $this->back === [] ? '' : $this->back[0]->from;
        if (($analysis->harness->things[$home]->kind ?? '') === 'ground') {
            $rows[] = [
                'label' => 'chassis',
                'part' => $home,
                'drop' => abs((float) $state->between($home, "{$supply->id}.minus")),
            ];
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
            $thing = explode('.', $step->id)[0];
            $label = match (true) {
                $step->kind === 'wire' => $name,
                in_array($step->kind, ['contact', 'host_fuse', 'inside'], true) => $analysis->build->label($thing),
                default => str_replace('_', ' ', $step->kind),
            };
            $rows[$key] ??= [
                'label' => $label,
                'part' => $step->kind === 'wire' ? $step->lead : $step->id,
                'drop' => 0.0,
            ];
            $rows[$key]['drop'] += $drop;
        }

        return array_values($rows);
    }
}
