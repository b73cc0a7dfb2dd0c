<?php

declare(strict_types=1);

namespace BenchGlow\Check\Work;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\ReadsWork;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\GuardHole;
use BenchGlow\Quantity\Words;

/** A wire was laid through a hole whose edge is bare. */
final class EdgeBareRule implements ReadsWork, Rule
{
    public function id(): string
    {
        return 'build.edge_bare';
    }

    public function check(Analysis $analysis): array
    {
        $seen = WorkSeen::of($analysis);
        $findings = [];
        foreach ($analysis->build->holes as $hole) {
            if ($hole->edge !== 'bare' || ! $this->isThrough($seen, $hole->for)) {
                continue;
            }
            $findings[] = new Finding(
                $this->id(),
                Severity::Warning,
                null,
                $hole->id,
                'A wire lies through '.Words::within($hole->in).' already, and the edge of its hole is bare.',
                'A grommet in it',
                new GuardHole($hole->id),
            );
        }

        return $findings;
    }

    private function isThrough(WorkSeen $seen, string $for): bool
    {
        foreach ($seen->steps->job->assemblies->all as $key => $one) {
            $goes = in_array($for, $one->stretches, true) || in_array($for, $one->about(), true);
            if ($goes && $seen->isDone("run:{$key}")) {
                return true;
            }
        }

        return false;
    }
}
