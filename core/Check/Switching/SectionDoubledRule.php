<?php

declare(strict_types=1);

namespace BenchGlow\Check\Switching;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Device\SwitchDevice;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\TakePartOut;
use BenchGlow\Quantity\Words;
use BenchGlow\Ways\Section;
use BenchGlow\Ways\Sections;

/** Two switches on the way to one light that the same thing moves in the same way: one of them does nothing. */
final class SectionDoubledRule implements Rule
{
    public function id(): string
    {
        return 'section.doubled';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->build->circuits as $circuit) {
            $moved = [];
            foreach ($this->switches($analysis, $circuit->id) as $id => $device) {
                $contact = $device->part->contacts[0] ?? null;
                $at = $device->at();
                if ($contact === null || count($device->part->contacts) !== 1 || count($at) !== 1) {
                    continue;
                }
                // Made by the same thing in the same way.
                $key = json_encode(
                    [array_values($at)[0], array_key_first($at) === $contact->madeAt()],
                    JSON_THROW_ON_ERROR,
                );
                if (isset($moved[$key])) {
                    $findings[] = new Finding(
                        $this->id(),
                        Severity::Note,
                        $circuit->id,
                        $id,
                        Words::first($device->label()).
                            ' and '.
                            Words::within($moved[$key]).
                            ' do the same: what moves the one moves the other. Take one out.',
                        'Take it out',
                        new TakePartOut($id),
                    );
                }
                $moved[$key] ??= $device->label();
            }
        }

        return $findings;
    }

    /** @return array<string, SwitchDevice> those in the circuit's switching */
    private function switches(Analysis $analysis, string $circuit): array
    {
        $own = array_filter(
            $analysis->build->devices,
            fn ($d): bool => $d instanceof SwitchDevice && $d->circuit() === $circuit,
        );
        if (count($own) < 2 || $analysis->build->lightsOf($circuit) === []) {
            return [];
        }
        $section = Sections::of($analysis->build->document, $circuit)->section(Section::SWITCHING);

        return array_intersect_key($own, array_flip($section->devices ?? []));
    }
}
