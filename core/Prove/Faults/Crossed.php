<?php

declare(strict_types=1);

namespace BenchGlow\Prove\Faults;

use BenchGlow\Build\Lead;
use BenchGlow\Harness\Wire;
use BenchGlow\Prove\Fault;
use BenchGlow\Prove\FaultKind;
use BenchGlow\Prove\Overlay;
use BenchGlow\Prove\Works;

/** Two cores of a lead on each other's pins, at one end. */
final class Crossed implements FaultKind
{
    private const WEIGHT = 3.0;

    public function key(): string
    {
        return 'crossed';
    }

    public function faults(Works $works): array
    {
        $faults = [];
        foreach ($works->leads as $lead) {
            for ($core = 2; $core <= count($lead->cores); $core++) {
                $one = $works->cores["{$lead->id}.".($core - 1)] ?? [];
                $other = $works->cores["{$lead->id}.{$core}"] ?? [];
                foreach ($one === [] || $other === [] ? [] : [0, 1] as $end) {
                    [$a, $pinA] = self::at($lead, $core - 1, $one, $end);
                    [$b, $pinB] = self::at($lead, $core, $other, $end);
                    if ($pinA === $pinB || str_contains($pinA.$pinB, '.spare_')) {
                        continue;
                    }
                    $faults[] = new Fault(
                        "crossed:{$lead->id}.".($core - 1)."-{$core}.".['from', 'to'][$end],
                        'crossed',
                        [$pinA, $pinB],
                        'Two wires of '.$works->wire($lead, $core).' have traded places at '.$works->pin($pinA),
                        self::WEIGHT,
                        new Overlay(moved: [[$a->id, $pinA, $pinB], [$b->id, $pinB, $pinA]]),
                    );
                }
            }
        }

        return $faults;
    }

    /**
     * Where a core ends at one end of the lead: it may be written from the far end to the near one.
     *
     * @param  list<Wire>  $wires
     * @return array{Wire, string}
     */
    private static function at(Lead $lead, int $core, array $wires, int $end): array
    {
        $last = $wires[count($wires) - 1];

        return $lead->endOf($core, 0) === $end ? [$wires[0], $wires[0]->from] : [$last, $last->to];
    }
}
