<?php

declare(strict_types=1);

namespace BenchGlow\Check\Work;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\ReadsWork;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;
use BenchGlow\Steps\Thread;

/** A plug does not go through the hole on its way: its end is made after the wire is laid (build-handover.md 4). */
final class EndTooBigRule implements ReadsWork, Rule
{
    public function id(): string
    {
        return 'build.end_too_big';
    }

    public function check(Analysis $analysis): array
    {
        $job = WorkSeen::of($analysis)->steps->job;
        $findings = [];
        foreach ($job->assemblies->all as $one) {
            foreach ($one->plugs() as $plug) {
                if (! Thread::isThreaded($job, $one, $plug) || isset($findings[$plug])) {
                    continue;
                }
                $findings[$plug] = new Finding(
                    $this->id(),
                    Severity::Note,
                    $one->circuit,
                    $plug,
                    Words::first($analysis->build->label($plug)).
                        ', '.
                        Shown::plain(Thread::plugMm($job, $plug), 0).
                        ' mm wide, does not go through a hole of '.
                        Shown::plain((float) Thread::narrowest($job, $one), 0).
                        ' mm: it is made after the wire is laid.',
                );
            }
        }

        return array_values($findings);
    }
}
