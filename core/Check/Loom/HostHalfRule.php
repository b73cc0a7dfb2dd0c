<?php

declare(strict_types=1);

namespace BenchGlow\Check\Loom;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Quantity\Words;

/** A joint that serves only what leaves, but stays behind (layout-harness.md 10). */
final class HostHalfRule implements Rule
{
    public function id(): string
    {
        return 'plug.host_half';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        $list = LoomSeen::of($analysis);
        foreach ($list->joints->all as $id => $joint) {
            $own = $analysis->build->places[(string) $joint->place]->carrier ?? null;
            $beyond = [];
            foreach ($joint->wires as [$lead, $core]) {
                foreach ($analysis->build->leads[$lead]->cores[$core - 1] as $pin) {
                    if ($pin !== null && $pin !== $id) {
                        $beyond[] = $analysis->build->places[(string) $list->loom->places->of($pin)]->carrier ?? null;
                    }
                }
            }
            $on = array_unique(array_filter($beyond));
            // One wire comes from the rest of the build; all others go to the same thing that leaves.
            if (
                $own === null &&
                count($on) === 1 &&
                count(array_filter($beyond)) > 1 &&
                count($beyond) - count(array_filter($beyond)) <= 1
            ) {
                $carrier = $analysis->build->carriers[array_values($on)[0]];
                $findings[] = new Finding(
                    $this->id(),
                    Severity::Note,
                    $analysis->build->devices[$id]->circuit(),
                    (string) $id,
                    Words::first($analysis->build->label((string) $id)).
                        ' serves only '.
                        Words::within($carrier->label).
                        ' and stays behind: on the half that leaves, one plug way does for all its wires.',
                );
            }
        }

        return $findings;
    }
}
