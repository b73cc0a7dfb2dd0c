<?php

declare(strict_types=1);

namespace BenchGlow\Quantity;

/** Moments of a story as people say them: 18:30, day 3 6:15, 90 min, 1.5 h. */
final class Clock
{
    private const DAY = 86400.0;

    /** @throws NotUnderstood */
    public static function read(string $text): float
    {
        $t = mb_strtolower(trim($text));
        if (preg_match('/^(?:day\s*(\d{1,3})\s+)?(\d{1,3}):([0-5]\d)(?::([0-5]\d))?$/', $t, $m) === 1) {
            return max(0, (int) ($m[1] === '' ? 1 : $m[1]) - 1) * self::DAY +
                (int) $m[2] * 3600.0 +
                (int) $m[3] * 60.0 +
                (int) ($m[4] ?? 0);
        }
        if (preg_match('/^(\d+(?:[.,]\d+)?)\s*(s|sec|min|h|hours?|d|days?)$/', $t, $m) === 1) {
            return (float) str_replace(',', '.', $m[1]) *
                ['s' => 1.0, 'm' => 60.0, 'h' => 3600.0, 'd' => self::DAY][$m[2][0]];
        }
        throw new NotUnderstood("'{$text}' is no time. Type 18:30, day 3 6:15, 90 min or 1.5 h.");
    }

    public static function show(float $seconds): string
    {
        $s = (int) round($seconds);
        $day = intdiv($s, 86400);
        $rest = $s % 86400;
        // The end of the first day is its 24:00.
        if ($rest === 0 && $day === 1) {
            [$day, $rest] = [0, 86400];
        }
        $clock =
            sprintf('%d:%02d', intdiv($rest, 3600), intdiv($rest % 3600, 60)).
            ($rest % 60 === 0 ? '' : sprintf(':%02d', $rest % 60));

        return $day === 0 ? $clock : 'day '.($day + 1)." {$clock}";
    }
}
