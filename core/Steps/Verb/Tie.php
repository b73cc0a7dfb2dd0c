<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Verb;

use BenchGlow\Quantity\Words;
use BenchGlow\Steps\Job;
use BenchGlow\Steps\Verb;

/** What was laid is tied. */
final class Tie implements Verb
{
    public function key(): string
    {
        return 'tie';
    }

    public function steps(Job $job): array
    {
        $steps = [];
        $tied = [];
        foreach ($job->assemblies->all as $key => $one) {
            $ties = 0;
            foreach ($one->stretches as $id) {
                if (
                    isset($tied[$id]) ||
                    in_array($job->list->loom->stretches[$id]->route->fixing, ['tape', 'none'], true)
                ) {
                    continue;
                }
                $tied[$id] = true;
                $stretch = $job->list->loom->stretches[$id];
                $every = $stretch->route->spacingM ?? ($stretch->route->moves() ? 0.15 : 0.25);
                $ties += (int) ceil($stretch->lengthM / $every - 1e-9) + 1;
            }
            if ($ties > 0) {
                $steps[] = $job->step(
                    $this->key(),
                    (string) $key,
                    'Tie '.Words::within($one->pieces[0]->lead->label).' down',
                    1.2 * $ties,
                    $one->circuit,
                    $one->about(),
                    $job->site($one->stretches),
                    ['number' => (string) $ties, 'numberOf' => 'ties or clips', 'uses' => ['ties' => (float) $ties]],
                );
            }
        }

        return $steps;
    }
}
