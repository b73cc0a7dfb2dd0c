<?php

declare(strict_types=1);

namespace BenchGlow\Check\Work;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Moment;
use BenchGlow\Check\ReadsMoment;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;

/** The order of work ends after the day the job is needed by; or would, if it takes as long as it may. */
final class LateRule implements ReadsMoment, Rule
{
    public function id(): string
    {
        return 'build.late';
    }

    public function check(Analysis $analysis): array
    {
        return $this->seen(Moment::ofDocument($analysis));
    }

    public function seen(Moment $moment): array
    {
        $hours = $moment->analysis->build->document->fields()->object('work')->object('plan')->objects('hours');
        if ($moment->at === null || $hours === [] || ! self::isAsked($moment->analysis)) {
            return [];
        }
        $plan = $moment->plan();
        $by = $plan->neededBy();
        if ($by === null || $plan->acts === []) {
            return [];
        }
        [$day, $hands] = [$plan->calendar->day($by), $plan->hands()];
        $slow = $plan->calendar->end($plan->end, ($hands['high'] - $hands['likely']) * 3600);

        return match (true) {
            $plan->end > $by => [
                $this->finding(
                    Severity::Warning,
                    "The order of work ends {$plan->calendar->words($plan->end)}, and it is needed by {$day}: ".
                        'work more hours, in another way, or say that it comes later.',
                ),
            ],
            $slow > $by => [
                $this->finding(
                    Severity::Note,
                    "If all takes as long as it may, the work ends {$plan->calendar->words($slow)}; ".
                        "it is needed by {$day}.",
                ),
            ],
            default => [],
        };
    }

    private static function isAsked(Analysis $analysis): bool
    {
        foreach ($analysis->build->facts as $fact) {
            if ($fact->is('needed_by')) {
                return true;
            }
        }

        return false;
    }

    private function finding(Severity $severity, string $message): Finding
    {
        return new Finding($this->id(), $severity, null, 'build', $message);
    }
}
