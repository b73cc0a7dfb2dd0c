<?php

declare(strict_types=1);

namespace BenchGlow\Format;

use BenchGlow\Format\Shape as S;
use BenchGlow\Quantity\Unit;

/** The build file, format 1: every section with its fields, in canonical order. */
final class FormatOne
{
    public const NAME = 'bench-glow/build';

    public const VERSION = 1;

    public const MINOR = 10;

    public const PLACES = [
        'boat',
        'road_vehicle',
        'cycle',
        'cabinet',
        'display',
        'stall',
        'portable',
        'wearable',
        'other',
    ];

    public const SUPPLY_KINDS = [
        'lead_acid_12v',
        'lead_acid_24v',
        'lifepo4_12v',
        'lifepo4_24v',
        'driver_12v',
        'driver_24v',
        'usb_5v',
        'block_9v',
        'tool_18v',
        'no_battery_12v',
        'bench_supply',
        'other',
    ];

    /** What a fastening may hold that carries no lug. */
    public const FASTENINGS = ['belt', 'steering', 'brake', 'fuel', 'suspension', 'restraint', 'bus_bar'];

    /** Whose bolt or stud a ground is. */
    public const FASTENERS = [
        'own',
        'panel',
        'bracket',
        'belt',
        'steering',
        'brake',
        'fuel',
        'suspension',
        'structure',
        'bus_bar',
        'unknown',
    ];

    /** What something that is thrown is. */
    public const INPUT_KINDS = [
        'hand',
        'key',
        'running',
        'brake',
        'turn',
        'hazard',
        'reverse',
        'fog',
        'courtesy',
        'door',
        'lid',
        'load',
        'remote',
        'dusk',
        'motion',
        'other',
    ];

    public const FACT_KINDS = [
        'no_drill',
        'comes_apart',
        'wet',
        'hot',
        'moving',
        'surface',
        'seen_by',
        'road',
        'water',
        'budget',
        'needed_by',
        'looks_unlit',
        'hinders',
        'other',
    ];

    /** What a wire of the host may look like, or where it goes, that says to leave it alone. */
    public const HINTS = [
        'sheath_yellow',
        'at_restraint',
        'at_engine',
        'mains_cable',
        'sheath_orange',
        'twisted',
        'shielded',
    ];

    public const COLOURS = [
        'red',
        'amber',
        'yellow',
        'green',
        'blue',
        'uv',
        'white',
        'warm_white',
        'neutral_white',
        'cool_white',
    ];

    private static ?S $shape = null;

    public static function shape(): S
    {
        return self::$shape ??= S::record(
            [
                'format' => S::choice(self::NAME),
                'version' => S::integer(self::VERSION, self::VERSION),
                'minor' => S::integer(0, 999),
                'title' => S::text(200, 1),
                'place' => S::choice(...self::PLACES),
                'settings' => self::settings(),
                'brief' => S::record([
                    'note' => S::text(5000),
                    'host_version' => S::text(60)->called('version of the host'),
                    'facts' => S::list(
                        S::record(
                            [
                                'id' => S::id(),
                                'kind' => S::choice(...self::FACT_KINDS),
                                'where' => S::text(),
                                'value' => S::text(),
                            ],
                            ['id', 'kind'],
                        ),
                    ),
                ]),
                'supplies' => S::list(self::supply()),
                'inputs' => S::list(
                    S::record(
                        [
                            'id' => S::id(),
                            'label' => S::text()->called('name'),
                            'kind' => S::choice(...self::INPUT_KINDS),
                            'positions' => S::list(S::local(), 2, 20),
                            'momentary' => S::flag(),
                        ],
                        ['id', 'kind'],
                    ),
                ),
                'never' => S::list(S::when()),
                'host' => self::host(),
                'parts' => S::list(self::part()),
                'circuits' => S::list(
                    S::record(
                        [
                            'id' => S::id(),
                            'flag' => S::text(3, 1),
                            'label' => S::text(200, 1)->called('name'),
                            'note' => S::text(2000),
                            // What it was once made for is no use any more without what it went by; a wish has to be said anew.
                            'composed_for' => S::when()->called('what it was made for')->goingAlong(),
                            'wants' => S::list(
                                S::record(
                                    [
                                        'id' => S::id(),
                                        'label' => S::text()->called('name'),
                                        'glow' => S::list(S::pin(), 1)->called('what glows'),
                                        'when' => S::when()->called('when it glows'),
                                        'level' => S::choice('on', 'low', 'high', 'free'),
                                        'flash' => S::flag(),
                                        'colour' => S::text()->orNull(),
                                    ],
                                    ['id', 'glow', 'when'],
                                ),
                            ),
                        ],
                        ['id', 'label'],
                    ),
                ),
                'lights' => S::list(self::light()),
                'devices' => S::list(self::device()),
                'leads' => S::list(self::lead()),
                ...LoomFields::sections(),
                ...self::later(),
            ],
            ['format', 'version', 'title', 'place', 'supplies', 'circuits'],
        );
    }

    /**
     * What is known of a field: what it is called, its unit, its choices, whether it may be left to the recommendation.
     *
     * @param  string  $section  where the thing stands, as lights or leads.inline; '' for the build itself
     * @param  string  $kind  of the thing, where its section has several
     * @param  string  $field  with points into what it holds: behaviour.hz
     */
    public static function field(string $section, string $kind, string $field): FieldFact
    {
        $shape = self::shape();
        foreach ($section === '' ? [] : explode('.', $section) as $step) {
            $inner = $shape->fieldsOf(null)[$step] ?? null;
            $shape = $inner->of ?? ($inner ?? $shape);
        }
        foreach (explode('.', $field) as $n => $step) {
            $shape = match (true) {
                $shape?->type === 'map', $shape?->type === 'list' && ctype_digit($step) => $shape->of,
                default => $shape?->fieldsOf($n === 0 ? $kind : null)[$step] ?? null,
            };
        }

        return FieldFact::of($field, $shape);
    }

    private static function settings(): S
    {
        $band = S::list(S::number(0, 10), 2, 2);

        return S::record([
            'drop_target' => S::number(0.0001, 0.5)->called('drop target', Unit::Percent),
            'uniformity_target' => S::number(0, 1)->called('evenness target', Unit::Percent),
            'fuse_distance_m' => S::number(0, 10)->called('fuse distance', Unit::Length),
            'resistor_series' => S::choice('E12', 'E24', 'E96'),
            'lit_from' => S::number(0, 1),
            'dark_to' => S::number(0, 1),
            'levels' => S::record(['low' => $band, 'high' => $band]),
            'level_ratio_min' => S::number(1, 1000)->called('high over low', Unit::Count),
            'least_web' => S::number(0, 10)->called('least web, holes', Unit::Count),
            'currency' => S::text(8, 1),
            ...LoomFields::settings(),
        ]);
    }

    private static function supply(): S
    {
        // Extra-low voltage only: nothing over 60 V is designed here.
        $volts = S::number(0.1, 60);

        return S::record(
            [
                'id' => S::id(),
                'label' => S::text()->called('name'),
                'kind' => S::choice(...self::SUPPLY_KINDS),
                'min_v' => $volts->called('lowest volts', Unit::Volts),
                'nominal_v' => $volts->called('normal volts', Unit::Volts),
                'max_v' => $volts->called('highest volts', Unit::Volts),
                'internal_ohm' => S::number(0, 1000)->called('inner resistance', Unit::Ohms),
                'capacity_ah' => S::number(0.001, 100000)->orNull()->called('capacity', Unit::AmpHours),
                'usable_fraction' => S::number(0.01, 1),
                'peukert' => S::number(1, 2),
                'max_current_a' => S::number(0.001, 100000)->orNull()->called('most amps', Unit::Amps),
                'rated_w' => S::number(0.001, 100000)->orNull()->called('rating', Unit::Watts),
                'charger' => S::record(
                    ['charge_a' => S::number(0, 10000), 'when' => S::when()],
                    ['charge_a'],
                )->orNull(),
                'circuit' => S::id()->orNull(),
                'place' => S::id()->orNull()->called('place'),
            ],
            ['id', 'kind', 'min_v', 'nominal_v', 'max_v'],
        );
    }

    private static function host(): S
    {
        return S::record([
            'panels' => WorkFields::panels(),
            'ways' => S::list(
                S::record(
                    [
                        'id' => S::id(),
                        'label' => S::text()->called('name'),
                        'kind' => S::choice('fuse_way', 'spare_way', 'panel_channel', 'bus_stud', 'post', 'outlet'),
                        'comfort' => S::flag(),
                        'fuse_a' => S::number(0.01, 1000)->orNull()->called('fuse', Unit::Amps),
                        'box_max_a' => S::number(0.001, 1000)->orNull()->called('rating of the box', Unit::Amps),
                        'load_a' => S::number(0, 1000)->orNull()->called('its own load', Unit::Amps),
                        'live_when' => S::when()->orNull()->called('live when'),
                        'fed_by' => S::id(),
                        'place' => S::id()->orNull()->called('place'),
                    ],
                    ['id', 'kind', 'fed_by'],
                ),
            ),
            'wires' => S::list(
                S::record(
                    [
                        'id' => S::id(),
                        'label' => S::text()->called('name'),
                        'kind' => S::text(40),
                        'polarity' => S::choice('positive', 'ground'),
                        'live_when' => S::when()->orNull()->called('live when'),
                        'behaviour' => S::record(
                            [
                                'kind' => S::choice('steady', 'flashing', 'timed', 'fading'),
                                'hz' => S::number(0.01, 50)->called('flashes a second', Unit::Count),
                                'duty' => S::number(0, 1),
                                'off_after_s' => S::number(0.01),
                                'fade_s' => S::number(0.001),
                            ],
                            ['kind'],
                        ),
                        'fed_by' => S::id(),
                        'way' => S::id()->orNull(),
                        'fuse_a' => S::number(0.01, 1000)->orNull()->called('fuse', Unit::Amps),
                        'source_ohm' => S::number(0, 1000),
                        'area_mm2' => S::number(0.001, 200)->orNull(),
                        'max_a' => S::number(0.001, 1000)->orNull()->called('good for', Unit::Amps),
                        'tap' => S::choice('allowed', 'never', 'ask'),
                        'loads' => S::list(
                            S::record(
                                [
                                    'id' => S::local(),
                                    'kind' => S::choice(
                                        'filament',
                                        'resistive',
                                        'led',
                                        'coil',
                                        'motor',
                                        'electronics',
                                        'unknown',
                                    ),
                                    'w' => S::number(0, 10000),
                                    'at_v' => S::number(0.5, 60),
                                    'colour' => S::choice(...self::COLOURS),
                                    'lm' => S::number(0),
                                    'mixes_into' => S::id()->orNull(),
                                    'home' => S::id()->orNull(),
                                ],
                                ['id', 'kind'],
                            ),
                        ),
                        'place' => S::id()->orNull()->called('place'),
                    ],
                    ['id', 'polarity', 'fed_by'],
                ),
            ),
            'grounds' => S::list(
                S::record(
                    [
                        'id' => S::id(),
                        'label' => S::text()->called('name'),
                        'kind' => S::choice('body', 'post', 'sensor_body_side', 'ground_wire', 'stud'),
                        'of' => S::id(),
                        'ohm' => S::number(0, 1000),
                        'surface' => S::choice('stud', 'bare_metal', 'painted', 'unknown'),
                        'fastens' => S::choice(...self::FASTENINGS)->orNull()->called('what it holds'),
                        'stud_mm' => S::number(0.1, 100)->orNull()->called('stud', Unit::Millimetres),
                        'fastener' => S::choice(...self::FASTENERS)->called('what bolt it is'),
                        'place' => S::id()->orNull()->called('place'),
                    ],
                    ['id', 'of'],
                ),
            ),
        ]);
    }

    private static function part(): S
    {
        $colour = S::choice(...self::COLOURS);
        $body = [
            'style' => S::text(40),
            'pins' => S::list(S::local(), 1, 60),
            'pin_colours' => S::map(S::text(40)),
            'positions' => S::list(S::local(), 1, 20),
            'inside' => S::list(self::inside($colour)),
            'contacts' => S::list(
                S::record(
                    [
                        'id' => S::local(),
                        'from' => S::local(),
                        'to' => S::local(),
                        'closed_when' => S::condition(),
                        'max_a' => S::number(0.001, 1000)->orNull(),
                        'ohm' => S::number(0, 1000),
                        'duty' => S::duty(),
                        'pwm_hz' => S::number(0.1)->orNull(),
                        'flash_hz' => S::number(0.01, 50)->orNull(),
                    ],
                    ['id', 'from', 'to', 'closed_when'],
                ),
            ),
            'ports' => self::ports(),
            'mercury' => S::flag(),
            'min_load_w' => S::number(0, 10000),
            'max_total_a' => S::number(0.001, 1000)->orNull(),
        ];

        return S::variants(
            [
                'id' => S::id(),
                'label' => S::text()->called('name'),
                'catalogue' => S::text(80)->orNull(),
                'price' => S::number(0, 1e6)->orNull(),
                'pack' => S::record(
                    [
                        'size' => S::number(0.000001, 1e6),
                        'unit' => S::choice('piece', 'm'),
                        'price' => S::pattern(
                            '^\\d{1,9}(\\.\\d{1,4})?$',
                            'money as decimal text, as "12.50"',
                        )->orNull(),
                        'from' => S::text(80),
                        'lead_days' => S::integer(0, 1000),
                    ],
                    ['size', 'unit'],
                )->orNull(),
                'note' => S::text(2000),
            ],
            ['id'],
            [
                'wire' => [
                    [
                        'area_mm2' => S::number(0.001, 200),
                        'awg' => S::integer(0, 40)->orNull(),
                        'cores' => S::integer(1, 64),
                        'insulation_c' => S::number(40, 300),
                        'strands' => S::integer(1, 2000)->orNull(),
                        'outside_mm' => S::number(0.1, 100),
                        'sheath_mm' => S::number(0.1, 200),
                        'material' => S::choice('copper', 'copper_clad_aluminium'),
                        'colours' => S::list(S::text(40)),
                    ],
                    ['area_mm2'],
                ],
                'led' => [
                    [
                        'vf_v' => S::number(0.1, 60),
                        'if_a' => S::number(0.000001, 100),
                        'imax_a' => S::number(0.000001, 100),
                        'vf_tolerance_v' => S::number(0, 10),
                        'ideality' => S::number(0.1, 10),
                        'rs_ohm' => S::number(0, 1e6)->orNull(),
                        'colour' => $colour,
                        'lm' => S::number(0),
                        'viewing_deg' => S::number(0.001, 180),
                        'diameter_mm' => S::number(0.001, 1000),
                        'flange_mm' => S::number(0.001, 1000),
                        'height_mm' => S::number(0.001, 1000),
                    ],
                    ['vf_v', 'if_a', 'imax_a'],
                ],
                'strip' => [
                    [
                        'nominal_v' => S::number(0.1, 60)->called('normal volts', Unit::Volts),
                        'watts_per_m' => S::number(0.01, 1000),
                        'leds_per_m' => S::number(0.1, 5000),
                        'leds_per_cut' => S::integer(1, 1000),
                        'series_leds' => S::integer(1, 1000),
                        'common' => S::choice('plus', 'minus'),
                        'channels' => S::list(
                            S::record(
                                [
                                    'id' => S::word(),
                                    'vf_v' => S::number(0.1, 60),
                                    'colour' => $colour,
                                    'lm_per_m' => S::number(0),
                                ],
                                ['id', 'vf_v', 'colour'],
                            ),
                            1,
                            4,
                        ),
                        'rail_ohm_per_m' => S::number(0, 1000)->called('rail resistance', Unit::OhmsPerMetre),
                        'common_ohm_per_m' => S::number(0, 1000),
                        'rail_from' => S::choice('typical', 'label', 'measured'),
                        'width_mm' => S::number(0.001, 1000),
                        'max_run_m' => S::number(0.001, 1000)->orNull(),
                        'min_bend_mm' => S::number(0, 10000)->orNull(),
                        'viewing_deg' => S::number(0.001, 180),
                        'sealed' => S::flag(),
                    ],
                    ['nominal_v', 'watts_per_m', 'leds_per_m', 'leds_per_cut', 'channels'],
                ],
                'diode' => [
                    [
                        'technology' => S::choice('schottky', 'silicon'),
                        'vf_v' => S::number(0.1, 60),
                        'if_a' => S::number(0.000001, 1000),
                        'max_a' => S::number(0.001, 1000)->orNull(),
                        'ideality' => S::number(0.1, 10)->orNull(),
                        'rs_ohm' => S::number(0, 1e6)->orNull(),
                    ],
                    [],
                ],
                'plug' => [
                    [
                        'ways' => S::integer(1, 100),
                        'keyed' => S::flag(),
                        'sealed' => S::flag(),
                        'max_a' => S::number(0.001, 1000)->orNull(),
                        'live_side' => S::choice('female', 'male'),
                        'ohm' => S::number(0, 1000),
                    ],
                    ['ways'],
                ],
                'module' => [$body, ['pins', 'inside']],
                'switch' => [$body, ['pins', 'contacts']],
                'relay' => [$body, ['pins', 'inside', 'contacts']],
                'controller' => [$body, ['pins']],
                ...LoomFields::parts(),
                'sundry' => [[], []],
            ],
        );
    }

    /** How a part goes into a wire: [source side, light side], returns it has to carry, pins of its own with what they want. */
    private static function ports(): S
    {
        $pairs = S::list(S::list(S::local(), 2, 2), 0, 20);

        return S::record([
            'through' => $pairs,
            'back' => $pairs,
            'own' => S::list(
                S::record(
                    ['pin' => S::local(), 'need' => S::choice('plus', 'minus', 'trigger', 'signal')],
                    ['pin', 'need'],
                ),
                0,
                20,
            ),
        ]);
    }

    private static function inside(S $colour): S
    {
        $light = ['colour' => $colour, 'lm' => S::number(0)];

        return S::variants(
            ['id' => S::word(), 'from' => S::local(), 'to' => S::local()],
            ['id', 'from', 'to'],
            [
                'link' => [[], []],
                'resistor' => [['ohm' => S::number(0, 1e9)], ['ohm']],
                'sense' => [
                    [
                        'ohm' => S::number(0.001, 1e9),
                        'pull_in_v' => S::number(0.1, 60),
                        'drop_out_v' => S::number(0, 60),
                        'either_way' => S::flag(),
                        'hold_s' => S::number(0, 1e6),
                    ],
                    ['ohm', 'pull_in_v', 'drop_out_v'],
                ],
                'string' => [
                    [
                        'series_leds' => S::integer(1, 1000),
                        'vf_v' => S::number(0.1, 60),
                        'if_a' => S::number(0.000001, 100),
                        'ohm' => S::number(0, 1e9),
                        ...$light,
                    ],
                    ['series_leds', 'vf_v', 'if_a'],
                ],
                'diode' => [
                    [
                        'technology' => S::choice('schottky', 'silicon'),
                        'vf_v' => S::number(0.1, 60),
                        'if_a' => S::number(0.000001, 1000),
                        'ideality' => S::number(0.1, 10)->orNull(),
                        'rs_ohm' => S::number(0, 1e6)->orNull(),
                    ],
                    [],
                ],
                'linear' => [
                    ['amps' => S::number(0.000001, 100), 'dropout_v' => S::number(0.1, 60), ...$light],
                    ['amps', 'dropout_v'],
                ],
                'switching' => [
                    [
                        'watts' => S::number(0.001, 10000),
                        'from_v' => S::number(0.1, 60),
                        'to_v' => S::number(0.1, 60),
                        ...$light,
                    ],
                    ['watts', 'from_v', 'to_v'],
                ],
            ],
        );
    }

    private static function light(): S
    {
        return S::variants(
            [
                'id' => S::id(),
                'circuit' => S::id()->orNull(),
                'part' => S::id(),
                'label' => S::text()->called('name'),
                'side' => S::text(40),
                'mirror_of' => S::id()->orNull(),
                'faces' => S::text(),
                'surface' => S::text(),
                'place' => S::id()->orNull()->called('place'),
                'end_place' => S::id()->orNull()->called('place of its far end'),
            ],
            ['id', 'part'],
            [
                'strip' => [
                    [
                        'wanted_m' => S::number(0, 1000)->called('length', Unit::Length),
                        'fit' => S::choice('down', 'up')->called('cut'),
                    ],
                    ['wanted_m'],
                ],
                'leds' => [
                    [
                        'count' => S::integer(1, 10000)->called('count', Unit::Count),
                        'per_string' => S::integer(1, 1000)->called('LEDs in series', Unit::Count),
                        'ohm' => S::number(0, 1e9)->called('resistor', Unit::Ohms),
                        'last_ohm' => S::number(0, 1e9)->orNull()->called('last resistor', Unit::Ohms),
                    ],
                    ['count', 'per_string', 'ohm'],
                ],
                'module' => [
                    [
                        'count' => S::integer(1, 1000)->called('count', Unit::Count),
                        'spacing_m' => S::number(0, 1000)->called('spacing', Unit::Length),
                        'wire' => S::id()->orNull(),
                    ],
                    [],
                ],
            ],
        );
    }

    private static function device(): S
    {
        return S::variants(
            [
                'id' => S::id(),
                'circuit' => S::id()->orNull(),
                'label' => S::text()->called('name'),
                'side' => S::text(40),
                'place' => S::id()->orNull()->called('place'),
            ],
            ['id'],
            [
                'switch' => [
                    ['part' => S::id(), 'at' => S::map(S::when()), 'travel_deg' => S::number(0, 360)],
                    ['part'],
                ],
                'relay' => [['part' => S::id()], ['part']],
                'controller' => [
                    [
                        'part' => S::id(),
                        'set' => S::map(S::number(0, 1)),
                        'hears' => S::map(S::pin()),
                        'link_when' => S::when()->orNull(),
                    ],
                    ['part'],
                ],
                'plug' => [['part' => S::id()], ['part']],
                'joint' => [
                    [
                        'style' => S::choice('solder', 'crimp', 'idc_tap', 'terminal', 'screw', 'bus_bar'),
                        'spare_a' => S::number(0, 1000)->orNull(),
                        'part' => S::id()->orNull(),
                        'seal' => S::choice(...LoomFields::SEALS)->orNull()->called('seal'),
                        'tube_mm' => S::number(0.1, 200)->orNull()->called('tube', Unit::Millimetres),
                    ],
                    [],
                ],
                'fuse_tap' => [
                    [
                        'way' => S::id(),
                        'fuse_a' => S::number(0.01, 1000)->orNull()->called('fuse', Unit::Amps),
                        'live_leg' => S::choice('common', 'other', 'unknown'),
                    ],
                    ['way'],
                ],
            ],
        );
    }

    private static function lead(): S
    {
        $at = [
            'id' => S::id(),
            'label' => S::text()->called('name'),
            'at_m' => S::number(0, 1000)->called('place in the wire', Unit::Length),
            'core' => S::integer(1, 64),
        ];

        return S::record(
            [
                'id' => S::id(),
                'circuit' => S::id()->orNull(),
                'label' => S::text()->called('name'),
                'cores' => S::list(S::list(S::pin()->orNull(), 2, 2), 1, 64),
                'length_m' => S::number(0, 1000)->orNull()->called('lead length', Unit::Length),
                'wire' => S::id()->orNull(),
                'colours' => S::list(S::text(40)),
                'route' => S::list(S::id()),
                'ends' => S::list(
                    S::choice('solder', 'crimp', 'idc_tap', 'screw', 'spade', 'ring', 'plug', 'factory')->orNull(),
                    2,
                    2,
                ),
                ...LoomFields::lead(),
                'inline' => S::list(
                    S::variants(
                        $at,
                        ['id', 'at_m'],
                        [
                            'fuse' => [
                                [
                                    'fuse_a' => S::number(0.01, 1000)->orNull()->called('fuse', Unit::Amps),
                                    'form' => S::choice('inline_blade', 'inline_glass', 'box', 'breaker'),
                                ],
                                [],
                            ],
                            'diode' => [['part' => S::id(), 'points' => S::choice('to', 'from')], ['part']],
                            'resistor' => [
                                [
                                    'ohm' => S::number(0, 1e9)->called('resistor', Unit::Ohms),
                                    'trial' => S::record([
                                        'pot_ohm' => S::number(0, 1e9),
                                        'fixed_ohm' => S::number(0, 1e9),
                                    ]),
                                ],
                                ['ohm'],
                            ],
                            'plug' => [['plug' => S::id(), 'ways' => S::list(S::integer(1, 100), 1)], ['plug']],
                        ],
                    ),
                ),
            ],
            ['id', 'cores'],
        );
    }

    /** @return array<string, S> sections that later stations compute with; read, checked and written now */
    private static function later(): array
    {
        $date = S::text(40);

        return [
            'scenes' => S::list(
                S::record(
                    [
                        'id' => S::id(),
                        'label' => S::text()->called('name'),
                        'starts' => S::choice('hand', 'power', 'input'),
                        'when' => S::when()->orNull(),
                        'repeat' => S::flag(),
                        'steps' => S::list(
                            S::record(
                                [
                                    'at_s' => S::number(0),
                                    'set' => S::map(S::number(0, 1), S::PIN),
                                    'fade_s' => S::number(0),
                                ],
                                ['at_s', 'set'],
                            ),
                        ),
                    ],
                    ['id'],
                ),
            ),
            'stories' => S::list(
                S::record(
                    [
                        'id' => S::id(),
                        'label' => S::text()->called('name'),
                        'lasts_s' => S::number(0.001)->called('how long it lasts'),
                        'events' => S::list(
                            S::record(
                                ['at_s' => S::number(0), 'input' => S::id(), 'to' => S::local()],
                                ['at_s', 'input', 'to'],
                            ),
                        ),
                        'wanted' => S::list(
                            S::record(
                                ['circuit' => S::id(), 'from_s' => S::number(0), 'to_s' => S::number(0)],
                                ['circuit', 'from_s', 'to_s'],
                            ),
                        ),
                    ],
                    ['id', 'lasts_s'],
                ),
            ),
            'probe' => self::probe($date),
            'layouts' => S::list(self::layout(), 0, 60),
            ...WorkFields::sections(),
            ...ProofFields::sections(),
            ...HandOverFields::sections(),
            'accepted' => S::list(
                S::record(
                    [
                        'rule' => S::text(80, 1),
                        'subject' => S::text(80, 1),
                        'reason' => S::text(1000, 1),
                        'on' => $date,
                    ],
                    ['rule', 'subject', 'reason'],
                ),
            ),
        ];
    }

    /** What was found at the host's wires: connectors, wires, readings (probe-prove.md 16). */
    private static function probe(S $date): S
    {
        return S::record([
            'goal' => S::choice('needed', 'all')->called('goal'),
            'baseline' => S::list(
                S::record(
                    [
                        'what' => S::text(),
                        'works' => S::flag(),
                        'input' => S::id()->orNull(),
                        'is' => S::local()->orNull(),
                        'load' => S::pin()->orNull(),
                        'on' => $date,
                    ],
                    ['what', 'works'],
                ),
            ),
            'connectors' => S::list(
                S::record(
                    [
                        'id' => S::id(),
                        'label' => S::text()->called('name'),
                        'ways' => S::integer(1, 200)->called('ways', Unit::Count),
                        'rows' => S::integer(1, 10)->called('rows', Unit::Count),
                        'spot' => S::choice('lamp', 'loom', 'panel', 'relay', 'driver', 'other')->called('place'),
                        'reference' => S::id()->orNull()->called('black tip'),
                    ],
                    ['id', 'ways'],
                ),
            ),
            'wires' => S::list(
                S::record(
                    [
                        'id' => S::id(),
                        'label' => S::text()->called('name'),
                        'colour' => S::text(40)->called('colour'),
                        'tracer' => S::text(40)->orNull()->called('tracer'),
                        'area_mm2' => S::number(0.001, 200)->orNull()->called('thickness'),
                        'connector' => S::id()->orNull(),
                        'way' => S::integer(1, 200)->orNull(),
                        'hints' => S::list(S::choice(...self::HINTS))->called('hints'),
                        'claims' => S::list(
                            S::record(
                                [
                                    'says' => S::text(40, 1),
                                    'from' => S::choice('kit_sheet', 'diagram', 'label', 'owner', 'colour'),
                                ],
                                ['says', 'from'],
                            ),
                        )->called('claims'),
                        'named' => S::record(
                            ['function' => S::text(40, 1), 'by' => S::choice('readings', 'builder')],
                            ['function'],
                        )
                            ->orNull()
                            ->called('name'),
                        'became' => S::id()->orNull(),
                    ],
                    ['id'],
                ),
                0,
                200,
            ),
            'readings' => S::list(
                S::record(
                    [
                        'id' => S::id(),
                        'wire' => S::id()->orNull(),
                        'pin' => S::pin()->orNull(),
                        'to' => S::text(),
                        'with' => S::map(S::local(), S::ID),
                        'powered' => S::flag(),
                        'kind' => S::choice('volts', 'millivolts', 'ohms', 'lamp', 'beep', 'amps', 'seconds'),
                        'value' => S::number()->orNull(),
                        'word' => S::choice(
                            'pulsing',
                            'wandering',
                            'bright',
                            'dim',
                            'dark',
                            'open',
                            'beeps',
                            'silent',
                        )->orNull(),
                        'instrument' => S::choice('meter', 'test_lamp', 'led_tester', 'beeper', 'clamp'),
                        'supply_v' => S::number(0, 60)->orNull(),
                        'after_s' => S::number(0)->orNull(),
                        'set_aside' => S::flag(),
                        'on' => $date,
                    ],
                    ['id'],
                ),
                0,
                5000,
            ),
        ]);
    }

    private static function layout(): S
    {
        $mm = fn (float $max = 1000): S => S::number(0.001, $max);
        $point = fn (): S => S::list(S::number(-10, 10), 2, 2);

        return S::variants(
            [
                'id' => S::id(),
                'label' => S::text(60),
                'light' => S::id()->orNull(),
                'chosen' => S::flag(),
                'mirror_of' => S::id()->orNull(),
                'piece' => S::id()->orNull(),
                'at_m' => $point(),
                'turn_deg' => S::number(-360, 360),
                'side' => S::choice('left', 'right')->orNull(),
                'accuracy_mm' => S::number(0, 1000)->called('accuracy', Unit::Millimetres),
                'covered_by' => S::text(60),
            ],
            ['id'],
            [
                'piece' => [
                    [
                        'outline' => self::outline(),
                        'thickness_mm' => S::number(0, 1000)->called('thickness', Unit::Millimetres),
                        'material' => S::choice('metal', 'plastic', 'wood', 'glass', 'composite', 'fabric', 'rubber'),
                        'softens_c' => S::number(-40, 2000)->orNull(),
                        'loaded' => S::flag()->called('carries load'),
                        'datum' => S::choice('left', 'right', 'centre', 'line'),
                        'datum_m' => S::number(-10, 10)->called('datum', Unit::Length),
                        'marks' => S::list(self::mark(), 0, 200),
                    ],
                    [],
                ],
                'strip_path' => [
                    [
                        'anchor' => S::choice('start', 'end', 'middle'),
                        'segments' => S::list(
                            S::record([
                                'straight_m' => S::number(0, 1000)->called('straight', Unit::Length),
                                'corner' => S::choice('fold', 'jumper', 'new_piece', 'bend'),
                                'deg' => S::number(-360, 360),
                                'radius_mm' => S::number(0, 10000)->orNull()->called('radius', Unit::Millimetres),
                                'surface' => S::choice(
                                    'painted',
                                    'bare_metal',
                                    'glass',
                                    'smooth_plastic',
                                    'grained_plastic',
                                    'waxy_plastic',
                                    'wood',
                                    'fabric',
                                    'rubber',
                                ),
                                'hold' => S::choice('tape', 'strong_tape', 'channel', 'clips', 'glue', 'clamp'),
                            ]),
                            0,
                            200,
                        ),
                        'laid_m' => S::number(0, 1000)->orNull()->called('laid dry', Unit::Length),
                        'feed_at' => S::choice('start', 'end', 'middle')->orNull(),
                        'height_m' => S::number(0.001, 100)->called('height', Unit::Length),
                        'piece_lights' => S::list(S::id(), 0, 200),
                    ],
                    [],
                ],
                'hole_row' => [
                    [
                        'part' => S::id()->orNull(),
                        'length_m' => S::number(0, 100)->called('length', Unit::Length),
                        'margin_m' => S::number(0, 100)->called('margin', Unit::Length),
                        'count' => S::integer(1, 10000)->called('count', Unit::Count),
                        'pitch_m' => S::number(0, 100)->orNull()->called('pitch', Unit::Length),
                        'hole_mm' => $mm()->called('hole', Unit::Millimetres),
                        'wall_mm' => $mm()->called('wall', Unit::Millimetres),
                        'wall_to_mm' => $mm()->orNull()->called('wall where it is thickest', Unit::Millimetres),
                        'edge_mm' => $mm(10000)->called('to the edge', Unit::Millimetres),
                        'width_mm' => $mm(10000)->called('width of the flat', Unit::Millimetres),
                        'fit' => S::choice('nominal', 'bezel', 'tight'),
                        'seen_from' => S::choice('front', 'back'),
                    ],
                    [],
                ],
                'panel' => [
                    [
                        'outline' => self::outline(),
                        'arrange' => S::choice('rows', 'grid', 'stroke', 'edge', 'points'),
                        'pitch_m' => S::number(0.001, 10)->called('pitch', Unit::Length),
                        'edge_margin_m' => S::number(0, 1)->called('margin', Unit::Length),
                        'points' => S::list($point(), 0, 2000),
                        'lights' => S::list(
                            S::record(
                                ['light' => S::id(), 'rows' => S::list(S::integer(1, 1000), 0, 1000)],
                                ['light', 'rows'],
                            ),
                            0,
                            40,
                        ),
                        'target' => S::number(0.1, 1)->called('evenness wanted', Unit::Percent),
                        'box_area_m2' => S::number(0.0001, 1000)->orNull(),
                        'depth_m' => S::number(0.001, 10)->called('depth', Unit::Length),
                        'rows' => S::integer(1, 1000)->called('rows', Unit::Count),
                        'reflectance' => S::number(0, 0.98)->called('inside reflects', Unit::Percent),
                        'transmission' => S::number(0, 1)->called('face lets through', Unit::Percent),
                        'viewing_deg' => S::number(0.001, 180),
                    ],
                    [],
                ],
                'footprint' => [
                    [
                        'height_m' => S::number(0.001, 100)->called('height', Unit::Length),
                        'tilt_deg' => S::number(-90, 90),
                        'spacing_m' => S::number(0.001, 100)->called('spacing', Unit::Length),
                        'path_m' => S::number(0.001, 1000)->called('path', Unit::Length),
                        'lamps' => S::integer(1, 2000)->called('lamps', Unit::Count),
                        'wall_m' => S::number(0, 100)->called('wall', Unit::Length),
                        'hood_m' => S::number(0, 10)->called('lip', Unit::Length),
                        'shadows' => S::list(
                            S::record(
                                [
                                    'from_m' => S::number(-10, 1000),
                                    'to_m' => S::number(-10, 1000),
                                    'height_m' => S::number(0, 100),
                                ],
                                ['from_m', 'to_m'],
                            ),
                            0,
                            200,
                        ),
                        'viewers' => S::list(
                            S::record(
                                [
                                    'id' => S::local(),
                                    'kind' => S::choice('seat', 'standing', 'behind', 'other'),
                                    'at_m' => S::list(S::number(-10, 10), 3, 3),
                                ],
                                ['id', 'at_m'],
                            ),
                            0,
                            40,
                        ),
                        'travel' => S::record([
                            'pivot_m' => S::number(-10, 10),
                            'shut_deg' => S::number(-360, 360),
                            'open_deg' => S::number(-360, 360),
                        ]),
                    ],
                    [],
                ],
                'stray' => [
                    [
                        'lamp_m' => S::list(S::number(-100, 100), 2, 2),
                        'gap_m' => S::list(S::number(-100, 100), 4, 4),
                        'hood_m' => S::number(0, 10)->called('hood', Unit::Length),
                        'target_m' => S::list(S::number(-100, 100), 4, 4),
                        'viewing_deg' => S::number(0, 180),
                    ],
                    [],
                ],
                'sensor' => [
                    [
                        'device' => S::id(),
                        'unit' => S::choice('deg', 'mm'),
                        'shut' => S::number(-10000, 10000),
                        'open' => S::number(-10000, 10000),
                        'trials' => S::list(
                            S::record(
                                [
                                    'at' => S::number(-10000, 10000),
                                    'made' => S::flag(),
                                    'held' => S::choice('hand', 'tape', 'fixed'),
                                    'on' => S::text(40),
                                ],
                                ['at', 'made'],
                            ),
                            0,
                            200,
                        ),
                    ],
                    ['device'],
                ],
            ],
        );
    }

    /** Exactly one of rectangle, circle, path data and words; the reader says so. */
    private static function outline(): S
    {
        return S::record([
            'rect_m' => S::list(S::number(0.001, 100), 2, 2),
            'corner_m' => S::number(0, 10),
            'circle_m' => S::number(0.001, 10),
            'path' => S::text(100000),
            'text' => S::record(
                [
                    'words' => S::text(60, 1),
                    'face' => S::choice('narrow', 'bold', 'plain', 'mono'),
                    'cap_m' => S::number(0.002, 10)->called('height of a capital', Unit::Length),
                    'spacing_em' => S::number(-0.5, 5),
                    'nudge_em' => S::list(S::number(-2, 5), 0, 60),
                ],
                ['words', 'cap_m'],
            ),
        ]);
    }

    private static function mark(): S
    {
        return S::record(
            [
                'id' => S::local(),
                'kind' => S::choice('centre', 'line', 'hole', 'cut', 'slot', 'notch', 'score', 'drain'),
                'at_m' => S::list(S::number(-10, 10)->called('from the datum', Unit::Length), 2, 2),
                'to_m' => S::list(S::number(-10, 10), 2, 2),
                'drill_mm' => S::number(0.001, 1000)->called('drill', Unit::Millimetres),
                'depth_mm' => S::number(0, 1000),
                'thread' => S::text(20),
                'accuracy_mm' => S::number(0, 1000),
                'covered_by' => S::text(60),
                'looked' => S::flag(),
            ],
            ['id', 'kind', 'at_m'],
        );
    }
}
