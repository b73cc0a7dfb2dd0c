<?php

declare(strict_types=1);

namespace BenchGlow\Check\Switching;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Device\Device;
use BenchGlow\Build\Device\RelayDevice;
use BenchGlow\Build\Device\SwitchDevice;
use BenchGlow\Build\Light;
use BenchGlow\Build\PartBranch;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Harness\Contact;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;

/** A switch or relay contact that carries over 80 % of what it is made for (electrics.md 7). */
final class ContactOverRatingRule implements Rule
{
    /** Amps of a contact whose part says none (electrics.md 7, 11 d). */
    private const UNPRINTED_A = [
        'rocker' => 6.0,
        'toggle' => 3.0,
        'plunger' => 3.0,
        'micro' => 3.0,
        'reed' => 0.5,
        'tilt' => 0.3,
    ];

    private const INRUSH = ['reed' => 3.0, 'tilt' => 3.0, 'micro' => 3.0, 'toggle' => 3.0, 'plunger' => 1.5];

    public function id(): string
    {
        return 'contact.over_rating';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach (Contacts::of($analysis, SwitchDevice::class, RelayDevice::class) as [$contact, $device]) {
            $made = $contact->maxA ?? (self::UNPRINTED_A[$device->part->style] ?? null);
            $runs = $analysis->peakA($contact->id);
            $counts = $runs + $this->inrushA($analysis, $contact, $device);
            if ($made === null || $counts <= 0.8 * $made + 1e-9 || isset($findings[$contact->thing])) {
                continue;
            }
            [$bears, $takes] = Shown::ampsApart($made, $counts);
            $findings[$contact->thing] = new Finding(
                $this->id(),
                $counts > $made ? Severity::Danger : Severity::Warning,
                $device->circuit(),
                $contact->thing,
                Words::first(Contacts::name($device)).
                    " is made for {$bears}; it carries ".
                    ($counts > $runs + 1e-9
                        ? Shown::amps($runs)." that count as {$takes}, since its load draws more as it starts"
                        : $takes).
                    ($counts > $made ? '.' : ', over 80 % of it.').
                    ' Let it throw a relay, or take a solid-state switch.',
            );
        }

        return array_values($findings);
    }

    /** Amps a filament or a switching lamp adds at the start, by what the contact is (electrics.md 11 d). */
    private function inrushA(Analysis $analysis, Contact $contact, Device $device): float
    {
        $times = $device instanceof RelayDevice ? 1.5 : self::INRUSH[$device->part->style] ?? 1.0;
        if ($times <= 1.0) {
            return 0.0;
        }
        $most = 0.0;
        foreach ($analysis->scenes() as $scene) {
            $amps = 0.0;
            foreach ($analysis->build->lights as $light) {
                foreach ($scene->lit->lights[$light->id] ?? [] as $id => $emitter) {
                    if (self::starts($light, (string) $id) && self::passes($analysis, $light->id, $contact->id)) {
                        $amps += $emitter->watts / max(1.0, ...$emitter->volts);
                    }
                }
            }
            $most = max($most, min($amps, abs($scene->lit->amps[$contact->id] ?? 0.0)));
        }

        return ($times - 1.0) * $most;
    }

    /** Its driver fills a capacitor first. */
    private static function starts(Light $light, string $emitter): bool
    {
        foreach ($light->kind === 'module' ? $light->part->objects('inside') : [] as $branch) {
            if ($branch->text('id') === $emitter) {
                return PartBranch::of($branch)->isSwitching();
            }
        }

        return false;
    }

    private static function passes(Analysis $analysis, string $light, string $contact): bool
    {
        foreach ($analysis->paths->waysTo($light) as $steps) {
            foreach ($steps as $step) {
                if ($step->id === $contact) {
                    return true;
                }
            }
        }

        return false;
    }
}
