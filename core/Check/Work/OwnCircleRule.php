<?php

declare(strict_types=1);

namespace BenchGlow\Check\Work;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\ReadsWork;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;

/** An order of the builder's own goes round since the build has changed; it is left out of the plan. */
final class OwnCircleRule implements ReadsWork, Rule
{
    public function id(): string
    {
        return 'build.own_circle';
    }

    public function check(Analysis $analysis): array
    {
        $work = $analysis->build->document->fields()->object('work');
        if ($work->objects('first') === [] && $work->objects('own_steps') === []) {
            return [];
        }
        $circle = WorkSeen::of($analysis)->network()->circle;

        return $circle === []
            ? []
            : [
                new Finding(
                    $this->id(),
                    Severity::Warning,
                    null,
                    'build',
                    'Your own order goes round: '.
                        implode(', then ', array_map(lcfirst(...), $circle)).
                        '. It is left out.',
                ),
            ];
    }
}
