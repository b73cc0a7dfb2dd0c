<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Verb;

use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;
use BenchGlow\Steps\Job;
use BenchGlow\Steps\JointSite;
use BenchGlow\Steps\Verb;

/** The tube goes on before the joint is made. */
final class Sleeve implements Verb
{
    public function key(): string
    {
        return 'sleeve';
    }

    public function steps(Job $job): array
    {
        $steps = [];
        foreach ($job->list->joints->all as $id => $joint) {
            $tube = $joint->tube();
            if ($tube === null) {
                continue;
            }
            $size = Shown::plain($tube['supplied_mm'], 1).'/'.Shown::plain($tube['recovered_mm'], 1);
            $steps[] = $job->step(
                $this->key(),
                (string) $id,
                'Slide the tube on at '.Words::within($job->build->label((string) $id)),
                0.3,
                JointSite::circuit($job, $joint),
                [(string) $id, ...array_column($joint->wires, 0)],
                JointSite::of($job, $joint),
                [
                    'number' => "{$tube['length_mm']} mm",
                    'numberOf' => "of tube {$size}".($tube['lined'] ? ', lined' : ''),
                    'uses' => ["tube {$size}, mm" => (float) $tube['length_mm']],
                ],
            );
        }

        return $steps;
    }
}
