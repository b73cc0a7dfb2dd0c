<?php

declare(strict_types=1);

namespace BenchGlow\Check\Tap;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Device\Device;
use BenchGlow\Build\Device\JointDevice;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;

/** An insulation-displacement tap whose range does not hold both wires: too small cuts strands, too large falls out (electrics.md 10). */
final class TapGaugeRule implements Rule
{
    /** Areas that usual taps hold, mm²: red, blue, yellow. */
    private const RANGES = [[0.2, 0.85], [0.75, 2.5], [2.5, 6.0]];

    public function id(): string
    {
        return 'tap.gauge';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->build->leads as $lead) {
            $ends = $analysis->build->index->item($lead->id)->items('ends');
            foreach ($lead->cores as $core) {
                foreach ($core as $e => $pin) {
                    $id = explode('.', (string) $pin)[0];
                    $other = self::tappedMm2($analysis, $id, $lead->id, ($ends[$e] ?? null) === 'idc_tap');
                    $own = $analysis->leads[$lead->id]->wire->areaMm2;
                    if ($other !== null && ! self::holds($analysis, $id, $own, $other)) {
                        $findings["{$lead->id} {$id}"] ??= new Finding(
                            $this->id(),
                            Severity::Warning,
                            $lead->circuit,
                            $lead->id,
                            'No tap holds both '.
                                Shown::plain($other).
                                ' mm² and '.
                                Shown::plain($own).
                                ' mm²: one that is too small cuts strands, one that is too large falls out. Solder or crimp '.
                                Words::within($lead->label).
                                ' on instead.',
                        );
                    }
                }
            }
        }

        return array_values($findings);
    }

    /** Thickest other wire in the joint: the one that is tapped. */
    private static function trunkMm2(Analysis $analysis, string $joint, string $lead): ?float
    {
        $most = null;
        foreach ($analysis->build->leads as $other) {
            if ($other->id !== $lead && in_array($joint, array_merge([], ...$other->cores), true)) {
                $most = max($most ?? 0.0, $analysis->leads[$other->id]->wire->areaMm2);
            }
        }

        return $most;
    }

    /** Whether the tap that is chosen, or any that is sold, holds both. */
    private static function holds(Analysis $analysis, string $thing, float $branch, float $run): bool
    {
        $device = $analysis->build->devices[$thing] ?? null;
        $tap = $device instanceof JointDevice ? $analysis->build->parts[(string) $device->terminal()] ?? null : null;
        if ($tap === null) {
            return self::range($branch, $run) !== null;
        }
        $within = function (string $field, float $mm2) use ($tap): bool {
            $band = array_map(fn (mixed $v): float => is_numeric($v) ? (float) $v : 0.0, $tap->fields->items($field));

            return count($band) !== 2 || ($mm2 >= $band[0] - 1e-9 && $mm2 <= $band[1] + 1e-9);
        };

        return $within('accepts_mm2', $run) &&
            $within($tap->fields->has('branch_mm2') ? 'branch_mm2' : 'accepts_mm2', $branch);
    }

    /** @return array{float, float}|null */
    private static function range(float $a, float $b): ?array
    {
        foreach (self::RANGES as $range) {
            if (min($a, $b) >= $range[0] - 1e-9 && max($a, $b) <= $range[1] + 1e-9) {
                return $range;
            }
        }

        return null;
    }

    private static function isTap(?Device $device): bool
    {
        return $device instanceof JointDevice && $device->isTap();
    }

    /** What a tap holds beside the lead; null: there is no tap, or its wire is not known. */
    private static function tappedMm2(Analysis $analysis, string $thing, string $lead, bool $taps): ?float
    {
        return match (true) {
            $taps && ($analysis->build->index->sections[$thing] ?? '') === 'host.wires' => $analysis->build->index
                ->item($thing)
                ->numberOrNull('area_mm2'),
            self::isTap($analysis->build->devices[$thing] ?? null) => self::trunkMm2($analysis, $thing, $lead),
            default => null,
        };
    }
}
