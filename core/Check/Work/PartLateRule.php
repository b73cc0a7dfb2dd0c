<?php

declare(strict_types=1);

namespace BenchGlow\Check\Work;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Moment;
use BenchGlow\Check\ReadsMoment;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\Arrive;
use BenchGlow\Quantity\Words;
use BenchGlow\Steps\Arrivals;
use BenchGlow\Steps\Calendar;

/** A part was due by now and is not here. */
final class PartLateRule implements ReadsMoment, Rule
{
    private const DAY_S = 86_400;

    public function id(): string
    {
        return 'build.part_late';
    }

    public function check(Analysis $analysis): array
    {
        return $this->seen(Moment::ofDocument($analysis));
    }

    public function seen(Moment $moment): array
    {
        if ($moment->at === null) {
            return [];
        }
        $now = Calendar::local($moment->at);
        $findings = [];
        foreach (Arrivals::promised($moment->analysis->build) as $part => $on) {
            $late = $now - Calendar::local($on);
            if ($late <= 0) {
                continue;
            }
            $days = intdiv($late, self::DAY_S);
            $findings[] = new Finding(
                $this->id(),
                Severity::Warning,
                null,
                (string) $part,
                Words::first($moment->analysis->build->label((string) $part)).
                    ' was due on '.
                    substr($on, 0, 10).
                    ($days === 0 ? '' : ', '.Words::count($days, 'day').' ago').
                    ', and is not here: what needs it waits.',
                'It is here',
                new Arrive((string) $part, substr($moment->at, 0, 10)),
            );
        }

        return $findings;
    }
}
