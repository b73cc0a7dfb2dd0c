<?php

declare(strict_types=1);

namespace BenchGlow\Check\Switching;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Device\RelayDevice;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Harness\Sense;
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
            if (! ($device instanceof RelayDevice)) {
                continue;
            }
            $hangsOn = self::hangsOn($analysis, $sense);
            if ($hangsOn !== null) {
                $findings[$sense->thing] ??= new Finding(
                    $this->id(),
                    Severity::Warning,
                    $device->circuit(),
                    $sense->thing,
                    "The coil of `{$sense->thing}` hangs on {$hangsOn}: it may be driven in pulses, and the relay ".
                        'chatters or lets go late. Take a steady signal or a solid-state switch.',
                );
            }
        }

        return array_values($findings);
    }

    /** What on its way is not steady; null: all of it is. */
    private static function hangsOn(Analysis $analysis, Sense $sense): ?string
    {
        foreach ([$sense->from, $sense->to] as $pin) {
            foreach ($analysis->paths->around($pin) as $step) {
                $contact = $step->kind === 'contact' ? $analysis->bodies->contacts[$step->id] ?? null : null;
                if ($contact === null) {
                    continue;
                }
                $thing = $contact->thing;
                if (($analysis->build->wires[$thing] ?? null)?->fades() === true) {
                    return Words::within($analysis->build->label($thing)).', which fades';
                }
                if ($contact->duty < 1.0) {
                    return "the dimmed output of `{$thing}`";
                }
            }
        }

        return null;
    }
}
