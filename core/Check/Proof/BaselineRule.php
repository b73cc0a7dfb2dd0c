<?php

declare(strict_types=1);

namespace BenchGlow\Check\Proof;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\HostWire;
use BenchGlow\Check\Finding;
use BenchGlow\Check\ReadsProof;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Quantity\Words;

/** Lamps of the host hang on the wires that are tapped, and what they did before was never written down. */
final class BaselineRule implements ReadsProof, Rule
{
    /** Steps that change the host: from here on a fault may be the work's. */
    private const CHANGES = ['tap', 'land', 'join', 'plug', 'live'];

    public function id(): string
    {
        return 'prove.baseline';
    }

    public function check(Analysis $analysis): array
    {
        $wire = $this->tapped($analysis);
        if ($wire === null || $this->isKnown($analysis) || ! $this->isBegun($analysis)) {
            return [];
        }

        return [
            new Finding(
                $this->id(),
                Severity::Warning,
                null,
                $wire->id,
                'What '.
                    Words::within($wire->label).
                    ' lit before the work began is not written down: a fault found later may be taken for yours.',
            ),
        ];
    }

    /** A wire of the host with a lamp of its own, on which the build hangs. */
    private function tapped(Analysis $analysis): ?HostWire
    {
        foreach ($analysis->build->leads as $lead) {
            foreach (array_merge(...$lead->cores) as $pin) {
                $wire = $analysis->build->wires[explode('.', (string) $pin)[0]] ?? null;
                if ($wire !== null && $wire->loads !== []) {
                    return $wire;
                }
            }
        }

        return null;
    }

    private function isKnown(Analysis $analysis): bool
    {
        $proven = Proven::of($analysis);
        $known = array_filter(
            array_keys($proven->outcomes->last),
            fn (string|int $key): bool => str_starts_with((string) $key, 'baseline:'),
        );

        return $known !== [] ||
            isset($proven->done['baseline:all']) ||
            $analysis->build->document->fields()->object('probe')->objects('baseline') !== [];
    }

    private function isBegun(Analysis $analysis): bool
    {
        $proven = Proven::of($analysis);
        $changed = array_filter(
            array_keys($proven->done),
            fn (string|int $step): bool => in_array(explode(':', (string) $step)[0], self::CHANGES, true),
        );

        return $changed !== [] || $proven->outcomes->last !== [];
    }
}
