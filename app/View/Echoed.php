<?php

declare(strict_types=1);

namespace App\View;

use App\Support\FieldKinds;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Unit;

/** What was understood, said back beside the field. */
final class Echoed
{
    public static function of(Fields $in, StationPage $page): string
    {
        $item = $page->analysis->build->index->item($in->text('id'));
        $field = $in->text('field');
        if ($field === 'fit' && isset($page->analysis->build->lights[$in->text('id')])) {
            $fit = $page->analysis->build->lights[$in->text('id')]->fit();

            return $page->length($fit->cutM)." · {$fit->units} units";
        }
        $value = $item->numberOrNull($field);
        $unit = FieldKinds::unit($field);

        return match (true) {
            $unit === null => $field === 'wire' || $field === 'part' ? '' : 'kept',
            $value === null => $field === 'length_m' ? 'length missing' : 'as recommended',
            $unit === Unit::Length => Shown::bothLengths($value, $page->preference->units),
            default => Shown::forField($unit, $value),
        };
    }
}
