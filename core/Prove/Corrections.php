<?php

declare(strict_types=1);

namespace BenchGlow\Prove;

use BenchGlow\Build\Light;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;
use BenchGlow\Sizing\NotFitted;
use BenchGlow\Sizing\StripCalibration;

/**
 * Readings that agree with each other and lie outside their band while all looks are right: the model is off, not the work
 * (probe-prove.md 15). Fitted is what they can say: rails and watts of a strip, ohms inside a supply, ohms of a ground.
 */
final class Corrections
{
    /** A difference below this is the meter's. */
    private const LEAST_V = 0.08;

    /** Two loads this far apart part the volts of a supply from its ohms. */
    private const APART_A = 0.3;

    /** @return list<Offer> */
    public static function of(Works $works, Chain $chain): array
    {
        return array_values(
            array_filter([
                ...array_map(
                    fn (Light $l): ?Offer => self::rails($works, $chain, $l),
                    $works->build->lightsOf($works->circuit),
                ),
                self::supply($works, $chain),
                ...self::grounds($works, $chain),
            ]),
        );
    }

    /** Volts at both ends of a strip that is lit and fed at its start, and the amps into it. */
    private static function rails(Works $works, Chain $chain, Light $light): ?Offer
    {
        if ($light->kind !== 'strip' || count($light->emitters()) !== 1) {
            return null;
        }
        $far = self::last($chain, ["{$light->id}.end.plus"]);
        $fed = self::last($chain, ["{$light->id}.start.plus"]);
        $amps = self::amps($works, $chain);
        if (
            $far === null ||
            $fed === null ||
            $amps === null ||
            $far->supplyV !== $fed->supplyV ||
            $fed->black !== "{$light->id}.start.minus"
        ) {
            return null;
        }
        try {
            $fit = StripCalibration::fit(
                $light->strip(),
                $light->fit()->cutM,
                (float) $fed->value,
                (float) $far->value,
                (float) $amps->value,
            );
        } catch (NotFitted) {
            return null;
        }
        $was = $light->strip()->railOhmPerM;
        $share = abs($fit->railOhmPerM - $was) * (float) $amps->value * $light->fit()->cutM;
        if ($share < self::LEAST_V || $light->part->text('rail_from') === 'measured') {
            return null;
        }

        return new Offer(
            'rails',
            $light->id,
            [
                'is' => $fit->railOhmPerM,
                'was' => $was,
                'fed_v' => (float) $fed->value,
                'far_v' => (float) $far->value,
                'amps' => (float) $amps->value,
            ],
            'The readings of '.
                Words::within($light->label).
                ' agree with each other: its rails have '.
                Shown::plain($fit->railOhmPerM, 3).
                ' Ω a metre, not '.
                Shown::plain($was, 3).
                ', and it draws '.
                Shown::plain($fit->wattsPerM, 1).
                ' W a metre.',
            'Reckon with what was measured',
        );
    }

    /** Volts of a supply under two loads. */
    private static function supply(Works $works, Chain $chain): ?Offer
    {
        $supply = $works->build->mainSupply();
        if ($supply === null) {
            return null;
        }
        $pairs = [];
        foreach ($chain->links as $link) {
            $volts = $amps = null;
            foreach ($link->outcome->readings ?? [] as $reading) {
                $volts =
                    $reading->red === "{$supply->id}.plus" && $reading->kind === 'volts' ? $reading->value : $volts;
                $amps = $reading->kind === 'amps' ? $reading->value : $amps;
            }
            $volts === null || $amps === null ? null : ($pairs[] = [$volts, $amps]);
        }
        usort($pairs, fn (array $a, array $b): int => $a[1] <=> $b[1]);
        $first = $pairs[0] ?? null;
        $last = $pairs[count($pairs) - 1] ?? null;
        if ($first === null || $last === null || $last[1] - $first[1] < self::APART_A) {
            return null;
        }
        $ohm = ($first[0] - $last[0]) / ($last[1] - $first[1]);

        return $ohm <= 0.0 || abs($ohm - $supply->ohm) * $last[1] < self::LEAST_V
            ? null
            : new Offer(
                'internal_ohm',
                $supply->id,
                ['is' => $ohm, 'was' => $supply->ohm],
                "{$supply->label} gives ".
                    Shown::plain($first[0] - $last[0], 2).
                    ' V less under load: '.
                    Shown::plain($ohm, 2).
                    ' Ω inside, not '.
                    Shown::plain($supply->ohm, 2).
                    '.',
                'Reckon with what was measured',
            );
    }

    /** @return list<Offer> drop over a ground, and the amps through it */
    private static function grounds(Works $works, Chain $chain): array
    {
        $offers = [];
        $amps = self::amps($works, $chain)->value ?? 0.0;
        foreach ($amps <= 0.0 ? [] : $works->build->grounds as $id => $ground) {
            $drop = self::last($chain, [(string) $id]);
            if ($drop?->value === null) {
                continue;
            }
            $ohm = abs($drop->value) / $amps;
            if (abs($ohm - $ground->ohm) * $amps < self::LEAST_V) {
                continue;
            }
            $offers[] = new Offer(
                'ohm',
                (string) $id,
                ['is' => $ohm, 'was' => $ground->ohm],
                "{$ground->label} loses ".
                    Shown::plain(abs($drop->value), 2).
                    ' V: '.
                    Shown::plain($ohm, 2).
                    ' Ω, not '.
                    Shown::plain($ground->ohm, 2).
                    '.',
                'Reckon with what was measured',
            );
        }

        return $offers;
    }

    /**
     * The last reading at one of these pins, of a gate that is as it should look.
     *
     * @param  list<string>  $pins
     */
    private static function last(Chain $chain, array $pins): ?Taken
    {
        $found = null;
        foreach ($chain->outcomes->readings as $reading) {
            $found =
                $reading->kind === 'volts' && $reading->value !== null && in_array($reading->red, $pins, true)
                    ? $reading
                    : $found;
        }

        return $found;
    }

    /** Amps through a fuse of the circuit. */
    private static function amps(Works $works, Chain $chain): ?Taken
    {
        $found = null;
        foreach ($chain->outcomes->readings as $reading) {
            $found =
                $reading->kind === 'amps' && $reading->value !== null && self::isFuse($works, $reading->red)
                    ? $reading
                    : $found;
        }

        return $found;
    }

    private static function isFuse(Works $works, string $id): bool
    {
        foreach ($works->leads as $lead) {
            foreach ($lead->inline as $thing) {
                if ($thing->id === $id && $thing->kind === 'fuse') {
                    return true;
                }
            }
        }

        return false;
    }
}
