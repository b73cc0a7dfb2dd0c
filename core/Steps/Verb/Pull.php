<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Verb;

use BenchGlow\Loom\Ends;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;
use BenchGlow\Steps\Job;
use BenchGlow\Steps\JointSite;
use BenchGlow\Steps\Verb;

/** A joint is pulled before it is hidden. */
final class Pull implements Verb
{
    public function key(): string
    {
        return 'pull';
    }

    public function steps(Job $job): array
    {
        $steps = [];
        foreach ($job->list->joints->all as $id => $joint) {
            $thin = INF;
            foreach ($joint->wires as [$lead]) {
                $thin = min($thin, $job->list->areaMm2($job->build->leads[$lead]));
            }
            if (! in_array($joint->style, ['solder', 'crimp', 'idc_tap'], true)) {
                continue;
            }
            $newtons = (int) Ends::pullN($joint->style === 'idc_tap' ? 'idc_tap' : 'crimp', $thin);
            $steps[] = $job->step(
                $this->key(),
                (string) $id,
                'Pull each wire of '.Words::within($job->build->label((string) $id)),
                0.2 * count($joint->wires),
                JointSite::circuit($job, $joint),
                [(string) $id],
                JointSite::of($job, $joint),
                ['number' => "{$newtons} N", 'numberOf' => Shown::plain($newtons / 9.81, 1).' kg on a hand scale'],
            );
        }

        return $steps;
    }
}
