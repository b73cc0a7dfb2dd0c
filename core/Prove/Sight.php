<?php

declare(strict_types=1);

namespace BenchGlow\Prove;

use BenchGlow\Build\Settings;
use BenchGlow\Scene\EmitterState;

/** What an eye says of a light against what it should be (probe-prove.md 12). */
final class Sight
{
    public const WORDS = ['dark', 'ghost', 'dim', 'right', 'bright', 'partly', 'wrong_colour', 'flickers'];

    /** Over the whole of it. */
    public const GLOWS = ['dim', 'right', 'bright'];

    /** So many steps of lightness apart the eye is sure. */
    private const STEPS = 10.0;

    /** CIE 1976: below this share of the white, lightness goes straight. */
    private const STRAIGHT = 0.008856;

    public static function word(EmitterState $is, EmitterState $should, Settings $settings): string
    {
        $level = $is->level($settings);
        $expected = $should->level($settings);
        if ($level === $expected && in_array($level, ['dark', 'ghost'], true)) {
            return 'right';
        }
        if ($level === 'dark') {
            return 'dark';
        }
        $apart = self::lightness($is->least()) - self::lightness($should->least());

        return match (true) {
            $level === 'ghost' && $expected !== 'dark' => 'ghost',
            abs($apart) < self::STEPS && $expected !== 'dark' => 'right',
            $expected === 'dark' => $level === 'ghost' ? 'ghost' : 'bright',
            $apart < 0.0 => 'dim',
            default => 'bright',
        };
    }

    /** How a look is said: where a light should be dark, dark is as it should be, and what is seen glows. */
    public static function said(string $look, bool $shouldBeDark): string
    {
        return match (true) {
            $look === 'right' => $shouldBeDark ? 'dark' : 'looks right',
            $look === 'bright' => $shouldBeDark ? 'glows' : 'too bright',
            $look === 'ghost' => 'glimmers',
            $look === 'wrong_colour' => 'other colour',
            $look === 'partly' => 'a part of it dark',
            default => $look,
        };
    }

    /**
     * What can be answered, the usual first.
     *
     * @return list<string>
     */
    public static function answers(bool $shouldBeDark): array
    {
        return $shouldBeDark
            ? ['bright', 'right', 'ghost', 'flickers']
            : ['dark', 'right', 'dim', 'partly', 'bright', 'wrong_colour', 'flickers'];
    }

    /** CIE 1976 L*, 0 … 100 and over, of a share of the label's brightness. */
    public static function lightness(float $share): float
    {
        return $share <= self::STRAIGHT ? 903.3 * max(0.0, $share) : 116.0 * $share ** (1 / 3) - 16.0;
    }
}
