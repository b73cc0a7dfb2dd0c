<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Verb;

use BenchGlow\Loom\Ends;
use BenchGlow\Quantity\Shown;
use BenchGlow\Steps\EndStyle;
use BenchGlow\Steps\Job;
use BenchGlow\Steps\Verb;

/** A crimped end is put on and pulled by a hand scale before it is hidden. */
final class PullEnd implements Verb
{
    public function key(): string
    {
        return 'pull';
    }

    public function steps(Job $job): array
    {
        $steps = [];
        foreach ($job->assemblies->pieces as $piece) {
            foreach ($piece->ends() as [$core, $end, $pin]) {
                $style = EndStyle::of($job->build, $piece->lead, $core, $end);
                $newtons = Ends::pullN($style, $job->list->areaMm2($piece->lead));
                if ($pin === null || $newtons === null || $style === 'idc_tap' || $job->joint($pin) !== null) {
                    continue;
                }
                $words =
                    Ends::terminal(
                        $job->build,
                        $piece->lead,
                        $piece->lead->endOf($core, $end),
                        $job->list->areaMm2($piece->lead),
                    ) ?:
                    $style;
                $what = str_starts_with($words, 'crimp') ? 'a connector'.substr($words, 5) : "a {$words}";
                $steps[] = $job->step(
                    $this->key(),
                    "{$piece->lead->id}.{$core}.".['from', 'to'][$end],
                    "Crimp {$what} on {$job->wire($piece->lead, $core)}, and pull it",
                    1.7,
                    $piece->lead->circuit,
                    [$piece->lead->id],
                    more: [
                        'number' => "{$newtons} N",
                        'numberOf' => Shown::plain($newtons / 9.81, 1).' kg on a hand scale',
                        'tool' => 'crimping jaw',
                    ],
                );
            }
        }

        return $steps;
    }
}
