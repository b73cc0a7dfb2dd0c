<?php

declare(strict_types=1);

namespace BenchGlow\Check\Fuse;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\SetField;
use BenchGlow\Harness\Step;

/** Wire before the fuse is protected by nothing (electrics.md 5). */
final class FuseTooFarRule implements Rule
{
    public function id(): string
    {
        return 'fuse.too_far';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->fuses as $fuse) {
            $pins = $analysis->harness->things[$fuse->id]->pins;
            $before =
                $analysis->paths->feed(
                    ($analysis->paths->metresFromPlus($pins[0]) ?? INF) <=
                    ($analysis->paths->metresFromPlus($pins[1]) ?? INF)
                        ? $pins[0]
                        : $pins[1],
                ) ?? [];
            $limit = $analysis->build->settings->fuseDistanceM;
            if (
                $before === [] ||
                $fuse->distanceM <= $limit + 1e-9 ||
                array_filter($before, fn (Step $s): bool => $s->kind === 'fuse' && $s->id !== $fuse->id) !== []
            ) {
                continue;
            }
            $supply = $analysis->build->supplies[explode('.', $before[0]->from)[0]];
            if ($supply->faultA() <= $analysis->leads[$fuse->lead]->allowedA) {
                continue;
            }
            $own = $before[0]->lead === $fuse->lead;
            $findings[] = new Finding(
                $this->id(),
                Severity::Warning,
                $analysis->build->leads[$fuse->lead]->circuit,
                $fuse->id,
                $analysis->length($fuse->distanceM).
                    ' of wire before the fuse can burn. Set it within '.
                    $analysis->length($limit).
                    " of {$supply->label}.",
                $own ? 'Move the fuse to '.$analysis->length(min(0.1, $limit)) : null,
                $own ? new SetField($fuse->id, 'at_m', min(0.1, $limit)) : null,
            );
        }

        return $findings;
    }
}
