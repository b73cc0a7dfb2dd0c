<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Rule;

use BenchGlow\Steps\Before;
use BenchGlow\Steps\StepList;

final class Own implements Before
{
    public function id(): string
    {
        return 'own';
    }

    public function because(): string
    {
        return 'you said so';
    }

    public function pairs(StepList $steps): iterable
    {
        $work = $steps->job->build->document->fields()->object('work');
        foreach ($work->objects('own_steps') as $own) {
            $step = $steps->get('own:'.$own->text('id'));
            $after = $steps->get($own->text('after'));
            $before = $steps->get($own->text('before'));
            if ($step !== null && $after !== null) {
                yield [$after, $step];
            }
            if ($step !== null && $before !== null) {
                yield [$step, $before, $step->cureS];
            }
        }
        foreach ($work->objects('first') as $pair) {
            [$first, $then] = [$steps->get($pair->text('first')), $steps->get($pair->text('then'))];
            if ($first !== null && $then !== null) {
                yield [$first, $then];
            }
        }
    }
}
