<?php

declare(strict_types=1);

namespace BenchGlow\Check\Work;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\ReadsWork;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Quantity\Shown;
use BenchGlow\Steps\Times;

/** A step took more than three times what it takes at most: were you away? */
final class TimesUnlikelyRule implements ReadsWork, Rule
{
    private const OVER = 3.0;

    public function id(): string
    {
        return 'build.times_unlikely';
    }

    public function check(Analysis $analysis): array
    {
        $seen = WorkSeen::of($analysis);
        $times = new Times();
        $findings = [];
        foreach (array_keys($seen->done->keys) as $key) {
            $step = $seen->steps->get((string) $key);
            $took = $seen->done->row((string) $key)?->numberOrNull('minutes');
            if ($step === null || $took === null) {
                continue;
            }
            if ($took > self::OVER * $times->range($step->verb, $step->reach, $step->minutes)[1]) {
                $findings[] = new Finding(
                    $this->id(),
                    Severity::Note,
                    $step->circuit,
                    $step->about[0] ?? 'build',
                    "{$step->title}: ".Shown::plain($took, 0).' min, or were you away? It is not learned from.',
                );
            }
        }

        return $findings;
    }
}
