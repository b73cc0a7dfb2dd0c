<?php

declare(strict_types=1);

namespace BenchGlow\Trial;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Analysis\Judgement;
use BenchGlow\Analysis\RealBuild;
use BenchGlow\Build\Build;
use BenchGlow\Harness\Bodies;
use BenchGlow\Harness\Harness;
use BenchGlow\Quantity\Shown;
use BenchGlow\Scene\Scenes;
use BenchGlow\Scene\State;

/**
 * One circuit built many times with real parts (solving.md, tolerance run): resistors and forward volts uniform in their tolerance,
 * supply uniform from lowest to highest, wire ±5 %. A strip's own resistors go with its watts, ±5 %. Each build has its own seed,
 * so slices add up to the same answer however they are cut.
 */
final class Tolerance
{
    /** @var array<string, string> */
    private readonly array $inputs;

    public function __construct(private readonly Analysis $analysis, private readonly string $circuit)
    {
        $lit = null;
        foreach ($analysis->build->lightsOf($circuit) as $light) {
            $lit ??= $analysis->litScene($light->id, 'nominal');
        }
        $this->inputs = $lit->inputs ?? ($analysis->combinations->all[0] ?? []);
    }

    /**
     * Builds from $from up to $to, or until it is told to stop; at least one.
     *
     * @param  (\Closure(): bool)|null  $stop  asked after each build
     * @return array{done: int, inside: int, broken: array<string, int>} how many were built, how many kept every limit, what broke how often
     */
    public function run(int $seed, int $from, int $to, ?\Closure $stop = null): array
    {
        [$done, $inside, $broken] = [0, 0, []];
        for ($n = $from; $n < $to; $n++) {
            $said = $this->one($seed, $n);
            $done++;
            $inside += $said === [] ? 1 : 0;
            foreach ($said as $what) {
                $broken[$what] = ($broken[$what] ?? 0) + 1;
            }
            if ($stop !== null && $stop()) {
                break;
            }
        }
        arsort($broken);

        return ['done' => $done, 'inside' => $inside, 'broken' => $broken];
    }

    /**
     * Share and its 95 % interval (Wilson 1927).
     *
     * @return array{float, float, float} share, lower, upper
     */
    public static function share(int $inside, int $of): array
    {
        if ($of === 0) {
            return [0.0, 0.0, 1.0];
        }
        $p = (float) $inside / $of;
        $z = 1.959964;
        $middle = ($p + $z ** 2 / (2 * $of)) / (1 + $z ** 2 / $of);
        $half = ($z / (1 + $z ** 2 / $of)) * sqrt(($p * (1 - $p)) / $of + $z ** 2 / (4 * $of ** 2));

        return [$p, max(0.0, $middle - $half), min(1.0, $middle + $half)];
    }

    /** @return list<string> limits the build with that number breaks */
    private function one(int $seed, int $n): array
    {
        $real = RealBuild::of($this->analysis->build->document, $this->analysis->leads, crc32("{$seed} {$n}"));
        $build = $real->build;
        $scene = (new Scenes($build, Harness::of($build), Bodies::of($build), $real->wiring))->one(
            $this->inputs,
            'nominal',
        );
        if (! $scene->solved()) {
            return ['has no steady state'];
        }

        return [...$this->lights($build, $scene), ...$this->fuses($scene->lit)];
    }

    /** @return list<string> */
    private function lights(Build $build, \BenchGlow\Scene\Scene $scene): array
    {
        $said = [];
        foreach ($build->lightsOf($this->circuit) as $light) {
            foreach ($scene->lit->lights[$light->id] ?? [] as $name => $emitter) {
                if ($light->kind === 'leds' && $emitter->greatest() * $light->led()->ifA > $light->led()->imaxA) {
                    $said[] = "{$light->label}: an LED gets over its limit";
                }
                if (
                    Judgement::missed(
                        $build,
                        $build->circuits[$this->circuit],
                        $scene,
                        $light->id,
                        $name,
                        $emitter,
                        $this->analysis->paths,
                    ) !== null
                ) {
                    $said[] = "{$light->label}: not as bright as wanted";
                }
                if (
                    $light->kind === 'strip' &&
                    $emitter->greatest() > $build->settings->litFrom &&
                    $emitter->uniformity() < $build->settings->uniformityTarget
                ) {
                    $said[] = "{$light->label}: its dimmest unit is under the target";
                }
            }
        }

        return array_values(array_unique($said));
    }

    /** @return list<string> */
    private function fuses(State $state): array
    {
        $said = [];
        foreach ($this->analysis->fuses as $fuse) {
            $fitted = $fuse->fittedA();
            if (
                $fitted !== null &&
                ($this->analysis->build->leads[$fuse->lead]->circuit ?? $this->circuit) === $this->circuit &&
                abs($state->amps[$fuse->id] ?? 0.0) > $fitted
            ) {
                $said[] = "fuse {$fuse->id}: carries more than its value";
            }
        }

        return $said;
    }

    /** Standard deviations that hold 95 of 100. */
    private const SURE = 1.959964;

    /**
     * A run in one sentence, with Wilson's interval for the share that holds (E. B. Wilson, 1927).
     *
     * @param  string  $worst  the limit broken oftenest; '' where none was
     */
    public static function says(int $done, int $inside, string $worst, int $times, string $seed): string
    {
        $share = $inside / $done;
        $square = self::SURE * self::SURE;
        $by = 1.0 + $square / $done;
        $middle = ($share + $square / (2 * $done)) / $by;
        $half = (self::SURE / $by) * sqrt(($share * (1.0 - $share)) / $done + $square / (4 * $done * $done));
        $percent = fn (float $x): string => Shown::figure(100 * min(1.0, max(0.0, $x)), 1).' %';

        return $percent($share).
            " of {$done} builds keep every limit (95 % sure: ".
            $percent($middle - $half).
            ' to '.
            $percent($middle + $half).
            '). '.
            ($worst === '' ? 'Nothing breaks.' : "Worst: {$worst}, {$times} times.").
            " Seed {$seed}.";
    }
}
