<?php

declare(strict_types=1);

namespace BenchGlow\Steps;

use BenchGlow\Loom\Joint;

/** Where a joint is made: on the bench with its assembly, else where it lies. */
final class JointSite
{
    public static function of(Job $job, Joint $joint): Site
    {
        $device = $job->joint($joint->id);
        $onBench = $device !== null && EndStyle::holdsTogether($device) && $job->choices->joints === 'bench';
        foreach ($joint->wires as [$lead, $core]) {
            foreach ($job->build->leads[$lead]->cores[$core - 1] as $pin) {
                // A joint on a wire of the host is made where that wire is.
                $onBench = $onBench && ! isset($job->build->wires[explode('.', (string) $pin)[0]]);
            }
        }

        return $onBench ? Site::bench() : $job->site([$joint->id, ...array_column($joint->wires, 0)]);
    }

    public static function circuit(Job $job, Joint $joint): ?string
    {
        return $job->circuitOf(...array_column($joint->wires, 0));
    }
}
