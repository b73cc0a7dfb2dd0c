<?php

declare(strict_types=1);

namespace BenchGlow\Harness;

/** Which switches, relays, controllers and host wires a light hangs together with, whatever their position. */
final class Connected
{
    private const DEVICES = ['switch', 'relay', 'controller', 'fuse_tap', 'way', 'host_wire'];

    /** @var array<string, string> */
    private array $root = [];

    /** @var array<string, Thing> first device by group */
    private array $first = [];

    public function __construct(private readonly Harness $harness)
    {
        foreach ($harness->wires as $wire) {
            $this->join($wire->from, $wire->to);
        }
        foreach ($harness->things as $thing) {
            foreach (array_slice($thing->kind === 'supply' ? [] : $thing->pins, 1) as $pin) {
                $this->join($thing->pins[0], $pin);
            }
        }
        foreach ($harness->things as $thing) {
            foreach (in_array($thing->kind, self::DEVICES, true) ? $thing->pins : [] as $pin) {
                $this->first[$this->find($pin)] ??= $thing;
            }
        }
    }

    public function device(string $light): ?Thing
    {
        foreach ($this->harness->wiredPins($light) as $pin) {
            if (isset($this->first[$this->find($pin)])) {
                return $this->first[$this->find($pin)];
            }
        }

        return null;
    }

    private function find(string $pin): string
    {
        while (($this->root[$pin] ??= $pin) !== $pin) {
            $pin = $this->root[$pin];
        }

        return $pin;
    }

    private function join(string $a, string $b): void
    {
        $this->root[$this->find($a)] = $this->find($b);
    }
}
