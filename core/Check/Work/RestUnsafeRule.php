<?php

declare(strict_types=1);

namespace BenchGlow\Check\Work;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Lead;
use BenchGlow\Check\Finding;
use BenchGlow\Check\ReadsWork;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\Mark;

/** It must not be left so: a source is landed, its other end hangs open, and the power is on. */
final class RestUnsafeRule implements ReadsWork, Rule
{
    public function id(): string
    {
        return 'build.rest_unsafe';
    }

    public function check(Analysis $analysis): array
    {
        $seen = WorkSeen::of($analysis);
        $supply = $analysis->build->mainSupply();
        if (! $seen->isBegun() || $supply === null || $seen->done->power() !== 'live') {
            return [];
        }
        foreach ($seen->steps->job->assemblies->all as $one) {
            $open = $seen->steps->hanging($one, $seen->isDone(...));
            if ($open !== []) {
                $lead = $analysis->build->leads[$one->pieces[0]->lead->id];
                $marks = $seen->done->inOrder();
                $last = $seen->done->on($marks[count($marks) - 1]);

                return [$this->finding($supply->id, $supply->label, $lead, count($open), $last)];
            }
        }

        return [];
    }

    private function finding(string $supply, string $label, Lead $lead, int $open, string $on): Finding
    {
        return new Finding(
            $this->id(),
            Severity::Danger,
            $lead->circuit,
            $lead->id,
            "{$lead->label} has its source and ".
                ($open === 1 ? 'an end' : "{$open} ends").
                ' open, and the power is on. Take the power off, and tape each end by itself.',
            "{$label} is off now",
            new Mark(["dead:{$supply}"], $on, "{$label} off"),
        );
    }
}
