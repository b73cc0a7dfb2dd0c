<?php

declare(strict_types=1);

namespace BenchGlow\HandOver;

/** How a circuit, or the whole, is made dead, and what stays live all the same. */
final readonly class Isolated
{
    /** The last act of every isolation. */
    public const PROVE = 'Prove it dead with a meter before you touch a joint: first at a place that is live, then here, then at the live place again.';

    /**
     * @param  string|null  $circuit  null: the whole
     * @param  list<Pull>  $pulls  all of them, where there is more than one
     * @param  list<array{words: string, volts: float}>  $live  places of its own wires that are not dead
     */
    public function __construct(
        public ?string $circuit,
        public string $label,
        public array $pulls,
        public array $live,
    ) {
    }
}
