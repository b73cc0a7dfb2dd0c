<?php

declare(strict_types=1);

namespace BenchGlow\Check\Switching;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Device\RelayDevice;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Quantity\Words;

/** A coil fed by a wire that fades or is dimmed: it chatters or drops late (electrics.md 7). */
final class CoilFadingRule implements Rule
{
    public function id(): string
    {
        return 'coil.on_fading';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->bodies->senses as $sense) {
            $device = $analysis->build->devices[$sense->thing] ?? null;
            if (! $device instanceof RelayDevice) {
                continue;
            }
            foreach ([$sense->from, $sense->to] as $pin) {
                foreach ([...$analysis->paths->feed($pin) ?? [], ...$analysis->paths->back($pin) ?? []] as $step) {
                    $contact = $step->kind === 'contact' ? $analysis->bodies->contacts[$step->id] ?? null : null;
                    $fades =
                        $contact !== null &&
                        ($analysis->build->wires[$contact->thing] ?? null)?->fades() === true;
                    if ($contact !== null && ($fades || $contact->duty < 1.0)) {
                        $findings[$sense->thing] ??= new Finding(
                            $this->id(),
                            Severity::Warning,
                            $device->circuit(),
                            $sense->thing,
                            "The coil of `{$sense->thing}` hangs on ".
                                ($fades
                                    ? Words::within(
                                        $analysis->build->index
                                            ->item($contact->thing)
                                            ->text('label', $contact->thing),
                                    ).', which fades'
                                    : "the dimmed output of `{$contact->thing}`").
                                ': it may be driven in pulses, and the relay chatters or lets go late. Take a steady signal or a solid-state switch.',
                        );
                    }
                }
            }
        }

        return array_values($findings);
    }
}
