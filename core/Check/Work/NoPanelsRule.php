<?php

declare(strict_types=1);

namespace BenchGlow\Check\Work;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\ReadsWork;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;

/** The work has begun on a host of which nobody said what comes off. */
final class NoPanelsRule implements ReadsWork, Rule
{
    public function id(): string
    {
        return 'build.no_panels';
    }

    public function check(Analysis $analysis): array
    {
        $build = $analysis->build;
        $hosted = $build->wires !== [] || $build->ways !== [];
        if ($build->panels !== [] || ! $hosted || ! WorkSeen::of($analysis)->isBegun()) {
            return [];
        }

        return [
            new Finding(
                $this->id(),
                Severity::Note,
                null,
                'build',
                'Nothing is said of what comes off the host: the order of work opens and closes nothing.',
            ),
        ];
    }
}
