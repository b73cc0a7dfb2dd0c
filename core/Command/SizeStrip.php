<?php

declare(strict_types=1);

namespace BenchGlow\Command;

use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Format\Json;
use BenchGlow\Format\Shape as S;
use BenchGlow\Parts\Copper;
use BenchGlow\Parts\StripFit;
use BenchGlow\Parts\StripType;
use BenchGlow\Quantity\Extreme;
use BenchGlow\Sizing\StripRun;

/** `glow size strip`: a strip cut, fed and solved unit by unit. */
final class SizeStrip
{
    private const MAX_UNITS = 20_000;

    /** @return array<string, mixed> */
    public static function run(string $text): array
    {
        $f = Input::read(
            $text,
            S::record(
                [
                    'supply_v' => S::number(0.1, 1000),
                    'strip' => S::record(
                        [
                            'nominal_v' => S::number(0.1, 1000),
                            'watts_per_m' => S::number(0.01, 10000),
                            'leds_per_m' => S::number(0.1, 10000),
                            'leds_per_cut' => S::integer(1, 1000),
                            'series_leds' => S::integer(1, 1000),
                            'channels' => S::integer(1, 4),
                            'rail_ohm_per_m' => S::number(0, 1000),
                            'common_ohm_per_m' => S::number(0, 1000),
                            'vf_v' => self::vf($text),
                        ],
                        ['nominal_v', 'watts_per_m', 'leds_per_m', 'leds_per_cut', 'rail_ohm_per_m', 'vf_v'],
                    ),
                    'length_m' => S::number(0.001, 10000),
                    'fit' => S::choice('down', 'up'),
                    'feed' => S::choice('start', 'end', 'both', 'middle'),
                    'lead' => S::record(
                        [
                            'area_mm2' => S::number(0.001, 1000),
                            'out_m' => S::number(0, 10000),
                            'back_m' => S::number(0, 10000),
                        ],
                        ['area_mm2', 'out_m', 'back_m'],
                    ),
                ],
                ['supply_v', 'strip', 'length_m'],
            ),
        );
        $strip = self::strip($f->object('strip'));
        $fit = StripFit::of($strip, $f->number('length_m'), $f->text('fit', 'down'));
        if ($fit->units < 1) {
            throw BadBuild::at(
                '/length_m',
                "{$f->number('length_m')} m is less than one cut unit of {$strip->pitchM()} m.",
            );
        }
        if ($fit->units > self::MAX_UNITS) {
            throw BadBuild::at(
                '/length_m',
                "that is {$fit->units} cut units; expected at most ".self::MAX_UNITS.'.',
            );
        }
        $lead = $f->object('lead');
        $perM = $lead->has('area_mm2') ? Copper::ohmPerM($lead->number('area_mm2')) : 0.0;
        $run = StripRun::solve(
            $strip,
            $fit->units,
            $f->number('supply_v'),
            $f->text('feed', 'start'),
            $perM * $lead->number('out_m'),
            $perM * $lead->number('back_m'),
        );
        if (! $run->solved) {
            throw BadBuild::at(
                '',
                "the strip has no solution: residual {$run->residualA} A after {$run->newton} steps.",
            );
        }
        $one = fn (array $perChannel): mixed => $strip->channels() === 1 ? $perChannel[0] : $perChannel;

        return [
            'units' => $fit->units,
            'cut_length_m' => $fit->cutM,
            'gap_m' => $fit->gapM,
            'current_a' => $run->currentA,
            'power_w' => $run->powerW,
            'first_v' => $one(array_map(fn (array $row): float => $row[0], $run->volts)),
            'last_v' => $one(array_map(fn (array $row): float => $row[count($row) - 1], $run->volts)),
            'lowest_v' => $one(array_map(fn (array $row): float => Extreme::least($row), $run->volts)),
            'relative_flux' => [...$run->span(), 'uniformity' => $run->uniformity(), 'per_unit' => $one($run->flux)],
        ];
    }

    /** vf_v is a number for all channels or a list with one each; the shape follows what stands there. */
    private static function vf(string $text): S
    {
        $decoded = Json::decode($text);
        $vf =
            $decoded instanceof \stdClass && ($decoded->strip ?? null) instanceof \stdClass
                ? $decoded->strip->vf_v ?? null
                : null;

        return is_array($vf) ? S::list(S::number(0.1, 60), 1, 4) : S::number(0.1, 60);
    }

    private static function strip(Fields $f): StripType
    {
        $channels = $f->integer('channels', 1);
        $given = $f->items('vf_v');
        if ($given !== [] && count($given) !== $channels) {
            throw BadBuild::at(
                '/strip/vf_v',
                'expected one value per channel ('.$channels.'), found '.count($given).'.',
            );
        }
        $vf =
            $given === []
                ? array_fill(0, $channels, $f->number('vf_v'))
                : array_map(fn (mixed $v): float => is_numeric($v) ? (float) $v : 0.0, $given);
        if ($f->has('series_leds') && $f->integer('series_leds') > $f->integer('leds_per_cut')) {
            throw BadBuild::at('/strip/series_leds', 'expected at most leds_per_cut.');
        }
        $rail = $f->number('rail_ohm_per_m');
        $strip = new StripType(
            $f->number('nominal_v'),
            $f->number('watts_per_m'),
            $f->number('leds_per_m'),
            $f->integer('leds_per_cut'),
            $vf,
            max($rail, 1e-9),
            max($f->number('common_ohm_per_m', $rail), 1e-9),
            $f->has('series_leds') ? $f->integer('series_leds') : null,
        );
        $bad = $strip->overfull();
        if ($bad !== null) {
            throw BadBuild::at(
                '/strip/vf_v',
                "{$strip->inSeries()} LEDs of {$vf[$bad]} V in series leave nothing of nominal_v {$strip->nominalV} V for a resistor; no such strip exists.",
            );
        }

        return $strip;
    }
}
