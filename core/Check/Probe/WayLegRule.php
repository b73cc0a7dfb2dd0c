<?php

declare(strict_types=1);

namespace BenchGlow\Check\Probe;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Device\FuseTapDevice;
use BenchGlow\Check\Finding;
use BenchGlow\Check\ReadsBenchFacts;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\SetField;
use BenchGlow\Quantity\Words;

/** The live slot of a way is known by now, and its tap's leg is not said to sit in it. */
final class WayLegRule implements ReadsBenchFacts, Rule
{
    public function id(): string
    {
        return 'probe.way_leg';
    }

    public function check(Analysis $analysis): array
    {
        $read = [];
        $probe = $analysis->build->document->fields()->object('probe');
        foreach ($probe->objects('readings') as $reading) {
            $read[$reading->text('pin')] = ! $reading->flag('set_aside') && $reading->text('kind', 'volts') === 'volts';
        }
        $findings = [];
        foreach ($analysis->build->devices as $id => $device) {
            if (! $device instanceof FuseTapDevice || $device->liveLeg() === 'common' || ! ($read["{$device->way()}.line"] ?? false)) {
                continue;
            }
            $findings[] = new Finding(
                $this->id(),
                Severity::Note,
                $device->circuit(),
                $id,
                'The live slot of '.Words::within($analysis->build->label($device->way())).
                    ' has been read. Put the common leg of the tap into it, so that the host\'s fuse carries its own load only.',
                'The common leg is in the live slot',
                new SetField($id, 'live_leg', 'common'),
            );
        }

        return $findings;
    }
}
