<?php

declare(strict_types=1);

namespace BenchGlow\Check\Tap;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\HostWire;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\AddItem;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;

/** A tap whose wire is thinner than the donor's fuse allows for, without a fuse of its own (electrics.md 5). */
final class TapUnfusedRule implements Rule
{
    public function id(): string
    {
        return 'tap.unfused';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach (Tap::all($analysis) as $tap) {
            // A lead on a ground-switched wire is fed from our own side: shorted to ground it only pulls the trigger.
            if (
                $tap->lead === null ||
                ($tap->host instanceof HostWire && ! $tap->host->positive) ||
                (str_ends_with($tap->pin, '.line') && $tap->host->liveWhen === null)
            ) {
                continue;
            }
            [$thinnest, $fused] = self::upToTheNextFuse($analysis, $tap->lead, $tap->pin);
            $allowed = $thinnest === null ? INF : $analysis->leads[$thinnest]->wire->fuseA();
            $donor = str_ends_with($tap->pin, '.line') ? null : $tap->fuseA($analysis);
            // A fuse right at the tap protects everything behind it.
            if ($fused <= $analysis->build->settings->fuseDistanceM || ($donor !== null && $donor <= $allowed)) {
                continue;
            }
            $fuse = $analysis->build->index->numbered('F');
            $lead = $analysis->build->leads[$tap->lead];
            $fromEnd = ($lead->cores[0][0] ?? null) === $tap->pin;
            $findings[] = new Finding(
                $this->id(),
                Severity::Danger,
                $tap->circuit,
                $tap->lead,
                Words::first($tap->name()).
                    ($donor === null ? ' has no fuse that is known' : ' is fused for '.Shown::amps($donor)).
                    ', and '.
                    Words::within($lead->label).
                    ' is good for '.
                    Shown::amps($allowed).
                    '. Put a fuse where it is tapped.',
                'Fit a fuse at the tap',
                new AddItem(
                    "leads.{$tap->lead}.inline",
                    new Fields([
                        'id' => $fuse,
                        'kind' => 'fuse',
                        'at_m' => $fromEnd ? 0 : $analysis->leads[$tap->lead]->lengthM,
                        'core' => 1,
                        'fuse_a' => null,
                        'form' => 'inline_blade',
                    ]),
                ),
            );
        }

        return $findings;
    }

    /** @return array{string|null, float} thinnest lead from the tap to the next fuse, and metres to it (none: INF) */
    private static function upToTheNextFuse(Analysis $analysis, string $lead, string $pin): array
    {
        $thinnest = null;
        $metres = INF;
        $done = 0.0;
        for ($at = $pin; ($wire = self::wireAt($analysis, $lead, $at)) !== null;) {
            $thinnest = $lead;
            $done += $wire->lengthM;
            $far = $wire->from === $at ? $wire->to : $wire->from;
            $thing = null;
            foreach ($analysis->harness->things as $candidate) {
                $thing = $candidate->lead === $lead && in_array($far, $candidate->pins, true) ? $candidate : $thing;
            }
            if ($thing === null) {
                break;
            }
            if ($thing->kind === 'fuse') {
                $metres = $done;
                break;
            }
            $at = $thing->pins[0] === $far ? $thing->pins[1] ?? '' : $thing->pins[0];
        }

        return [$thinnest, $metres];
    }

    private static function wireAt(Analysis $analysis, string $lead, string $pin): ?\BenchGlow\Harness\Wire
    {
        foreach ($analysis->harness->wires as $wire) {
            if ($wire->lead === $lead && ($wire->from === $pin || $wire->to === $pin)) {
                return $wire;
            }
        }

        return null;
    }
}
