<?php

declare(strict_types=1);

namespace BenchGlow\Check\Lead;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Lead;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Harness\Contact;
use BenchGlow\Harness\OnTheWay;
use BenchGlow\Harness\Wire;
use BenchGlow\Quantity\Words;

/** A lead joined at both ends that carries nothing in any state (solving.md F7). */
final class DeadEndRule implements Rule
{
    /** Less than a dark junction leaks. */
    private const NOTHING_A = 1e-6;

    public function id(): string
    {
        return 'lead.dead_end';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        $onTheWay = self::onTheWay($analysis);
        foreach ($analysis->build->leads as $id => $lead) {
            $wires = array_keys(array_filter($analysis->harness->wires, fn (Wire $w): bool => $w->lead === $id));
            $joined =
                array_filter($lead->cores, fn (array $c): bool => $c[0] !== null && $c[1] !== null) === $lead->cores;
            $dead = array_filter(
                $wires,
                fn (string $w): bool => ! isset($onTheWay[$w]) && $analysis->peakA($w) < self::NOTHING_A,
            );
            if (! $joined || $wires === [] || $dead !== $wires || self::told($analysis, $lead)) {
                continue;
            }
            $findings[] = new Finding(
                $this->id(),
                Severity::Note,
                $lead->circuit,
                $id,
                Words::first(Words::within($lead->label)).
                    ' carries nothing in any situation: one of its ends leads nowhere. Join it on, or take it off.',
            );
        }

        return $findings;
    }

    /** Leads of a light that has no way are told by that. */
    private static function told(Analysis $analysis, Lead $lead): bool
    {
        foreach (array_merge([], ...$lead->cores) as $pin) {
            $light = $analysis->build->lights[explode('.', (string) $pin)[0]] ?? null;
            if ($light !== null && ! $analysis->paths->conducts($light->id)) {
                return true;
            }
        }

        return false;
    }

    /**
     * Wires on any way from a plus to a minus, every contact made: whatever is on none leads nowhere.
     *
     * @return array<string, true>
     */
    private static function onTheWay(Analysis $analysis): array
    {
        $edges = [];
        $minus = [];
        foreach ($analysis->harness->wires as $wire) {
            $edges[] = [$wire->from, $wire->to, $wire->id];
        }
        foreach ($analysis->harness->things as $thing) {
            if ($thing->kind === 'supply') {
                $edges[] = ['+', $thing->pins[0], ''];
                $minus[] = $thing->pins[1];
            } elseif ($thing->kind === 'ground') {
                $minus[] = $thing->pins[0];
            } else {
                foreach ($thing->lead !== '' ? array_slice($thing->pins, 1) : [] as $pin) {
                    $edges[] = [$thing->pins[0], $pin, ''];
                }
            }
        }
        foreach ($analysis->build->lights as $light) {
            // A rail runs through; from each to every other something glows.
            $rails = [];
            foreach ($analysis->harness->wiredPins($light->id) as $pin) {
                $rail = "{$light->id}!".strrchr($pin, '.');
                $edges[] = [$rail, $pin, ''];
                foreach ($rails as $other) {
                    $edges[] = [$rail, $other, ''];
                }
                $rails[$rail] = $rail;
            }
        }
        foreach (
            [
                ...$analysis->bodies->fixed,
                ...array_map(fn (Contact $c): array => [$c->from, $c->to], $analysis->bodies->contacts),
                ...$analysis->bodies->joins,
            ] as $pair
        ) {
            $edges[] = [$pair[0], $pair[1], ''];
        }
        $places = OnTheWay::between(array_map(fn (array $e): array => [$e[0], $e[1]], $edges), '+', $minus);

        return array_fill_keys(array_map(fn (int $n): string => $edges[$n][2], $places), true);
    }
}
