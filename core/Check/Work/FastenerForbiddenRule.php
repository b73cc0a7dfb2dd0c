<?php

declare(strict_types=1);

namespace BenchGlow\Check\Work;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\ReadsWork;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\RemoveItem;

/** What holds belts, steering, brakes, fuel or restraints is not taken apart for a light. */
final class FastenerForbiddenRule implements ReadsWork, Rule
{
    public function id(): string
    {
        return 'build.fastener_forbidden';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->build->fasteners as $fastener) {
            if ($fastener->isForbidden()) {
                $findings[] = new Finding(
                    $this->id(),
                    Severity::Danger,
                    null,
                    $fastener->id,
                    "{$fastener->words()}: what holds belts, steering, brakes, fuel or restraints stays as it is.",
                    'It stays; out of the list',
                    new RemoveItem($fastener->id),
                );
            }
        }

        return $findings;
    }
}
