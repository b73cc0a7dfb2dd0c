<?php

declare(strict_types=1);

namespace BenchGlow\Check\Work;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\ReadsWork;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\Unmark;
use BenchGlow\Quantity\Words;

/** Marks of an earlier wiring: what they were about is gone from the build. */
final class StepOrphanedRule implements ReadsWork, Rule
{
    public function id(): string
    {
        return 'build.step_orphaned';
    }

    public function check(Analysis $analysis): array
    {
        $gone = WorkSeen::of($analysis)->done->orphaned();

        return $gone === []
            ? []
            : [
                new Finding(
                    $this->id(),
                    Severity::Note,
                    null,
                    'build',
                    Words::count(count($gone), 'mark').
                        (count($gone) === 1 ? ' is' : ' are').
                        ' of an earlier wiring: what was made is kept as left in place.',
                    'It was taken out',
                    new Unmark($gone, 'what is no longer in the build'),
                ),
            ];
    }
}
