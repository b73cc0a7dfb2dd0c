<?php

declare(strict_types=1);

namespace BenchGlow\Check\Work;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\ReadsWork;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\Mark;
use BenchGlow\Quantity\Words;

/** A joint is made, and its tube was not marked as on before: it can't go on afterwards. */
final class SleeveMissedRule implements ReadsWork, Rule
{
    public function id(): string
    {
        return 'build.sleeve_not_marked';
    }

    public function check(Analysis $analysis): array
    {
        $seen = WorkSeen::of($analysis);
        $findings = [];
        foreach ($seen->steps->of('sleeve') as $sleeve) {
            if ($seen->isDone("join:{$sleeve->subject}") && ! $seen->isDone($sleeve->key)) {
                $findings[] = new Finding(
                    $this->id(),
                    Severity::Warning,
                    $sleeve->circuit,
                    $sleeve->subject,
                    Words::first($analysis->build->label($sleeve->subject)).
                        ' is made, and nobody said that its tube was on before.',
                    'It is on',
                    new Mark([$sleeve->key], $seen->done->on("join:{$sleeve->subject}"), 'the tube was on before'),
                );
            }
        }

        return $findings;
    }
}
