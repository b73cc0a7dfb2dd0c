<?php

declare(strict_types=1);

namespace BenchGlow\Sizing;

/** Preferred resistor values, 1 Ω to 1 MΩ (IEC 60063). */
enum Preferred: string
{
    case E12 = 'E12';
    case E24 = 'E24';
    case E96 = 'E96';

    private const TWENTY_FOUR = [
        10,
        11,
        12,
        13,
        15,
        16,
        18,
        20,
        22,
        24,
        27,
        30,
        33,
        36,
        39,
        43,
        47,
        51,
        56,
        62,
        68,
        75,
        82,
        91,
    ];

    /** @return list<float> ohms, rising */
    public function values(): array
    {
        $decade = match ($this) {
            self::E24 => array_map(floatval(...), self::TWENTY_FOUR),
            self::E12 => array_values(
                array_filter(
                    array_map(floatval(...), self::TWENTY_FOUR),
                    fn (int $i): bool => $i % 2 === 0,
                    ARRAY_FILTER_USE_KEY,
                ),
            ),
            self::E96 => array_map(fn (int $i): float => round(10 ** (1 + $i / 96), 1), range(0, 95)),
        };
        $values = [];
        for ($power = -1; $power <= 4; $power++) {
            foreach ($decade as $v) {
                $values[] = round($v * 10.0 ** $power, 6);
            }
        }
        $values[] = 1e6;

        return $values;
    }

    /** The next value at or above. */
    public function atLeast(float $ohm): ?float
    {
        foreach ($this->values() as $value) {
            if ($value >= $ohm * (1 - 1e-9)) {
                return $value;
            }
        }

        return null;
    }
}
