<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Rule;

use BenchGlow\Steps\Before;
use BenchGlow\Steps\StepList;

final class BootPlug implements Before
{
    public function id(): string
    {
        return 'boot.plug';
    }

    public function because(): string
    {
        return 'boot and seal can\'t go on afterwards';
    }

    public function pairs(StepList $steps): iterable
    {
        foreach ($steps->of('plug') as $plug) {
            foreach ($steps->job->through($plug->subject) as $lead) {
                foreach ($steps->about($lead, 'cut', 'sleeve', 'holder') as $first) {
                    yield [$first, $plug];
                }
            }
            $couple = $steps->get("couple:{$plug->subject}");
            if ($couple !== null) {
                yield [$plug, $couple];
            }
        }
    }
}
