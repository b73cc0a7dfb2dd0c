<?php

declare(strict_types=1);

namespace BenchGlow\Scene;

use BenchGlow\Build\Build;
use BenchGlow\Build\Light;
use BenchGlow\Harness\Bodies;
use BenchGlow\Harness\Harness;

/**
 * Contacts in series with nothing between but wire: the chain is closed only when all are, so one open contact makes the others
 * of its chain matter to nothing (solving.md G2). Patterns that differ only there are one solve.
 */
final class Chains
{
    /** @var array<string, string> element => representative */
    private array $root = [];

    /** @var array<string, list<string>> chain => contacts, only where there are two or more */
    private array $contacts = [];

    public function __construct(Build $build, Harness $harness, Bodies $bodies)
    {
        $at = self::wired($build, $harness);
        foreach ($bodies->contacts as $id => $contact) {
            $at[$contact->from][] = $at[$contact->to][] = $id;
        }
        $ends = [...array_map(fn (array $f): array => [$f[0], $f[1]], array_values($bodies->fixed)), ...$bodies->joins];
        foreach (array_merge([], ...$ends) as $pin) {
            $at[$pin] = [...$at[$pin] ?? [], 'end', 'end'];
        }
        foreach ($at as $elements) {
            if (count($elements) === 2) {
                $this->root[$this->find($elements[0])] = $this->find($elements[1]);
            }
        }
        foreach (array_keys($bodies->contacts) as $id) {
            $this->contacts[$this->find($id)][] = $id;
        }
        $this->contacts = array_filter($this->contacts, fn (array $c): bool => count($c) > 1);
    }

    /** @return array<string, list<string>> pin => what meets there of wires, things and lights */
    private static function wired(Build $build, Harness $harness): array
    {
        $at = [];
        foreach ($harness->wires as $wire) {
            $at[$wire->from][] = $at[$wire->to][] = $wire->id;
        }
        foreach ($harness->things as $thing) {
            $inline = $thing->lead !== '' && in_array($thing->kind, ['fuse', 'resistor', 'plug_way'], true);
            foreach ($thing->pins as $pin) {
                // Anything but a joint, a device's pin or a thing in line ends a chain at its pin.
                if ($inline) {
                    $at[$pin][] = $thing->id;
                } elseif (! in_array($thing->kind, ['joint', 'switch', 'relay', 'controller'], true)) {
                    $at[$pin] = [...$at[$pin] ?? [], 'end', 'end'];
                }
            }
        }
        $pins = array_map(fn (Light $l): array => $harness->wiredPins($l->id), array_values($build->lights));
        foreach (array_merge([], ...$pins) as $pin) {
            $at[$pin] = [...$at[$pin] ?? [], 'end', 'end'];
        }

        return $at;
    }

    private function find(string $element): string
    {
        while (($this->root[$element] ??= $element) !== $element) {
            $element = $this->root[$element];
        }

        return $element;
    }

    /**
     * The pattern with every half-open chain opened whole.
     *
     * @param  array<string, true>  $closed
     * @return array<string, true>
     */
    public function canonical(array $closed): array
    {
        foreach ($this->contacts as $chain) {
            $open = array_filter($chain, fn (string $c): bool => ! isset($closed[$c]));
            if ($open !== []) {
                $closed = array_diff_key($closed, array_flip($chain));
            }
        }

        return $closed;
    }
}
