<?php

declare(strict_types=1);

namespace BenchGlow\Prove\Faults;

use BenchGlow\Prove\Fault;
use BenchGlow\Prove\FaultKind;
use BenchGlow\Prove\Overlay;
use BenchGlow\Prove\Works;

/** Cores of one lead that touch, or a wire pinched to the return. */
final class Shorted implements FaultKind
{
    private const NEIGHBOURS = 3.0;

    private const PINCHED = 9.0;

    /** What a wire is hurt by on its way. */
    private const HURTS = ['sharp', 'pinch', 'moving'];

    public function key(): string
    {
        return 'short';
    }

    public function faults(Works $works): array
    {
        $faults = [];
        foreach ($works->leads as $lead) {
            for ($core = 2; $core <= count($lead->cores); $core++) {
                [$a, $b] = [
                    $works->cores["{$lead->id}.".($core - 1)] ?? [],
                    $works->cores["{$lead->id}.{$core}"] ?? [],
                ];
                if ($a === [] || $b === []) {
                    continue;
                }
                $faults[] = new Fault(
                    "short:{$lead->id}.".($core - 1).'-'.$core,
                    'short',
                    [$lead->id],
                    'Two wires of '.$works->wire($lead, $core).' touch',
                    self::NEIGHBOURS,
                    new Overlay(bridged: [[$a[count($a) - 1]->to, $b[count($b) - 1]->to]]),
                );
            }
            $hurt = false;
            foreach ($lead->route as $stretch) {
                $hazards = $works->build->routes[$stretch]->hazards ?? [];
                $hurt = $hurt || array_intersect(self::HURTS, $hazards) !== [];
            }
            $minus = ($works->build->mainSupply()->id ?? '').'.minus';
            foreach ($hurt ? array_keys($lead->cores) : [] as $c) {
                $wires = $works->cores["{$lead->id}.".($c + 1)] ?? [];
                if ($wires !== []) {
                    $faults[] = new Fault(
                        "short:{$lead->id}.".($c + 1).'-ground',
                        'short',
                        [$lead->id],
                        $works->wire($lead, $c + 1).' is pinched to the return',
                        self::PINCHED,
                        new Overlay(bridged: [[$wires[count($wires) - 1]->from, $minus]]),
                    );
                }
            }
        }

        return $faults;
    }
}
