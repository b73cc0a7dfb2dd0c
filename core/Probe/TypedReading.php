<?php

declare(strict_types=1);

namespace BenchGlow\Probe;

use BenchGlow\Quantity\NotUnderstood;

/** What is typed at the wire, or pressed as one key: "12,4", "340 mV", "OL", "p". */
final readonly class TypedReading
{
    private const WORDS = [
        'p' => 'pulsing',
        'pulsing' => 'pulsing',
        'flashing' => 'pulsing',
        'w' => 'wandering',
        'wandering' => 'wandering',
        'wanders' => 'wandering',
        'ol' => 'open',
        'o.l' => 'open',
        'o.l.' => 'open',
        'open' => 'open',
        'inf' => 'open',
        '∞' => 'open',
        'b' => 'bright',
        'bright' => 'bright',
        'dim' => 'dim',
        'dark' => 'dark',
        'beeps' => 'beeps',
        'beep' => 'beeps',
        'silent' => 'silent',
    ];

    private const UNITS = [
        'v' => ['volts', 1.0],
        'mv' => ['millivolts', 1.0],
        'ohm' => ['ohms', 1.0],
        'ω' => ['ohms', 1.0],
        'kohm' => ['ohms', 1e3],
        'kω' => ['ohms', 1e3],
        'k' => ['ohms', 1e3],
        'mohm' => ['ohms', 1e6],
        'm' => ['ohms', 1e6],
        'a' => ['amps', 1.0],
        'ma' => ['amps', 1e-3],
        's' => ['seconds', 1.0],
    ];

    private const EXAMPLE = 'a number as 12.4, 340 mV or 0.3 ohm, or a word: pulsing, wandering, open';

    /** @param  string  $kind  volts · millivolts · ohms · lamp · beep · amps · seconds */
    private function __construct(public string $kind, public ?float $value, public ?string $word)
    {
    }

    /**
     * @param  string  $instrument  meter · test_lamp · led_tester · beeper · clamp
     * @param  float  $bankV  what "=" stands for
     *
     * @throws NotUnderstood
     */
    public static function read(string $typed, string $instrument, bool $powered, float $bankV): self
    {
        $text = strtr(mb_strtolower(trim($typed)), ['−' => '-', "\u{2126}" => 'ω', '<' => '', '~' => '']);
        $text = trim((string) preg_replace('/\s+/u', ' ', $text));
        $usual = match (true) {
            $instrument === 'beeper' => 'beep',
            $instrument === 'clamp' => 'amps',
            in_array($instrument, ['test_lamp', 'led_tester'], true) => 'lamp',
            default => $powered ? 'volts' : 'ohms',
        };
        if ($text === '') {
            throw NotUnderstood::expected($typed, self::EXAMPLE);
        }
        if ($text === '=') {
            return new self($usual, $bankV, null);
        }
        if (isset(self::WORDS[$text])) {
            $word = self::WORDS[$text];

            return new self($word === 'open' && $powered && $usual === 'volts' ? 'volts' : $usual, null, $word);
        }
        if (preg_match('/^(-?(?:\d+(?:[.,]\d+)?|[.,]\d+)) ?([a-zω]*)$/u', $text, $m) !== 1) {
            throw NotUnderstood::expected($typed, self::EXAMPLE);
        }
        $value = (float) str_replace(',', '.', $m[1]);
        [$kind, $factor] = $m[2] === '' ? [$usual, 1.0] : self::UNITS[$m[2]] ?? ['', 0.0];
        if ($kind === '') {
            throw NotUnderstood::expected($typed, self::EXAMPLE);
        }
        if ($kind === 'lamp') {
            throw NotUnderstood::expected($typed, 'how the lamp burns: bright, dim, dark or pulsing');
        }

        return new self($kind, round($value * $factor, 6), null);
    }
}
