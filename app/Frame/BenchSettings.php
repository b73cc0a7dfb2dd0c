<?php

declare(strict_types=1);

namespace App\Frame;

/** What can be set on the bench itself. */
final class BenchSettings
{
    /** @var array<string, array{string, array<int|string, string>}> column => legend, value => words */
    public const ALL = [
        'bench' => ['Light', ['system' => 'as the system', 'day' => 'day', 'night' => 'night']],
        'units' => ['Lengths', ['metric' => 'metres', 'imperial' => 'feet and inches']],
        'wire' => ['Wire sizes', ['mm2' => 'mm²', 'awg' => 'AWG']],
        'decimal_sign' => ['Decimals', ['point' => '1.5', 'comma' => '1,5']],
        'keys_on' => ['Keys', ['1' => 'on', '0' => 'off']],
        'thumb' => ['Keep, on a phone, stands', ['right' => 'right', 'left' => 'left']],
        'still' => ['Movement', ['0' => 'ticks run', '1' => 'still']],
    ];
}
