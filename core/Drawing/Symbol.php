<?php

declare(strict_types=1);

namespace BenchGlow\Drawing;

/** One thing of a circuit's drawing: what it is, which nets meet it on which side. */
final readonly class Symbol
{
    /**
     * @param  string  $id  unique in the drawing: contact, coil, inline thing, device, host load or light
     * @param  string  $kind  fuse · tap · resistor · diode · plug · contact · coil · box · host · load · lamp · stub · light
     * @param  string  $part  the thing it belongs to
     * @param  list<array{string, int}>  $left  harness pin and net, on the side of the plus (on the way back: of the return)
     * @param  list<array{string, int}>  $right
     * @param  bool  $back  on the way back from a light
     * @param  int  $flow  1: its amps count from left to right · −1: from right to left
     * @param  string  $tie  the part whose coil or contact stands elsewhere in the drawing
     */
    public function __construct(
        public string $id,
        public string $kind,
        public string $part,
        public array $left,
        public array $right,
        public bool $back = false,
        public int $flow = 1,
        public string $tie = '',
    ) {
    }

    /** @return list<int> */
    public function nets(): array
    {
        return array_map(fn (array $p): int => $p[1], [...$this->left, ...$this->right]);
    }
}
