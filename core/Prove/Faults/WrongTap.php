<?php

declare(strict_types=1);

namespace BenchGlow\Prove\Faults;

use BenchGlow\Loom\Loom;
use BenchGlow\Prove\Fault;
use BenchGlow\Prove\FaultKind;
use BenchGlow\Prove\Overlay;
use BenchGlow\Prove\Works;

/** A tap on another wire of the host at the same place. */
final class WrongTap implements FaultKind
{
    private const WEIGHT = 2.0;

    public function key(): string
    {
        return 'wrong_tap';
    }

    public function faults(Works $works): array
    {
        $faults = [];
        $places = Loom::of($works->build)->places;
        foreach (Ends::of($works) as $end) {
            $isHost = isset($works->build->wires[$end->pin]);
            foreach ($isHost ? array_keys($works->build->wires) : [] as $id) {
                if ($id === $end->pin || $places->of((string) $id) !== $places->of($end->pin)) {
                    continue;
                }
                $faults[] = new Fault(
                    "wrong_tap:{$end->key}@{$id}",
                    'wrong_tap',
                    [$end->pin],
                    'The tap is on '.$works->pin((string) $id).', not on '.$works->pin($end->pin),
                    self::WEIGHT,
                    new Overlay(moved: [[$end->wire, $end->pin, (string) $id]]),
                );
            }
        }

        return $faults;
    }
}
