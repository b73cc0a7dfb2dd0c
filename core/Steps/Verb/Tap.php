<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Verb;

use BenchGlow\Build\Device\Device;
use BenchGlow\Build\Device\FuseTapDevice;
use BenchGlow\Build\HostWay;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;
use BenchGlow\Steps\Job;
use BenchGlow\Steps\Verb;

/** A wire or fuse way of the host is tapped. */
final class Tap implements Verb
{
    public function key(): string
    {
        return 'tap';
    }

    public function steps(Job $job): array
    {
        $steps = [];
        foreach ([...$job->build->wires, ...$job->build->ways] as $id => $thing) {
            $leads = $job->on((string) $id);
            $taps = array_filter(
                $job->build->devices,
                fn (Device $d): bool => $d instanceof FuseTapDevice && $d->way() === (string) $id,
            );
            if (($leads === [] && $taps === []) || ($thing instanceof HostWay && $taps === [])) {
                continue;
            }
            $tapped = array_map(strval(...), array_keys($taps));
            foreach ($tapped as $tap) {
                array_push($leads, ...$job->on($tap));
            }
            $fused = $thing->fuseA !== null;
            $steps[] = $job->step(
                $this->key(),
                (string) $id,
                ($taps === [] ? 'Tap ' : 'Put the fuse tap into ').Words::within($thing->label),
                4.0,
                $job->circuitOf(...$leads),
                [(string) $id, ...$tapped, ...$leads],
                $job->site([(string) $id]),
                [
                    'power' => $fused ? 'fuse_out' : 'dead',
                    'number' => $fused ? Shown::plain((float) $thing->fuseA, 1).' A' : null,
                    'numberOf' => $fused ? 'is its fuse: out before' : 'battery off before',
                    'cautions' => ['Prove it dead between this wire and ground before the tap closes.'],
                ],
            );
        }

        return $steps;
    }
}
