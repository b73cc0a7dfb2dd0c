<?php

declare(strict_types=1);

namespace BenchGlow\Parts;

use BenchGlow\Format\Fields;

/** Whether what glows is made for a supply's volts. A first sieve for lists; the solved circuit has the last word. */
final class Suits
{
    /** A strip stands this share of its volts below and above. */
    private const STRIP = 0.2;

    /** So much over its working volts an inner row still bears. */
    private const ROW = 1.25;

    /** A row wants this share of the volts for its resistor. */
    private const HEADROOM = 0.1;

    public static function volts(Fields $part, float $volts): bool
    {
        return match ($part->text('kind')) {
            'strip' => abs($volts - $part->number('nominal_v', 12.0)) <= self::STRIP * $part->number('nominal_v', 12.0),
            'led' => $part->number('vf_v') <= (1.0 - self::HEADROOM) * $volts,
            default => self::inside($part->objects('inside'), $volts),
        };
    }

    /** @param  list<Fields>  $inside */
    private static function inside(array $inside, float $volts): bool
    {
        foreach ($inside as $branch) {
            $row = $branch->number('series_leds', 1.0) * $branch->number('vf_v');
            $suits = match ($branch->text('kind')) {
                'string' => $row < $volts &&
                    $volts <= self::ROW * ($row + $branch->number('if_a') * $branch->number('ohm')),
                'linear' => $branch->number('dropout_v') <= $volts && $volts <= 2.0 * $branch->number('dropout_v'),
                'switching' => $branch->number('from_v') <= $volts && $volts <= $branch->number('to_v', INF),
                default => true,
            };
            if (! $suits) {
                return false;
            }
        }

        return true;
    }
}
