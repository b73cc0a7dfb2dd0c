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
            $before = self::before($analysis, $fuse->id);
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

    /** @return list<Step> from the supply to the nearer side of the fuse */
    private static function before(Analysis $analysis, string $fuse): array
    {
        [$a, $b] = $analysis->harness->things[$fuse]->pins;
        $far = fn (string $pin): float => $analysis->paths->metresFromPlus($pin) ?? INF;

        return $analysis->paths->feed($far($a) <= $far($b) ? $a : $b) ?? [];
    }
}
