<?php

declare(strict_types=1);

namespace BenchGlow\Check\Loom;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Quantity\Words;

/** A wire with no fuse before it goes through metal (layout-harness.md 11). */
final class UnfusedHoleRule implements Rule
{
    public function id(): string
    {
        return 'route.unfused_hole';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->build->holes as $id => $hole) {
            $leads = LoomSeen::of($analysis)->loom->stretches[$hole->for]->leads ?? [$hole->for];
            foreach ($hole->material === 'metal' ? $leads : [] as $lead) {
                if (isset(LoomSeen::unfused($analysis)[$lead])) {
                    $findings[] = new Finding(
                        $this->id(),
                        Severity::Danger,
                        $analysis->build->leads[$lead]->circuit,
                        (string) $id,
                        Words::first($analysis->build->leads[$lead]->label).
                            ' goes through '.
                            Words::within($hole->in).
                            ' with no fuse before it. No such wire goes through metal: put its fuse at the source.',
                    );
                    break;
                }
            }
        }

        return $findings;
    }
}
