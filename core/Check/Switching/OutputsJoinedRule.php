<?php

declare(strict_types=1);

namespace BenchGlow\Check\Switching;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Device\ControllerDevice;
use BenchGlow\Build\Supply;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Harness\Step;
use BenchGlow\Quantity\Words;

/** Outputs that work against each other: an amplifier on its own input, two drivers side by side. */
final class OutputsJoinedRule implements Rule
{
    public function id(): string
    {
        return 'outputs.joined';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->build->devices as $id => $device) {
            if ($device instanceof ControllerDevice && self::feedsItself($analysis, $device)) {
                $findings[$id] = new Finding(
                    $this->id(),
                    Severity::Danger,
                    $device->circuit(),
                    $id,
                    'An output of '.
                        Contacts::name($device).
                        ' hangs on its own input: it holds itself on or swings. Lead the input to what comes before it.',
                );
            }
        }
        $limited = array_filter($analysis->build->supplies, fn (Supply $s): bool => $s->limitA() !== null);
        foreach ($limited as $id => $supply) {
            foreach ($limited as $other => $second) {
                if ($id < $other && self::wiredTogether($analysis, "{$id}.plus", ["{$other}.plus"], '')) {
                    $findings[$id] = new Finding(
                        $this->id(),
                        Severity::Warning,
                        null,
                        $id,
                        Words::first(Words::within($supply->label)).
                            ' and '.
                            Words::within($second->label).
                            ' stand side by side: the one with a hair more volts carries all until it cuts out. Part the load, or take one that is large enough.',
                    );
                }
            }
        }

        return array_values($findings);
    }

    private static function feedsItself(Analysis $analysis, ControllerDevice $device): bool
    {
        $id = $device->id();
        $inputs = $supply = [];
        foreach ($device->part->senses() as $sense) {
            if ($sense->id === 'power') {
                $supply = [$sense->from => true, $sense->to => true];
            } else {
                $inputs += [$sense->from => true, $sense->to => true];
            }
        }
        $outputs = [];
        foreach ($device->part->contacts as $contact) {
            $outputs += array_diff_key([$contact->from => true, $contact->to => true], $inputs, $supply);
        }
        $pins = array_map(fn (string|int $p): string => "{$id}.{$p}", array_keys($outputs));
        foreach (array_diff_key($inputs, $supply) as $in => $_) {
            if ($pins !== [] && self::wiredTogether($analysis, "{$id}.{$in}", $pins, $id)) {
                return true;
            }
        }

        return false;
    }

    /**
     * Joined by wires, inline things other than diodes, and joints alone: no contact between.
     *
     * @param  list<string>  $pins
     */
    private static function wiredTogether(Analysis $analysis, string $from, array $pins, string $device): bool
    {
        $plain = $analysis->paths->only(
            fn (Step $s): bool => in_array($s->kind, ['wire', 'fuse', 'plug_way'], true) ||
                ($s->kind === 'inside' && ! str_starts_with($s->from, "{$device}.")),
        );
        $minus = array_map(fn (Supply $s): string => "{$s->id}.minus", $analysis->build->supplies);
        $found = $plain->from($from, array_values($minus));

        return array_intersect_key(array_fill_keys($pins, true), $found) !== [];
    }
}
