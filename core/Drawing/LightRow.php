<?php

declare(strict_types=1);

namespace BenchGlow\Drawing;

use BenchGlow\Build\Light;
use BenchGlow\Light\Seen;
use BenchGlow\Scene\EmitterState;

/** A light drawn as light: its carrier, each unit in its computed colour, cut marks, halo. */
final class LightRow
{
    /** Shapes a strip may take; longer ones show groups, with first, last and dimmest exact. */
    private const MOST_UNITS = 200;

    /**
     * @param  array<string, EmitterState>  $states
     * @param  int  $most  lamps drawn at most
     * @return list<Shape>
     */
    public static function shapes(
        Light $light,
        array $states,
        float $x,
        float $y,
        float $w,
        float $h,
        int $most = self::MOST_UNITS,
    ): array {
        $colours = self::unitColours($light, $states, $most);
        $count = count($colours);
        if ($count === 0) {
            return [Shape::box('carrier', $x, $y, $w, $h, $light->id, 'dark')];
        }
        $step = $w / $count;
        $mean = array_sum(array_map(fn (array $c): float => $c[1], $colours)) / $count;
        $shapes = [];
        if ($mean > 0.02) {
            $shapes[] = Shape::box(
                'halo',
                $x - 2,
                $y - 9,
                $w + 4,
                $h + 18,
                $light->id,
                $mean > 0.5 ? 'bright' : 'soft',
                Seen::hex([self::mainColour($light) => min(1.0, $mean)]),
            );
        }
        $shapes[] = Shape::box('carrier', $x, $y, $w, $h, $light->id);
        $pads = $light->kind === 'strip' && $step >= 8.0;
        foreach ($colours as $k => [$hex, , $unit]) {
            $left = $x + $k * $step;
            $lamp = min($h * 0.46, $step * 0.62);
            $shapes[] =
                $light->kind === 'strip'
                    ? Shape::box(
                        'unit',
                        $left + $step * 0.16,
                        $y + $h * 0.27,
                        $step * 0.68,
                        $h * 0.46,
                        $light->id,
                        'die',
                        $hex,
                        (string) $unit,
                    )
                    : Shape::box(
                        'unit',
                        $left + ($step - $lamp) / 2,
                        $y + ($h - $lamp) / 2,
                        $lamp,
                        $lamp,
                        $light->id,
                        $light->kind === 'leds' ? 'lens' : 'pod',
                        $hex,
                        (string) $unit,
                    );
            if ($pads && $k > 0) {
                $shapes[] = Shape::box('cut', $left, $y + 2, 0.0, $h - 4, $light->id);
            }
        }

        return $shapes;
    }

    private static function mainColour(Light $light): string
    {
        $colours = array_values($light->emitters());

        return count($colours) > 1 ? 'white' : $colours[0] ?? 'white';
    }

    /**
     * @param  array<string, EmitterState>  $states
     * @return list<array{string, float, int}> hex, relative flux and number of the unit, one per drawn unit
     */
    private static function unitColours(Light $light, array $states, int $most): array
    {
        $units = max([0, ...array_map(fn (EmitterState $e): int => count($e->flux), $states)]);
        $emitters = $light->emitters();
        $groups = min($units, $most);
        $colours = [];
        for ($g = 0; $g < $groups; $g++) {
            // First and last stay exact; a group shows its dimmest unit, so the dimmest of all is never hidden.
            $from = intdiv($g * $units, $groups);
            $to = max($from, intdiv(($g + 1) * $units, $groups) - 1);
            $parts = [];
            $flux = 0.0;
            foreach ($states as $name => $state) {
                $slice = array_slice($state->flux, $from, $to - $from + 1);
                $f =
                    $g === $groups - 1
                        ? (float) end($slice)
                        : ($g === 0
                            ? (float) ($slice[0] ?? 0.0)
                            : ($slice === []
                                ? 0.0
                                : min($slice)));
                $parts[$emitters[$name]] = ($parts[$emitters[$name]] ?? 0.0) + $f;
                $flux = max($flux, $f);
            }
            $colours[] = [Seen::hex($parts), $flux, $from];
        }
        if ($light->kind === 'leds') {
            return self::perLed($light, $colours);
        }

        return $colours;
    }

    /**
     * Strings to single LEDs: every lamp of a string shines alike.
     *
     * @param  list<array{string, float, int}>  $strings
     * @return list<array{string, float, int}>
     */
    private static function perLed(Light $light, array $strings): array
    {
        [$full, $last] = $light->strings();
        $per = $full > 0 ? intdiv($light->count() - $last, $full) : 0;
        $all = [];
        foreach ($strings as $k => $string) {
            array_push($all, ...array_fill(0, $k < $full ? $per : $last, $string));
        }

        return array_slice($all, 0, self::MOST_UNITS);
    }
}
