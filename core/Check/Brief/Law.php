<?php

declare(strict_types=1);

namespace BenchGlow\Check\Brief;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Analysis\Judgement;
use BenchGlow\Build\Fact;
use BenchGlow\Build\Light;

/** Features of a light that regulations ask about; which regulation is for the builder to look up. */
final class Law
{
    /** What answers a finding on where a light is seen from. */
    public const INSIDE = 'It is seen from inside only';

    /** Ways a light can face, as the fact of it is written. */
    private const WAYS = [
        'inside' => '/\\b(inside|into|down)\\b/i',
        'forward' => '/\\b(front|forward|ahead)\\b/i',
        'outside' => '/\\b(outside|outboard|forward|ahead|astern|abeam|up)\\b/i',
    ];

    /** By the fact of where it faces; what it is called and on which side it sits says nothing of that. */
    public static function faces(Light $light, string $way): bool
    {
        $faces = $light->fields->text('faces');

        return preg_match(self::WAYS[$way], $faces) === 1 &&
            ($way === 'inside' || preg_match(self::WAYS['inside'], $faces) !== 1);
    }

    /** A fact of the brief says the build is used there. */
    public static function named(Analysis $analysis, string $kind): bool
    {
        foreach ($analysis->build->facts as $fact) {
            if ($fact->kind === $kind) {
                return true;
            }
        }

        return false;
    }

    /** It flashes in a situation that throws no turn or hazard input. */
    public static function flashesOtherThanTurn(Analysis $analysis, Light $light): bool
    {
        $rest = $analysis->build->restPositions();
        foreach ($analysis->scenes() as $scene) {
            $turning =
                array_filter(
                    array_keys(array_diff_assoc($scene->inputs, $rest)),
                    fn (string $i): bool => in_array($analysis->build->inputs[$i]->kind, ['turn', 'hazard'], true),
                ) !== [];
            foreach ($turning ? [] : array_keys($light->emitters()) as $emitter) {
                if (Judgement::flashes($analysis->build, $scene, $light->id, $emitter)) {
                    return true;
                }
            }
        }

        return false;
    }

    /** A scene of a controller on its way fades or steps by itself. */
    public static function moves(Analysis $analysis, Light $light): bool
    {
        $drivers = [];
        foreach ($analysis->paths->waysTo($light->id) as $steps) {
            foreach ($steps as $step) {
                $drivers[explode('.', $step->id)[0]] = true;
            }
        }
        foreach ($analysis->build->document->fields()->objects('scenes') as $scene) {
            $steps = $scene->objects('steps');
            $moving = count($steps) > 1 || array_filter($steps, fn ($s): bool => $s->number('fade_s') > 0.0) !== [];
            foreach ($moving ? $steps : [] as $step) {
                foreach (array_keys($step->object('set')->data) as $pin) {
                    if (isset($drivers[explode('.', (string) $pin)[0]])) {
                        return true;
                    }
                }
            }
        }

        return false;
    }
}
