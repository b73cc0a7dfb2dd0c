<?php

declare(strict_types=1);

namespace BenchGlow\Loom;

use BenchGlow\Build\Build;
use BenchGlow\Build\Lead;

/** Terminals, strip lengths and pull tests (layout-harness.md 9). */
final class Ends
{
    /** Crimped terminals by the copper they take: colour, least and most mm². */
    public const FAMILIES = ['red' => [0.25, 1.5], 'blue' => [1.0, 2.5], 'yellow' => [2.5, 6.0]];

    /** Newtons a crimp holds, by mm² (IEC 60352-2). */
    public const PULL_N = [
        [0.22, 28],
        [0.35, 40],
        [0.5, 60],
        [0.75, 85],
        [1.0, 108],
        [1.5, 150],
        [2.5, 230],
        [4.0, 310],
        [6.0, 360],
    ];

    private const STRIP_MM = ['solder' => 15, 'idc_tap' => 0, 'factory' => 0, 'screw' => 9, 'spare' => 10];

    private const USUAL_STRIP_MM = 7;

    private const CRIMPED = ['crimp', 'ring', 'spade', 'plug', 'idc_tap'];

    /** A tap and a pin of a plug hold half. */
    private const HALF = ['plug', 'idc_tap'];

    /** How far the insulation is taken off, mm. */
    public static function stripMm(string $style, bool $spare = false): int
    {
        return self::STRIP_MM[$spare ? 'spare' : $style] ?? self::USUAL_STRIP_MM;
    }

    /** Newtons the end has to hold, each once by hand scale; null for what is not crimped. */
    public static function pullN(string $style, float $areaMm2): ?int
    {
        if (! in_array($style, self::CRIMPED, true)) {
            return null;
        }
        $newtons = self::PULL_N[0][1];
        foreach (self::PULL_N as [$mm2, $n]) {
            $newtons = $areaMm2 >= $mm2 - 1e-9 ? $n : $newtons;
        }

        return in_array($style, self::HALF, true) ? intdiv($newtons, 2) : $newtons;
    }

    /** The family whose barrel takes so much copper; null where none does. */
    public static function family(float $areaMm2): ?string
    {
        foreach (self::FAMILIES as $colour => [$least, $most]) {
            if ($areaMm2 >= $least - 1e-9 && $areaMm2 <= $most + 1e-9) {
                return $colour;
            }
        }

        return null;
    }

    /** What goes on the end of a lead: "ring, red, M8", "solder"; empty where it is not decided. */
    public static function terminal(Build $build, Lead $lead, int $end, float $areaMm2): string
    {
        $part = $build->parts[(string) $lead->endParts[$end]] ?? null;
        if ($part !== null) {
            return $part->label;
        }
        $style = $lead->ends[$end];
        $pin = $lead->cores[0][$end] ?? null;
        $stud = $pin === null ? null : $build->index->item(explode('.', $pin)[0])->numberOrNull('stud_mm');
        $family = in_array($style, ['ring', 'spade', 'crimp'], true) ? self::family($areaMm2) : null;

        return implode(
            ', ',
            array_filter([
                str_replace(['_', 'idc '], [' ', ''], $style),
                $family ?? '',
                $style === 'ring' && $stud !== null
                    ? 'M'.rtrim(rtrim(number_format($stud, 1, '.', ''), '0'), '.')
                    : '',
            ]),
        );
    }
}
