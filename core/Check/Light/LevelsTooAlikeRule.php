<?php

declare(strict_types=1);

namespace BenchGlow\Check\Light;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Analysis\Wanted;
use BenchGlow\Build\Circuit;
use BenchGlow\Build\Want;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;

/** Low and high of one lamp that are hardly told apart (electrics.md 8). */
final class LevelsTooAlikeRule implements Rule
{
    public function id(): string
    {
        return 'levels.too_alike';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->build->circuits as $circuit) {
            $levels = array_map(fn (Want $w): string => $w->level, $circuit->wants);
            foreach (
                array_diff(['low', 'high'], $levels) === [] ? Wanted::named($analysis->build, $circuit) : [] as [$light, $emitter]
            ) {
                foreach (self::ratios($analysis, $circuit, $light, $emitter) as $supply => $ratio) {
                    if ($ratio < $analysis->build->settings->levelRatioMin) {
                        $findings["{$light} {$emitter}"] ??= new Finding(
                            $this->id(),
                            Severity::Warning,
                            $circuit->id,
                            $light,
                            Words::first($analysis->build->lights[$light]->label).
                                ' gives only '.
                                Shown::plain($ratio, 1).
                                ' times as much light high as low at the '.
                                ['min' => 'low', 'nominal' => 'normal', 'max' => 'high'][$supply].
                                ' supply; you want '.
                                Shown::plain($analysis->build->settings->levelRatioMin, 1).
                                ' times, so that the two are told apart.',
                        );
                    }
                }
            }
        }

        return array_values($findings);
    }

    /** @return array<string, float> supply => least light at high over most light at low */
    private static function ratios(Analysis $analysis, Circuit $circuit, string $light, string $emitter): array
    {
        $flux = [];
        foreach ($analysis->scenes() as $scene) {
            $level = Wanted::of($analysis->build, $circuit, $scene, $light, $emitter)[0];
            $least = ($scene->lit->lights[$light][$emitter] ?? null)?->least() ?? 0.0;
            if (in_array($level, ['low', 'high'], true) && $least > $analysis->build->settings->litFrom) {
                $flux[$scene->supply][$level][] = $least;
            }
        }

        return array_map(
            fn (array $l): float => isset($l['low'], $l['high']) ? min($l['high']) / max($l['low']) : INF,
            $flux,
        );
    }
}
