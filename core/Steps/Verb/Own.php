<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Verb;

use BenchGlow\Steps\Job;
use BenchGlow\Steps\Site;
use BenchGlow\Steps\Verb;

/** What the builder added. */
final class Own implements Verb
{
    public function key(): string
    {
        return 'own';
    }

    public function steps(Job $job): array
    {
        $steps = [];
        foreach ($job->build->document->fields()->object('work')->objects('own_steps') as $own) {
            $steps[] = $job->step(
                $this->key(),
                $own->text('id'),
                $own->text('text'),
                $own->number('minutes', 5.0),
                null,
                [$own->text('id')],
                new Site($own->text('place', 'the host'), 'open', []),
                [
                    'power' => $own->text('power', 'any'),
                    'hands' => $own->flag('helper') ? 2 : 1,
                    'dark' => $own->flag('dark'),
                    'cureS' => $own->number('wait_s'),
                ],
            );
        }

        return $steps;
    }
}
