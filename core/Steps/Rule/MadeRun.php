<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Rule;

use BenchGlow\Steps\Assembly;
use BenchGlow\Steps\Before;
use BenchGlow\Steps\Step;
use BenchGlow\Steps\StepList;
use BenchGlow\Steps\Thread;

final class MadeRun implements Before
{
    public function id(): string
    {
        return 'made.run';
    }

    public function because(): string
    {
        return 'it is made on the bench and laid whole';
    }

    public function pairs(StepList $steps): iterable
    {
        $onBench = $steps->job->choices->onBench();
        foreach ($steps->job->assemblies->all as $key => $one) {
            $run = $steps->get("run:{$key}");
            $loom = $steps->get("loom:{$key}");
            if ($run === null) {
                continue;
            }
            foreach ($this->made($steps, $one) as $first) {
                yield [$first, $loom ?? $run];
            }
            if ($loom !== null) {
                yield [$loom, $run];
            }
            foreach ($one->lights as $light) {
                // Made up on the bench, a lamp goes on with its harness; set first, its wires come to it.
                foreach ($steps->about($light, 'stick', 'fix') as $fix) {
                    yield $onBench ? [$loom ?? $run, $fix] : [$fix, $run];
                }
            }
        }
    }

    /** @return list<Step> what is done to an assembly on the bench */
    private function made(StepList $steps, Assembly $one): array
    {
        $all = [];
        foreach ($one->pieces as $piece) {
            foreach ($steps->about($piece->lead->id, 'cut', 'flag', 'holder', 'pull', 'land') as $step) {
                $ours = $step->verb !== 'cut' || $step->subject === $piece->key;
                if ($ours && $step->reach === 'bench') {
                    $all[$step->key] = $step;
                }
            }
        }
        foreach ($one->joints as $joint) {
            foreach ($steps->about($joint, 'join', 'pull', 'seal') as $step) {
                if ($step->reach === 'bench' && $step->subject === $joint) {
                    $all[$step->key] = $step;
                }
            }
        }
        foreach ($one->plugs() as $plug) {
            $made = $steps->get("plug:{$plug}");
            if ($made !== null && ! Thread::isThreaded($steps->job, $one, $plug)) {
                $all[$made->key] = $made;
            }
        }

        return array_values($all);
    }
}
