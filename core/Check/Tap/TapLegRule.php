<?php

declare(strict_types=1);

namespace BenchGlow\Check\Tap;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Device\FuseTapDevice;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Probe\WayLegRule;
use BenchGlow\Check\ReadsBenchFacts;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\SetField;
use BenchGlow\Quantity\Shown;

/** A fuse tap that sits, or may sit, so that the donor's own fuse carries both loads (electrics.md 6). */
final class TapLegRule implements ReadsBenchFacts, Rule
{
    public function id(): string
    {
        return 'tap.live_leg';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->build->devices as $id => $device) {
            if (
                ! ($device instanceof FuseTapDevice) ||
                $device->liveLeg() === 'common' ||
                // Its slots were read: `probe.way_leg` says which leg goes where.
                ($device->side() === null && WayLegRule::isRead($analysis, $device))
            ) {
                continue;
            }
            $leg = $device->liveLeg();
            $way = $analysis->build->label($device->way());
            $edit = new SetField($id, 'live_leg', 'common');
            $findings[] =
                $leg === 'other'
                    ? new Finding(
                        $this->id(),
                        Severity::Warning,
                        null,
                        $id,
                        "The tap in {$way} sits the wrong way round: the fuse of {$way} carries both loads. Turn it, so that its common leg is on the live side.",
                        'Turned round',
                        $edit,
                    )
                    : new Finding(
                        $this->id(),
                        Severity::Warning,
                        null,
                        $id,
                        "Which leg of the tap in {$way} is live isn't known. Its fuse carries ".
                            Shown::plain($analysis->unprobed[$id]['line'], 2).
                            ' A if the common leg is, '.
                            Shown::plain($analysis->unprobed[$id]['load'], 2).
                            ' A if the other is; the figures shown are those of the worse. Probe both slots with the fuse out.',
                        'Probed: the common leg is live',
                        $edit,
                    );
        }

        return $findings;
    }
}
