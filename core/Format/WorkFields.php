<?php

declare(strict_types=1);

namespace BenchGlow\Format;

use BenchGlow\Format\Shape as S;
use BenchGlow\Quantity\Unit;

/** What the work on a host adds to the format: panels, fixings, the plan, what was done, the log. */
final class WorkFields
{
    public const FIXINGS = [
        'tape',
        'bond_tape',
        'glue',
        'hot_glue',
        'clamp',
        'screw',
        'bolt',
        'rivet',
        'nut',
        'tapped',
        'clip',
        'strap',
        'magnet',
        'hook_tape',
        'press',
        'none',
    ];

    public const PREPS = ['wipe', 'scuff', 'prime', 'bare_metal', 'none'];

    public const REACH = ['bench', 'open', 'tight', 'overhead'];

    /** Ways of working that are offered, the usual one first. */
    public const CHOICES = [
        'order' => ['wire_first', 'mount_first'],
        'joints' => ['bench', 'place'],
        'proof' => ['both', 'open', 'closed'],
        'sides' => ['one_first', 'together'],
        'dead' => ['as_needed', 'battery', 'fuse'],
    ];

    public const DAYS = ['mo', 'tu', 'we', 'th', 'fr', 'sa', 'su'];

    public const LOG = ['note', 'measured', 'changed', 'failed', 'arrived', 'mistake', 'left', 'cared', 'used'];

    /** Of a reading. */
    public const INSTRUMENTS = ['meter', 'test_lamp', 'led_tester', 'beeper', 'clamp'];

    public const WORDS = ['pulsing', 'wandering', 'bright', 'dim', 'dark', 'open', 'beeps', 'silent', 'blown', 'whole'];

    public const CAUSES = [
        'sleeve_forgotten',
        'boot_or_grommet_forgotten',
        'cut_short',
        'wrong_wire',
        'reversed',
        'side_swapped',
        'wrong_place',
        'slipped',
        'broke_part',
        'tape_let_go',
        'plug_out',
        'pinched',
        'fastener_lost',
        'fastener_mixed',
        'tool_missing',
        'part_wrong',
        'part_late',
        'forgot_step',
        'other',
    ];

    public const RESULTS = ['done', 'as_it_should', 'not_as_it_should', 'skipped'];

    public const MOMENT = '^\d{4}-\d{2}-\d{2}(T\d{2}:\d{2}(:\d{2})?(Z|[+-]\d{2}:\d{2})?)?$';

    /** The same, to read one with. */
    public const MOMENT_OF = '/'.self::MOMENT.'/';

    private const CLOCK = '^([01]\d|2[0-3]):[0-5]\d$';

    public static function moment(): S
    {
        return S::pattern(self::MOMENT, 'a day as 2026-06-01, or with its time 2026-06-01T18:00+02:00');
    }

    public static function clock(): S
    {
        return S::pattern(self::CLOCK, 'a time of day as 18:00');
    }

    /** @return S panels of the host: what comes off, and what it gives */
    public static function panels(): S
    {
        return S::list(
            S::record(
                [
                    'id' => S::id(),
                    'label' => S::text(60, 1)->called('name'),
                    'behind' => S::list(S::id(), 0, 60)->called('what comes off before it'),
                    'gives' => S::list(S::id(), 0, 400)->called('what it gives'),
                    'off' => S::text()->called('how it comes off'),
                    'lever' => S::text()->called('where the lever goes'),
                    'fragile' => S::text()->called('what breaks'),
                    'wire' => S::text()->orNull()->called('wire on it'),
                    'unplug' => S::flag()->called('its wire is unplugged'),
                    'needed_to_use' => S::flag()->called('needed to use it'),
                    'bench' => S::flag()->called('worked on at the bench'),
                    'outline_m' => S::list(S::number(0.001, 100), 2, 2)->orNull(),
                    'reset' => S::text()->orNull()->called('set again'),
                    'minutes' => S::number(0, 6000)->orNull()->called('minutes', Unit::Count),
                    'only' => S::list(S::text(60, 1), 0, 40),
                ],
                ['id', 'label'],
            ),
            0,
            100,
        );
    }

    /** @return array<string, S> */
    public static function sections(): array
    {
        return [
            'fixings' => S::list(
                S::record(
                    [
                        'id' => S::id(),
                        'of' => S::id()->called('what is fixed'),
                        'kind' => S::choice(...self::FIXINGS)->called('how it is fixed'),
                        'on' => S::text(120)->called('what it sits on'),
                        'count' => S::integer(1, 1000)->called('count', Unit::Count),
                        'size' => S::text(40)->called('size'),
                        'part' => S::id()->orNull(),
                        'prep' => S::choice(...self::PREPS)->called('what is done to the face'),
                        'hold_s' => S::number(0, 1e7)->called('held for', Unit::Count),
                        'cure_s' => S::number(0, 1e7)->orNull()->called('cures for', Unit::Count),
                        'trial' => S::flag(),
                        'supplied' => S::flag(),
                        'note' => S::text(2000),
                    ],
                    ['id', 'of', 'kind'],
                ),
                0,
                400,
            ),
            'work' => self::work(),
            'log' => self::log(),
        ];
    }

    private static function work(): S
    {
        return S::record([
            'plan' => self::plan(),
            'done' => S::list(self::done()),
            'own_steps' => S::list(
                S::record(
                    [
                        'id' => S::id(),
                        'text' => S::text(2000)->called('what is to be done'),
                        'after' => S::text()->orNull()->called('after'),
                        'before' => S::text()->orNull()->called('before'),
                        'wait_s' => S::number(0)->called('wait', Unit::Count),
                        'minutes' => S::number(0, 6000)->called('minutes', Unit::Count),
                        'power' => S::choice('any', 'live', 'fuse_out', 'dead')->called('power'),
                        'helper' => S::flag(),
                        'dark' => S::flag(),
                        'place' => S::text(),
                    ],
                    ['id', 'text'],
                ),
            ),
            'first' => S::list(
                S::record(['first' => S::text(80, 1), 'then' => S::text(80, 1), 'why' => S::text()], ['first', 'then']),
            ),
            'parked' => S::list(
                S::record(
                    [
                        'step' => S::text(80, 1),
                        'until' => self::moment()->orNull()->called('until'),
                        'why' => S::text(),
                    ],
                    ['step'],
                ),
            ),
            'fasteners' => S::list(self::fastener()),
            'parts' => S::list(self::kept()),
            // What is used up and was counted: solder, tube, ties.
            'stock' => S::list(
                S::record(
                    [
                        'what' => S::text(80, 1),
                        'have' => S::number(0, 100000)->called('how much is left', Unit::Count),
                        'on' => self::moment(),
                    ],
                    ['what', 'have'],
                ),
                0,
                100,
            ),
            // Offcuts of the bench that this build cuts from.
            'offcuts' => S::list(
                S::record(
                    [
                        'offcut' => S::text(40, 1),
                        'part' => S::id(),
                        'length_m' => S::number(0.001, 1000)->called('offcut', Unit::Length),
                    ],
                    ['offcut', 'part', 'length_m'],
                ),
                0,
                400,
            ),
        ]);
    }

    private static function plan(): S
    {
        $window = S::list(S::text(40, 1), 2, 2);

        return S::record([
            ...array_map(fn (array $c): S => S::choice(...$c), self::CHOICES),
            'usable' => S::flag()->called('usable every morning'),
            'people' => S::integer(1, 4)->called('people', Unit::Count),
            'helper' => S::list($window, 0, 60),
            'start' => self::moment()->orNull()->called('start'),
            'hours' => S::list(
                S::record(
                    [
                        'days' => S::list(S::choice(...self::DAYS), 1, 7)->called('days'),
                        'from' => self::clock()->called('from'),
                        'to' => self::clock()->called('to'),
                    ],
                    ['days', 'from', 'to'],
                ),
                0,
                40,
            ),
            'dark' => S::list(self::clock(), 2, 2)->orNull(),
            'dry' => S::list($window, 0, 60),
            // Causes of mistakes whose change of a default was put back.
            'unlearned' => S::list(S::choice(...self::CAUSES), 0, 40),
        ]);
    }

    /** A step that was done, and what it was done under. */
    private static function done(): S
    {
        return S::record(
            [
                'step' => S::text(),
                'on' => self::moment(),
                'result' => S::choice(...self::RESULTS),
                'as' => S::record([
                    'length_m' => S::number(0, 1000),
                    'area_mm2' => S::number(0, 200),
                    'colour' => S::text(40),
                    'mm' => S::number(0, 500),
                    'style' => S::text(40),
                    'pins' => S::list(S::pin(), 0, 100),
                    'amps' => S::number(0, 1000),
                    'surface' => S::text(120),
                ]),
                'by' => S::text(60),
                'note' => S::text(2000),
                'minutes' => S::number(0, 6000)->orNull()->called('minutes', Unit::Count),
            ],
            ['step'],
        );
    }

    private static function fastener(): S
    {
        return S::record(
            [
                'id' => S::id(),
                'where' => S::text(),
                'panel' => S::text()->called('what it holds'),
                'kind' => S::text(40)->called('kind'),
                'count' => S::integer(1, 1000)->called('count', Unit::Count),
                'size' => S::text(40)->called('size'),
                'washer' => S::flag(),
                'hidden' => S::flag(),
                'single_use' => S::flag(),
                'bag' => S::text(40)->called('bag'),
                'back' => S::flag(),
                'length_mm' => S::number(0, 1000)->orNull()->called('length', Unit::Millimetres),
                'drive' => S::text(40)->called('drive'),
                'torque_nm' => S::number(0, 300)->orNull()->called('torque', Unit::Count),
                'critical' => S::flag(),
                'off' => S::flag(),
                'lost' => S::integer(0, 1000)->called('lost', Unit::Count),
                'replaced_by' => S::id()->orNull(),
                'only' => S::list(S::text(60, 1), 0, 40),
            ],
            ['id'],
        );
    }

    private static function kept(): S
    {
        return S::record(
            [
                'part' => S::id(),
                'need' => S::integer(0, 100000),
                'due_on' => self::moment()->orNull()->called('due on'),
                'arrived_on' => self::moment()->orNull()->called('arrived on'),
                'have' => S::number(0, 100000)->orNull()->called('have', Unit::Count),
                'ordered_on' => self::moment()->orNull()->called('ordered on'),
                'from' => S::text(80)->called('from'),
                'substitute_for' => S::id()->orNull(),
            ],
            ['part'],
        );
    }

    private static function log(): S
    {
        return S::list(
            S::record(
                [
                    'id' => S::id(),
                    'on' => S::text(40),
                    'kind' => S::choice(...self::LOG),
                    // Of a reading: the red tip, the black one.
                    'about' => S::list(S::pin()),
                    'instrument' => S::choice(...self::INSTRUMENTS)->orNull(),
                    'word' => S::choice(...self::WORDS)->orNull(),
                    'powered' => S::flag(),
                    'with' => S::map(S::local(), S::ID),
                    'supply_v' => S::number(0, 60),
                    'value' => S::number(),
                    'unit' => S::text(20),
                    'text' => S::text(5000),
                    'photo' => S::text()->orNull(),
                    'step' => S::text(80),
                    'cause' => S::choice(...self::CAUSES)->called('cause'),
                    'minutes' => S::number(0, 6000)->orNull()->called('minutes', Unit::Count),
                    'cost' => S::number(0, 1e6)->orNull(),
                    'use_h' => S::number(0, 1e6)->orNull(),
                    'use_km' => S::number(0, 1e7)->orNull(),
                    'weather' => S::text(80),
                    'by' => S::text(60),
                ],
                ['id', 'kind'],
            ),
        );
    }
}
