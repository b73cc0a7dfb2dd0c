<?php

declare(strict_types=1);

namespace BenchGlow\Check\Work;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\ReadsWork;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\Unmark;

/** Something was marked as done before what has to come first; what it skipped is named. */
final class OutOfOrderRule implements ReadsWork, Rule
{
    /** Orders that matter after the fact: proof before it is hidden, power last. */
    private const MATTERS = [
        'open_test.close',
        'look.drill.dress',
        'join.pull',
        'shorts.fuse',
        'dress.pass',
        'relief.close',
        'load.source',
    ];

    public function id(): string
    {
        return 'build.out_of_order';
    }

    public function check(Analysis $analysis): array
    {
        $seen = WorkSeen::of($analysis);
        if (! $seen->isBegun()) {
            return [];
        }
        $findings = [];
        foreach ($seen->network()->skipped($seen->done->keys) as [$first, $then, $rule]) {
            $step = $seen->steps->get($then);
            $skipped = $seen->steps->get($first);
            if ($step === null || $skipped === null || ! in_array($rule->id(), self::MATTERS, true)) {
                continue;
            }
            $findings[$then] ??= new Finding(
                $this->id(),
                Severity::Warning,
                $step->circuit,
                $step->about[0] ?? 'build',
                "{$step->title} is marked, and this comes before it: ".
                    lcfirst($skipped->title).
                    '. '.
                    ucfirst($rule->because()).
                    '.',
                'Not done after all',
                new Unmark([$then], $step->title),
            );
        }

        return array_values($findings);
    }
}
