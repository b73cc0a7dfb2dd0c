<?php

declare(strict_types=1);

namespace BenchGlow\Check\Work;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\ReadsWork;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Steps\Calendar;

/** None of the hours is dark, and the light has to be looked at in the dark. */
final class NoDarkHourRule implements ReadsWork, Rule
{
    public function id(): string
    {
        return 'build.no_dark_hour';
    }

    public function check(Analysis $analysis): array
    {
        $plan = $analysis->build->document->fields()->object('work')->object('plan');
        if ($plan->objects('hours') === [] || ! $plan->has('start') || ! $plan->has('dark')) {
            return [];
        }
        $calendar = new Calendar($plan);
        $seen = WorkSeen::of($analysis);

        return $calendar->hasDarkHour() || $seen->isDone('night:all') || $seen->steps->get('night:all') === null
            ? []
            : [
                new Finding(
                    $this->id(),
                    Severity::Note,
                    null,
                    'build',
                    'None of your hours is dark: the look in the dark is planned outside of them.',
                ),
            ];
    }
}
