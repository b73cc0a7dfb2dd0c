<?php

declare(strict_types=1);

namespace BenchGlow\Check\Work;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\ReadsWork;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\Fasten;
use BenchGlow\Quantity\Words;

/** A fastener is gone; a critical one is a danger. */
final class FastenerLostRule implements ReadsWork, Rule
{
    public function id(): string
    {
        return 'build.fastener_lost';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->build->fasteners as $fastener) {
            if ($fastener->lost === 0 || $fastener->replacedBy !== null) {
                continue;
            }
            $panel = $analysis->build->panels[$fastener->panel]->label ?? $fastener->panel;
            $what = trim(str_replace('_', ' ', $fastener->kind)." {$fastener->size}");
            $findings[] = new Finding(
                $this->id(),
                $fastener->critical ? Severity::Danger : Severity::Warning,
                null,
                $fastener->id,
                "{$fastener->lost} of {$fastener->count} of the {$what} of ".
                    Words::within($panel).
                    ' '.
                    ($fastener->lost === 1 ? 'is' : 'are').
                    ' lost. Find it, or buy the same.',
                'The same is put in',
                new Fasten($fastener->id, 'found'),
            );
        }

        return $findings;
    }
}
