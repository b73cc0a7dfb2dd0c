<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Verb;

use BenchGlow\Quantity\Words;
use BenchGlow\Steps\Job;
use BenchGlow\Steps\JointSite;
use BenchGlow\Steps\Verb;

/** The tube is shrunk, the joint potted or boxed. */
final class Seal implements Verb
{
    public function key(): string
    {
        return 'seal';
    }

    public function steps(Job $job): array
    {
        $steps = [];
        foreach ($job->list->joints->all as $id => $joint) {
            if ($joint->tube() === null && ! $joint->isSealed()) {
                continue;
            }
            $steps[] = $job->step(
                $this->key(),
                (string) $id,
                ($joint->tube() === null ? 'Seal ' : 'Shrink the tube over ').
                    Words::within($job->build->label((string) $id)),
                1.2,
                JointSite::circuit($job, $joint),
                [(string) $id],
                JointSite::of($job, $joint),
                ['tool' => $joint->tube() === null ? '' : 'heat gun', 'gear' => ['gloves']],
            );
        }

        return $steps;
    }
}
