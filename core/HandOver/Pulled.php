<?php

declare(strict_types=1);

namespace BenchGlow\HandOver;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Analysis\LeadFigures;
use BenchGlow\Harness\LeadWire;
use BenchGlow\Network\Compiled;
use BenchGlow\Network\Compiler;
use BenchGlow\Prove\Overlay;
use BenchGlow\Scene\Scenes;
use BenchGlow\Scene\State;

/** A build with fuses pulled and terminals off, solved: how many volts are left at a pin at worst. */
final class Pulled
{
    /** @var array<string, LeadWire> */
    private readonly array $wiring;

    private readonly Compiled $compiled;

    public function __construct(private readonly Analysis $analysis)
    {
        $this->wiring = array_map(fn (LeadFigures $l): LeadWire => $l->wire, $analysis->leads);
        $this->compiled = Compiler::compile(
            $analysis->build,
            $analysis->harness,
            $this->wiring,
            'nominal',
            $analysis->bodies,
        );
    }

    /**
     * Volts at worst against any minus; a pin that floats has none.
     *
     * @param  list<string>  $things  fuses and taps, ways of the host, supplies
     * @param  list<array<string, string>>  $states
     * @param  list<string>  $pins
     * @param  float|null  $enough  as soon as a pin has more it is not looked further
     * @return array<string, float>
     */
    public function volts(array $things, array $states, array $pins, ?float $enough = null): array
    {
        $overlay = $this->overlay($things);
        $scenes = new Scenes(
            $this->analysis->build,
            $this->analysis->harness,
            $this->analysis->bodies,
            $this->wiring,
            fn (Compiled $c): Compiled => $overlay->over($c, $this->analysis->harness),
            $this->compiled,
        );
        $worst = array_fill_keys($pins, 0.0);
        foreach ($states as $inputs) {
            $scene = $scenes->one($inputs, 'nominal');
            foreach (array_filter([$scene->lit, $scene->dark]) as $state) {
                foreach ($pins as $pin) {
                    $worst[$pin] = max($worst[$pin], $this->over($state, $pin));
                }
            }
            if ($enough !== null && $worst !== [] && max($worst) > $enough) {
                break;
            }
        }

        return $worst;
    }

    /** Volts of a pin against any minus. */
    private function over(State $state, string $pin): float
    {
        $most = 0.0;
        foreach ($this->analysis->build->supplies as $supply) {
            $most = max($most, abs((float) $state->between($pin, "{$supply->id}.minus")));
        }

        return $most;
    }

    /** @param  list<string>  $things */
    private function overlay(array $things): Overlay
    {
        $out = $off = [];
        foreach ($things as $id) {
            if (isset($this->analysis->build->supplies[$id])) {
                $off[$id] = [0.0, Overlay::OPEN_OHM];
            } else {
                $isInLine = isset($this->compiled->branchOf[$id]);
                $out[$isInLine ? $id : "{$id}.fuse"] = Overlay::OPEN_OHM;
            }
        }

        return new Overlay(set: $out, supplies: $off);
    }
}
