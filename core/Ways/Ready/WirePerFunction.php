<?php

declare(strict_types=1);

namespace BenchGlow\Ways\Ready;

use BenchGlow\Ways\DoesNotSuit;
use BenchGlow\Ways\Plan;
use BenchGlow\Ways\Section;
use BenchGlow\Ways\Way;

final class WirePerFunction extends Way
{
    public function section(): string
    {
        return Section::WHOLE;
    }

    public function name(): string
    {
        return 'A wire per function';
    }

    public function rightWhen(): string
    {
        return 'Two colours or levels, serviceable one by one.';
    }

    public function failure(): string
    {
        return 'One wire fails: one function less.';
    }

    public function lay(Plan $p): void
    {
        $pins = $p->setting->lights[0]['functions'];
        if (count($pins) < 2 || $p->setting->lights[0]['light']->kind === 'strip') {
            throw new DoesNotSuit('its lamp has one function only.');
        }
        $kinds = [
            ['Running', 'running', []],
            ['Brake', 'brake', []],
            ['Turn left', 'turn', ['kind' => 'flashing', 'hz' => 1.5, 'duty' => 0.5]],
        ];
        foreach (array_slice($pins, 0, 3) as $n => $pin) {
            [$label, $kind, $behaviour] = $kinds[$n];
            $wires[] = $wire = $p->wire($label, $kind, 'positive', $behaviour);
            if (count($p->setting->lights) === 1) {
                $p->lead($wire, $pin, ['fuse'], $label);

                continue;
            }
            $p->device("j{$n}", 'joint');
            $p->lead($wire, "j{$n}", ['fuse'], $label);
            foreach ($p->setting->lights as $light) {
                $p->lead(
                    "j{$n}",
                    $light['functions'][$n] ?? throw new DoesNotSuit('its lamps differ in their functions.'),
                );
            }
        }
        $p->back($p->minus());
        $p->want(['any' => array_map(fn (string $w): array => $p->liveWhen($w), array_reverse($wires))], 'free');
    }
}
