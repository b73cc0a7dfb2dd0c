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
use BenchGlow\Probe\Reading;
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
        $findings = [];
        foreach ($analysis->build->devices as $id => $device) {
            // One that is known to sit the wrong way round is `tap.live_leg`.
            if (! ($device instanceof FuseTapDevice) || $device->side() !== null || ! self::isRead($analysis, $device)) {
                continue;
            }
            $findings[] = new Finding(
                $this->id(),
                Severity::Note,
                $device->circuit(),
                $id,
                'The live slot of '.
                    Words::within($analysis->build->label($device->way())).
                    ' has been read. Put the common leg of the tap into it, so that the host\'s fuse carries its own load only.',
                'The common leg is in the live slot',
                new SetField($id, 'live_leg', 'common'),
            );
        }

        return $findings;
    }

    /** Whether the live slot of its way was read, at the wires or while it was proven. */
    public static function isRead(Analysis $analysis, FuseTapDevice $device): bool
    {
        $pin = "{$device->way()}.line";
        $fields = $analysis->build->document->fields();
        foreach ($fields->object('probe')->objects('readings') as $reading) {
            $taken = Reading::of($reading);
            if ($taken->pin === $pin && $taken->isVolts() && ! $taken->setAside) {
                return true;
            }
        }
        foreach ($fields->objects('log') as $entry) {
            if ($entry->isA('measured') && ($entry->texts('about')[0] ?? '') === $pin && $entry->text('unit') === 'V') {
                return true;
            }
        }

        return false;
    }
}
