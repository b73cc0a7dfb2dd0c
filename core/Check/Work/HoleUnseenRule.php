<?php

declare(strict_types=1);

namespace BenchGlow\Check\Work;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\ReadsWork;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\SetField;
use BenchGlow\Quantity\Words;

/** A hole is next, and nobody said what lies behind it. */
final class HoleUnseenRule implements ReadsWork, Rule
{
    public function id(): string
    {
        return 'build.hole_unseen';
    }

    public function check(Analysis $analysis): array
    {
        $seen = WorkSeen::of($analysis);
        $findings = [];
        foreach ($analysis->build->holes as $hole) {
            $known = $hole->existing || $hole->looked || $hole->behind !== '' || $seen->isDone("look:{$hole->id}");
            if (! $known && $seen->isDone('kit:all') && ! $seen->isDone("drill:{$hole->id}")) {
                $findings[] = new Finding(
                    $this->id(),
                    Severity::Danger,
                    null,
                    $hole->id,
                    'A hole in '.
                        Words::within($hole->in).
                        ' comes soon, and nothing is said of what lies behind: wires, tanks, hoses. Look first.',
                    'I have looked behind',
                    new SetField($hole->id, 'looked', true),
                );
            }
        }

        return $findings;
    }
}
