<?php

declare(strict_types=1);

namespace BenchGlow\Check;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Edit\UsePart;
use BenchGlow\Format\Fields;

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
            $part = Contacts::part($analysis, $device);
            if (
                $device->text('kind') !== 'relay' ||
                array_filter(
                    $part->objects('inside'),
                    fn (Fields $b): bool => in_array($b->text('kind'), ['diode', 'resistor', 'string'], true),
                ) !== []
            ) {
                continue;
            }
            $near = $this->electronics($analysis, $id);
            if ($near !== null) {
                $findings[] = new Finding(
                    $this->id(),
                    Severity::Warning,
                    $device->textOrNull('circuit'),
                    $id,
                    "The coil of `{$id}` kicks when it lets go, and {$near} is fed beside it. Take the relay with a diode or resistor inside.",
                    'Take it with a resistor inside',
                    $this->quenched($part, $id),
                );
            }
        }

        return $findings;
    }

    /** Electronics on a pin that the coil's leads share a supply with: a controller, a receiver, or the host's own. */
    private function electronics(Analysis $analysis, string $relay): ?string
    {
        foreach ($analysis->build->devices as $id => $device) {
            $style = Contacts::part($analysis, $device)->text('style');
            if ($device->text('kind') === 'controller' && $style !== 'flasher') {
                return "`{$id}`";
            }
        }
        $coil = array_filter($analysis->bodies->senses, fn ($s): bool => $s->thing === $relay);
        foreach ($coil as $sense) {
            foreach ([$sense->from, $sense->to] as $pin) {
                foreach ([...$analysis->paths->feed($pin) ?? [], ...$analysis->paths->back($pin) ?? []] as $step) {
                    foreach ($analysis->bodies->loads as $load) {
                        if (
                            $step->kind === 'contact' &&
                            $step->id === "{$load->wire}.live" &&
                            $load->kind === 'electronics'
                        ) {
                            return 'the host\'s '.str_replace('_', ' ', $load->id);
                        }
                    }
                }
            }
        }

        return null;
    }

    private function quenched(Fields $part, string $relay): ?UsePart
    {
        $key = str_replace('_plain', '_resistor', $part->text('catalogue', $part->text('id')));
        $better = \BenchGlow\Parts\Catalogue::part($key);

        return $better === null || ! str_contains($key, 'resistor')
            ? null
            : new UsePart($relay, $better);
    }
}
