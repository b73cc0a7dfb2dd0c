<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Verb;

use BenchGlow\Quantity\Words;
use BenchGlow\Steps\Job;
use BenchGlow\Steps\Verb;

/** A piece of harness is laid along its way. */
final class Run implements Verb
{
    public function key(): string
    {
        return 'run';
    }

    public function steps(Job $job): array
    {
        $steps = [];
        foreach ($job->assemblies->all as $key => $one) {
            $long = $one->longestM();
            $usual = 2.0;
            foreach ($one->stretches as $id) {
                $stretch = $job->list->loom->stretches[$id];
                $usual +=
                    $stretch->route->minutes ??
                    self::minutes(
                        $job->choices->routes === 'reachable' && self::isHidden($stretch->route->pull)
                            ? 'open'
                            : $stretch->route->pull,
                        $stretch->lengthM,
                    );
            }
            $usual += $one->stretches === [] ? 1.5 * $long : 0.0;
            $ends = [];
            foreach ($one->pieces as $piece) {
                foreach ($piece->ends() as [, , $pin]) {
                    $ends[] = explode('.', (string) $pin)[0];
                }
            }
            $steps[] = $job->step(
                $this->key(),
                (string) $key,
                'Lay '.
                    Words::within($one->pieces[0]->lead->label).
                    (count($one->pieces) > 1 ? ' and what is joined to it' : ''),
                $usual,
                $one->circuit,
                $one->about(),
                $job->site([...$one->stretches, ...array_values(array_unique(array_filter($ends)))]),
                [
                    'number' => $long > 0.0 ? number_format($long, 2, '.', '').' m' : null,
                    'numberOf' => $one->stretches === []
                            ? 'in the open, no way said'
                            : 'along '.
                                (count($one->stretches) === 1 ? 'one stretch' : count($one->stretches).' stretches'),
                    'hands' => $one->longestM() > 1.0 && $one->stretches !== [] ? 2 : 1,
                ],
            );
        }

        return $steps;
    }

    /** Whether a stretch can't be reached once it is closed. */
    public static function isHidden(string $pull): bool
    {
        return in_array($pull, ['section', 'behind_panel', 'under_cover'], true);
    }

    private static function minutes(string $pull, float $long): float
    {
        return match ($pull) {
            'host_loom' => 3.0 * $long,
            'conduit' => 6.0 * $long,
            'behind_panel' => 6.0,
            'under_cover' => 5.0 * $long,
            'section' => 30.0,
            'hinge' => 8.0,
            default => 1.5 * $long,
        };
    }
}
