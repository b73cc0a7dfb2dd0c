<?php

declare(strict_types=1);

namespace BenchGlow\Format;

use BenchGlow\Format\Shape as S;

/** What pricing and handing over add to the format (build-handover.md 3). Money and shares are decimal text, never floats. */
final class HandOverFields
{
    public const AMOUNT = '^-?\\d{1,9}(\\.\\d{1,4})?$';

    /** A share of one, as 0.19 for 19 %. */
    private const SHARE = '^(0|[1-9]\\d?)(\\.\\d{1,6})?$';

    /** Of the whole price: each a step it is rounded to. */
    public const ROUNDING = ['0.01', '0.05', '0.1', '0.5', '1', '5', '10'];

    public const COSTS = ['part', 'consumable', 'hire', 'post', 'other'];

    public const LEFT = ['dead', 'in_use', 'removed'];

    private static function amount(): S
    {
        return S::pattern(self::AMOUNT, 'money as decimal text, as "12.50"');
    }

    private static function share(): S
    {
        return S::pattern(self::SHARE, 'a share of one as decimal text, as "0.19" for 19 %');
    }

    /** @return array<string, S> */
    public static function sections(): array
    {
        return ['quote' => self::quote(), 'handover' => self::handover()];
    }

    private static function quote(): S
    {
        return S::record([
            'rate_per_h' => self::amount()->orNull()->called('rate'),
            'margin' => self::share()->orNull()->called('margin'),
            'consumables' => self::amount()->orNull()->called('consumables'),
            'tax' => S::list(
                S::record(['label' => S::text(40, 1), 'rate' => self::share()], ['label', 'rate']),
                0,
                6,
            )->called('tax'),
            'discount' => self::amount()->orNull()->called('discount'),
            'gross' => S::flag()->called('prices with tax'),
            'valid_until' => WorkFields::moment()->orNull()->called('valid until'),
            'hours' => S::pattern(
                '^(plan|\\d{1,5}(\\.\\d{1,2})?)$',
                'hours as decimal text, as "5.5", or "plan" for those of the order of work',
            )->called('hours'),
            'rounding' => S::choice(...self::ROUNDING)->called('rounding'),
            'lines' => S::list(
                S::record(
                    [
                        'id' => S::id(),
                        'label' => S::text(120, 1)->called('words'),
                        'amount' => self::amount()->called('amount'),
                        'circuit' => S::id()->orNull(),
                    ],
                    ['id', 'label', 'amount'],
                ),
                0,
                100,
            ),
            'options' => S::list(
                S::record(
                    [
                        'id' => S::id(),
                        'label' => S::text(120, 1)->called('words'),
                        'text' => S::text(2000)->called('what it is'),
                        'edit' => S::text(20000)->orNull(),
                        'amount' => self::amount()->orNull()->called('amount'),
                        'chosen' => S::flag(),
                        'excludes' => S::list(S::id(), 0, 40),
                    ],
                    ['id', 'label'],
                ),
                0,
                40,
            ),
            'costs' => S::list(
                S::record(
                    [
                        'id' => S::id(),
                        'on' => WorkFields::moment(),
                        'label' => S::text(120)->called('words'),
                        'amount' => self::amount()->called('amount'),
                        'kind' => S::choice(...self::COSTS),
                        'part' => S::id()->orNull(),
                        'qty' => S::number(0, 100000)->orNull(),
                        'circuit' => S::id()->orNull(),
                    ],
                    ['id', 'amount'],
                ),
                0,
                400,
            ),
        ]);
    }

    private static function handover(): S
    {
        return S::record([
            'made_for' => S::text(120)->called('made for'),
            'made_by' => S::text(120)->called('made by'),
            'on' => WorkFields::moment()->orNull(),
            // Whether the sheet says who did what.
            'names' => S::flag()->called('names on the sheet'),
            'care' => S::list(S::text(1000, 1), 0, 60)->called('care'),
            'settings' => S::list(
                S::record(
                    [
                        'id' => S::id(),
                        'device' => S::id()->called('of'),
                        'what' => S::text(120)->called('setting'),
                        'value' => S::text(400)->called('set to'),
                    ],
                    ['id', 'device'],
                ),
                0,
                100,
            ),
            'open' => S::list(
                S::record(
                    [
                        'id' => S::id(),
                        'text' => S::text(1000, 1)->called('what is open'),
                        'who' => S::text(120)->called('who sees to it'),
                        'due_on' => WorkFields::moment()->orNull()->called('due on'),
                        'closed_on' => WorkFields::moment()->orNull(),
                    ],
                    ['id', 'text'],
                ),
                0,
                100,
            ),
            'left' => S::list(
                S::record(
                    [
                        'id' => S::id(),
                        'what' => S::text(400, 1)->called('what is left'),
                        'state' => S::choice(...self::LEFT),
                        'where' => S::text(400)->called('where'),
                    ],
                    ['id', 'what'],
                ),
                0,
                100,
            ),
        ]);
    }
}
