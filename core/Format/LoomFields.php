<?php

declare(strict_types=1);

namespace BenchGlow\Format;

use BenchGlow\Format\Shape as S;
use BenchGlow\Quantity\Unit;

/** Fields of format 1 that say where things sit and how they are joined (layout-harness.md 15). */
final class LoomFields
{
    public const ZONES = ['cabin', 'cupboard', 'sealed_panel', 'floor', 'engine', 'outside', 'hinge', 'roof'];

    public const HAZARDS = ['hot', 'moving', 'sharp', 'wet', 'fuel', 'pinch'];

    public const SLEEVES = ['none', 'split', 'braided', 'spiral', 'tape', 'heat', 'conduit'];

    public const PULLS = ['open', 'host_loom', 'conduit', 'behind_panel', 'under_cover', 'section', 'hinge'];

    public const FIXINGS = ['clip', 'loom', 'tape', 'host_loom', 'none'];

    public const ACCESS = ['open', 'panel', 'buried'];

    public const WET = ['dry', 'damp', 'wet'];

    public const HOW = ['lifts_off', 'hinges', 'slides', 'unscrews', 'worn'];

    public const SEALS = ['none', 'tube', 'lined_tube', 'paste_tube', 'tape', 'potted', 'box'];

    public const EDGES = ['bare', 'painted', 'sleeve', 'grommet', 'gland', 'sealed'];

    public const MATERIALS = ['metal', 'plastic', 'wood', 'composite', 'rubber'];

    /** @return array<string, S> */
    public static function sections(): array
    {
        return [
            'places' => S::list(self::place(), 0, 300),
            'carriers' => S::list(
                S::record(
                    [
                        'id' => S::id(),
                        'label' => S::text(60, 1)->called('name'),
                        'how' => S::choice(...self::HOW)->called('how it leaves'),
                        'fact' => S::id()->orNull(),
                    ],
                    ['id', 'label'],
                ),
                0,
                100,
            ),
            'routes' => S::list(self::route(), 0, 400),
            'holes' => S::list(self::hole(), 0, 200),
        ];
    }

    private static function place(): S
    {
        return S::record(
            [
                'id' => S::id(),
                'label' => S::text(60, 1)->called('name'),
                'carrier' => S::id()->orNull()->called('what it sits on'),
                'access' => S::choice(...self::ACCESS)->called('reached'),
                'wet' => S::choice(...self::WET)->called('how wet'),
                'ambient_c' => S::number(-40, 200)->orNull(),
                'reach_m' => S::number(0, 5)->called('reach', Unit::Length),
            ],
            ['id', 'label'],
        );
    }

    private static function route(): S
    {
        return S::record(
            [
                'id' => S::id(),
                'label' => S::text()->called('name'),
                'from' => S::id()->orNull()->called('from'),
                'to' => S::id()->orNull()->called('to'),
                'length_m' => S::number(0, 1000)->orNull()->called('length', Unit::Length),
                'zone' => S::choice(...self::ZONES)->orNull()->called('zone'),
                'ambient_c' => S::number(-40, 200),
                'hazards' => S::list(S::choice(...self::HAZARDS))->called('hazards'),
                'fixing' => S::choice(...self::FIXINGS)->orNull()->called('fixing'),
                'loom' => S::id()->orNull(),
                'access' => S::choice(...self::ACCESS)->called('reached'),
                'sleeve' => S::choice(...self::SLEEVES)->called('sleeve'),
                'sleeve_mm' => S::number(0.1, 200)->orNull()->called('sleeve inside', Unit::Millimetres),
                'ends_closed' => S::flag()->called('ends closed'),
                'spacing_m' => S::number(0.001, 100)->orNull()->called('fixed every', Unit::Length),
                'heat_gap_m' => S::number(0, 10)->orNull()->called('from what is hot', Unit::Length),
                'reach' => S::choice(...WorkFields::REACH)->orNull()->called('room to work'),
                'pull' => S::choice(...self::PULLS)->called('how it is pulled'),
                'minutes' => S::number(0, 6000)->orNull()->called('minutes', Unit::Count),
                'drip_loop' => S::flag()->called('drip loop'),
                'hinge' => S::record(
                    [
                        'still_m' => S::number(0.001, 10)->called('still arm', Unit::Length),
                        'moving_m' => S::number(0.001, 10)->called('moving arm', Unit::Length),
                        'shut_deg' => S::number(0, 360),
                        'open_deg' => S::number(0, 360),
                    ],
                    ['still_m', 'moving_m', 'shut_deg', 'open_deg'],
                )->orNull(),
            ],
            ['id'],
        );
    }

    private static function hole(): S
    {
        return S::record(
            [
                'id' => S::id(),
                'for' => S::id()->called('what goes through'),
                'in' => S::text(60, 1)->called('in'),
                'mm' => S::number(0.1, 500)->called('hole', Unit::Millimetres),
                'material' => S::choice(...self::MATERIALS)->called('material'),
                'count' => S::integer(1, 1000)->called('count', Unit::Count),
                'layout' => S::id()->orNull(),
                'existing' => S::flag()->called('it is there already'),
                'slot' => S::flag()->called('a slot'),
                'behind' => S::text(200)->called('what lies behind'),
                'looked' => S::flag()->called('looked behind'),
                'stop_mm' => S::number(0, 500)->called('stop on the drill', Unit::Millimetres),
                'edge' => S::choice(...self::EDGES)->called('edge'),
                'at' => S::text(200)->called('where'),
            ],
            ['id', 'for', 'in', 'mm'],
        );
    }

    /** @return array<string, array{array<string, S>, list<string>}> kinds of part that join, wrap and hold */
    public static function parts(): array
    {
        $band = fn (float $max): S => S::list(S::number(0, $max), 2, 2);

        return [
            'terminal' => [
                [
                    'style' => S::choice('ring', 'spade', 'blade', 'butt', 'closed_end', 'ferrule', 'tap', 'pin'),
                    'accepts_mm2' => $band(200),
                    'branch_mm2' => $band(200),
                    'stud_mm' => S::number(0.1, 100),
                    'max_wires' => S::integer(1, 100),
                    'colour' => S::text(40),
                ],
                ['style', 'accepts_mm2'],
            ],
            'tube' => [
                ['supplied_mm' => S::number(0.1, 200), 'recovered_mm' => S::number(0.01, 200), 'lined' => S::flag()],
                ['supplied_mm', 'recovered_mm'],
            ],
            'sleeve' => [
                [
                    'style' => S::choice(...self::SLEEVES),
                    'inside_mm' => S::number(0.1, 200),
                    'max_c' => S::number(-40, 1000),
                ],
                ['style', 'inside_mm'],
            ],
            'guard' => [
                [
                    'style' => S::choice('grommet', 'bush', 'gland'),
                    'hole_mm' => S::number(0.1, 500),
                    'sheet_mm' => $band(100),
                    'wires_mm' => $band(200),
                    'sealed' => S::flag(),
                ],
                ['style', 'hole_mm'],
            ],
            'fixing' => [
                ['style' => S::choice('clip', 'tie', 'saddle', 'pad', 'channel'), 'holds_mm' => $band(200)],
                ['style'],
            ],
        ];
    }

    /** @return array<string, S> targets of the loom */
    public static function settings(): array
    {
        return [
            'slack' => S::record([
                'laid' => S::number(0, 1)->called('laid slack', Unit::Percent),
                'loop_m' => S::number(0, 10)->called('loop', Unit::Length),
                'round_m' => S::number(0.001, 10)->called('cut to the next', Unit::Length),
            ]),
            'bundle_fill' => S::number(0.05, 1)->called('sleeve filled to', Unit::Percent),
            'reuse_m' => S::number(0, 100)->called('offcuts kept from', Unit::Length),
            'colour_plan' => S::record([
                'by' => S::choice('circuit', 'function', 'one'),
                'return' => S::text(40),
                'feeds' => S::list(S::text(40, 1), 1, 40),
                'left' => S::text(40)->orNull(),
                'right' => S::text(40)->orNull(),
            ]),
        ];
    }

    /** @return array<string, S> fields of a lead */
    public static function lead(): array
    {
        return [
            'length_from' => S::choice('strung', 'supplied', 'guess')->called('length known from'),
            'supplied_m' => S::number(0, 1000)->orNull()->called('supplied length', Unit::Length),
            'made_up_m' => S::list(S::number(0, 10)->orNull(), 2, 2),
            'loop_m' => S::number(0, 10)->orNull()->called('loop', Unit::Length),
            'end_parts' => S::list(S::id()->orNull(), 2, 2),
        ];
    }
}
