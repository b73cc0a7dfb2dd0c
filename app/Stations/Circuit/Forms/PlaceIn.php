<?php

declare(strict_types=1);

namespace App\Stations\Circuit\Forms;

use BenchGlow\Format\Fields;

/** The place in a wire that a form carries. */
final class PlaceIn
{
    public static function of(Fields $in): Fields
    {
        $at = $in->text('at_m');

        return new Fields([
            'lead' => $in->text('lead'),
            'core' => max(1, (int) $in->text('core', '1')),
            ...is_numeric($at) ? ['at_m' => (float) $at] : [],
        ]);
    }
}
