<?php

declare(strict_types=1);

namespace BenchGlow\AsBuilt;

/** One situation of a circuit on the sheet: how it is thrown, what is wanted, and what each lamp does at three supplies. */
final readonly class Situation
{
    /**
     * @param  string  $words  "with lid up"
     * @param  string  $wanted  "glows", "dark"
     * @param  bool  $right  whether every lamp does as wanted at every supply
     * @param  array<string, array{amps: float, lamp: string|null, volts: float|null, light: float|null}>  $rows  low · normal · high;
     *     of the dimmest lit lamp, null where none is lit
     */
    public function __construct(public string $words, public string $wanted, public bool $right, public array $rows)
    {
    }
}
