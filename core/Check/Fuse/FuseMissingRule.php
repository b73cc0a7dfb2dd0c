<?php

declare(strict_types=1);

namespace BenchGlow\Check\Fuse;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\AddItem;
use BenchGlow\Format\Fields;
use BenchGlow\Harness\Step;
use BenchGlow\Quantity\Extreme;

/** A way from a source that could burn it, without a fuse (electrics.md 5). */
final class FuseMissingRule implements Rule
{
    public function id(): string
    {
        return 'fuse.missing';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->build->lights as $light) {
            foreach ($analysis->harness->wiredPins($light->id) as $pin) {
                $steps = $analysis->paths->feed($pin) ?? [];
                // What hangs on a host wire is the tap's affair.
                if (
                    $steps === [] ||
                    array_filter(
                        $steps,
                        fn (Step $s): bool => in_array($s->kind, ['fuse', 'host_fuse'], true) ||
                            ($s->kind === 'contact' &&
                                ($analysis->build->index->sections[explode('.', $s->id)[0]] ?? '') === 'host.wires'),
                    ) !== []
                ) {
                    continue;
                }
                $own = array_values(array_filter($steps, fn (Step $s): bool => $s->lead !== ''));
                $lead = $own[0]->lead;
                $supply = $analysis->build->supplies[explode('.', $steps[0]->from)[0]];
                $allowed = Extreme::least(array_map(fn (Step $s): float => $analysis->leads[$s->lead]->allowedA, $own));
                if ($supply->faultA() > $allowed) {
                    $findings[$lead] ??= $this->finding($analysis, $lead, $own[0], $supply->label);
                }
            }
        }

        return array_values($findings);
    }

    private function finding(Analysis $analysis, string $lead, Step $first, string $supply): Finding
    {
        $length = $analysis->leads[$lead]->lengthM;
        $wire = $analysis->harness->wires[$first->id];
        // A core written from the light to the plus has its source end last.
        $at = $wire->from === $first->from ? min(0.1, $length) : max(0.0, $length - 0.1);
        $fuse = $analysis->build->index->numbered('F');

        return new Finding(
            $this->id(),
            Severity::Danger,
            $analysis->build->leads[$lead]->circuit,
            $lead,
            "Nothing opens when this wire is shorted: {$analysis->build->leads[$lead]->label} leaves {$supply} without a fuse.",
            'Fit a fuse at the source',
            new AddItem(
                "leads.{$lead}.inline",
                new Fields([
                    'id' => $fuse,
                    'kind' => 'fuse',
                    'at_m' => $at,
                    'core' => $wire->core,
                    'fuse_a' => null,
                    'form' => 'inline_blade',
                ]),
            ),
        );
    }
}
