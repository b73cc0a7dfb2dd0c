<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Rule;

use BenchGlow\Steps\Assembly;
use BenchGlow\Steps\Before;
use BenchGlow\Steps\StepList;

final class RunLand implements Before
{
    public function id(): string
    {
        return 'run.land';
    }

    public function because(): string
    {
        return 'it has to lie there before it is landed';
    }

    public function pairs(StepList $steps): iterable
    {
        foreach ($steps->job->assemblies->all as $key => $one) {
            $run = $steps->get("run:{$key}");
            if ($run === null) {
                continue;
            }
            foreach ($this->after($steps, $one) as $after) {
                yield [$run, $after];
            }
        }
        foreach ($steps->of('land') as $land) {
            // A screw is turned on what is held already.
            foreach ($land->reach === 'bench' ? [] : $steps->about($land->about[1], 'fix', 'stick') as $fixed) {
                yield [$fixed, $land];
            }
        }
    }

    /** @return iterable<\BenchGlow\Steps\Step> what is done to an assembly where it lies */
    private function after(StepList $steps, Assembly $one): iterable
    {
        foreach ([...$steps->farLandings($one), ...$steps->sourceLandings($one)] as $land) {
            if ($land->reach !== 'bench') {
                yield $land;
            }
        }
        foreach ($one->plugs() as $plug) {
            yield from $steps->about($plug, 'couple');
        }
        foreach ($one->joints as $joint) {
            $join = $steps->get("join:{$joint}");
            if ($join !== null && $join->reach !== 'bench') {
                yield $join;
            }
        }
        foreach ($one->lights as $light) {
            yield from $steps->about($light, 'relief');
        }
    }
}
