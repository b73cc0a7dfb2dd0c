<?php

declare(strict_types=1);

namespace BenchGlow\Prove;

use BenchGlow\Analysis\LeadFigures;
use BenchGlow\Analysis\RealBuild;
use BenchGlow\Harness\Bodies;
use BenchGlow\Harness\Harness;
use BenchGlow\Harness\LeadWire;
use BenchGlow\Network\Compiled;
use BenchGlow\Scene\Scene;
use BenchGlow\Scene\Scenes;
use BenchGlow\Scene\State;

/**
 * What a meter shows where all is right: the build solved at the bank volts that were measured, and a band from real builds of the
 * same circuit (probe-prove.md 12). Nothing is looked up.
 */
final class Expected
{
    private const BUILDS = 32;

    private const SEED = 12;

    /** Beyond two spreads of the builds: the meter's own share and digit. */
    private const VOLTS = [0.005, 0.03];

    private const AMPS = [0.03, 0.01];

    /** A wire that carries nothing picks up so much beside one that does. */
    private const NOTHING_V = 0.3;

    private const PICKED_UP_V = 0.3;

    /** @var list<Scenes> */
    private array $real = [];

    private readonly ?Scenes $plain;

    public readonly float $supplyV;

    public function __construct(private readonly Works $works, ?float $supplyV = null)
    {
        $nominal = $works->build->mainSupply()->nominalV ?? 12.0;
        $this->supplyV = $supplyV ?? $nominal;
        $analysis = $works->analysis;
        $share = $nominal > 0.0 ? $this->supplyV / $nominal : 1.0;
        $overlay = new Overlay(supplies: array_fill_keys(array_keys($analysis->build->supplies), [$share, 0.0]));
        $wiring = array_map(fn (LeadFigures $l): LeadWire => $l->wire, $analysis->leads);
        // At the nominal volts the report has it solved already.
        $this->plain =
            $supplyV === null
                ? null
                : new Scenes(
                    $analysis->build,
                    $analysis->harness,
                    Bodies::of($analysis->build),
                    $wiring,
                    fn (Compiled $c): Compiled => $overlay->over($c, $analysis->harness),
                );
        for ($n = 0; $n < self::BUILDS; $n++) {
            $real = RealBuild::of(
                $works->build->document,
                array_intersect_key($analysis->leads, $works->build->leads),
                crc32(self::SEED." {$n}"),
                $this->supplyV,
            );
            $this->real[] = new Scenes(
                $real->build,
                Harness::of($real->build),
                Bodies::of($real->build),
                $real->wiring,
            );
        }
    }

    /** @param  array<string, string>  $inputs */
    public function scene(array $inputs): ?Scene
    {
        return $this->plain === null
            ? $this->works->analysis->scene($inputs, 'nominal')
            : $this->plain->one($inputs, 'nominal');
    }

    /** @param  array<string, string>  $inputs */
    public function volts(array $inputs, string $red, string $black): Expectation
    {
        return $this->band(
            'volts',
            $inputs,
            fn (State $s): ?float => $s->between($red, $black),
            self::VOLTS,
            $red,
            $black,
        );
    }

    /**
     * Volts at the cut mark of a strip that is furthest from where it is fed.
     *
     * @param  array<string, string>  $inputs
     */
    public function farVolts(array $inputs, string $light, string $emitter, string $red, string $black): Expectation
    {
        return $this->band(
            'volts',
            $inputs,
            function (State $s) use ($light, $emitter): ?float {
                $volts = $s->lights[$light][$emitter]->volts ?? [];

                return $volts === [] ? null : $volts[count($volts) - 1];
            },
            self::VOLTS,
            $red,
            $black,
        );
    }

    /**
     * Volts across the first unit of a strip.
     *
     * @param  array<string, string>  $inputs
     */
    public function nearVolts(array $inputs, string $light, string $emitter): Expectation
    {
        return $this->band(
            'volts',
            $inputs,
            fn (State $s): ?float => $s->lights[$light][$emitter]->volts[0] ?? null,
            self::VOLTS,
            "{$light}.start.plus",
            "{$light}.start.minus",
        );
    }

    /**
     * Amps through a wire or thing.
     *
     * @param  array<string, string>  $inputs
     */
    public function amps(array $inputs, string $through): Expectation
    {
        return $this->band(
            'amps',
            $inputs,
            fn (State $s): ?float => isset($s->amps[$through]) ? abs($s->amps[$through]) : null,
            self::AMPS,
            $through,
            null,
        );
    }

    /**
     * Amps out of a supply.
     *
     * @param  array<string, string>  $inputs
     */
    public function draw(array $inputs, string $supply): Expectation
    {
        return $this->band(
            'amps',
            $inputs,
            fn (State $s): ?float => $s->supplyAmps[$supply] ?? null,
            self::AMPS,
            $supply,
            null,
        );
    }

    /**
     * @param  array<string, string>  $inputs
     * @param  callable(State): (float|null)  $read
     * @param  array{float, float}  $more
     */
    private function band(
        string $what,
        array $inputs,
        callable $read,
        array $more,
        ?string $red,
        ?string $black,
    ): Expectation {
        $scene = $this->scene($inputs);
        $value = $scene === null ? null : $read($scene->lit);
        if ($value === null) {
            return new Expectation($what, $red, $black, word: 'wandering');
        }
        $all = [];
        foreach ($this->real as $real) {
            $one = $read($real->one($inputs, 'nominal')->lit);
            $one === null ? null : ($all[] = $one);
        }
        $spread = self::spread($all);
        $half = 2 * $spread + $more[0] * abs($value) + $more[1];
        if ($what === 'volts' && abs($value) < self::NOTHING_V) {
            $half = max($half, self::PICKED_UP_V);
        }

        return new Expectation(
            $what,
            $red,
            $black,
            round($value, 4),
            round($value - $half, 4),
            round($value + $half, 4),
        );
    }

    /** @param  list<float>  $all */
    private static function spread(array $all): float
    {
        if (count($all) < 2) {
            return 0.0;
        }
        $mean = array_sum($all) / count($all);
        $square = array_sum(array_map(fn (float $v): float => ($v - $mean) ** 2, $all));

        return sqrt($square / (count($all) - 1));
    }
}
