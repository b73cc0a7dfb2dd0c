<?php

declare(strict_types=1);

namespace BenchGlow\Check\Switching;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Device\ControllerDevice;
use BenchGlow\Build\Device\RelayDevice;
use BenchGlow\Build\Part;
use BenchGlow\Build\PartBranch;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\UsePart;
use BenchGlow\Parts\Catalogue;

/** A relay coil without diode or resistor beside electronics (electrics.md 7). */
final class CoilNoQuenchRule implements Rule
{
    public function id(): string
    {
        return 'coil.no_quench';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->build->devices as $id => $device) {
            $quenched = array_filter($device->part->inside, fn (PartBranch $b): bool => $b->quenches());
            if (! ($device instanceof RelayDevice) || $quenched !== []) {
                continue;
            }
            $near = $this->electronics($analysis, $id);
            if ($near !== null) {
                $findings[] = new Finding(
                    $this->id(),
                    Severity::Warning,
                    $device->circuit(),
                    $id,
                    "The coil of `{$id}` kicks when it lets go, and {$near} is fed beside it. Take the relay with a diode or resistor inside.",
                    'Take it with a resistor inside',
                    $this->quenched($device->part, $id),
                );
            }
        }

        return $findings;
    }

    /** Electronics on a pin that the coil's leads share a supply with: a controller, a receiver, or the host's own. */
    private function electronics(Analysis $analysis, string $relay): ?string
    {
        foreach ($analysis->build->devices as $id => $device) {
            if ($device instanceof ControllerDevice && $device->part->style !== 'flasher') {
                return "`{$id}`";
            }
        }
        $coil = array_filter($analysis->bodies->senses, fn ($s): bool => $s->thing === $relay);
        foreach ($coil as $sense) {
            foreach ([$sense->from, $sense->to] as $pin) {
                foreach ($analysis->paths->around($pin) as $step) {
                    $load = $step->kind === 'contact' ? self::hostElectronics($analysis, $step->id) : null;
                    if ($load !== null) {
                        return 'the host\'s '.str_replace('_', ' ', $load);
                    }
                }
            }
        }

        return null;
    }

    private function quenched(Part $part, string $relay): ?UsePart
    {
        $key = str_replace('_plain', '_resistor', $part->catalogue ?? $part->id);
        $better = Catalogue::part($key);

        return $better === null || ! str_contains($key, 'resistor') ? null : new UsePart($relay, $better);
    }

    /** What electronics of the host hang on a wire's contact. */
    private static function hostElectronics(Analysis $analysis, string $contact): ?string
    {
        foreach ($analysis->bodies->loads as $load) {
            if ($load->kind === 'electronics' && $contact === "{$load->wire}.live") {
                return $load->id;
            }
        }

        return null;
    }
}
