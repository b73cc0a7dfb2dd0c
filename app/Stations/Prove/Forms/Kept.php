<?php

declare(strict_types=1);

namespace App\Stations\Prove\Forms;

use App\Support\WallClock;
use BenchGlow\Format\Fields;

/** What the forms of a proof have in common: the moment of the press, the switches as they stood. */
final class Kept
{
    /** Now; of an answer that waited in the browser, when it was pressed. */
    public static function on(Fields $in): string
    {
        return WallClock::pressed($in->text('pressed_at'), $in->text('sent_at'))->format('Y-m-d\TH:i:sP');
    }

    public static function with(Fields $in): Fields
    {
        $with = json_decode($in->text('with', '{}'), true);

        return new Fields(is_array($with) ? $with : []);
    }
}
