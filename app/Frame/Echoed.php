<?php

declare(strict_types=1);

namespace App\Frame;

use BenchGlow\Build\Names;
use BenchGlow\Format\Fields;
use BenchGlow\Format\FormatOne;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Unit;

/** What was understood, said back beside the field. */
final class Echoed
{
    public static function of(Fields $in, Frame $frame): string
    {
        $item = $frame->analysis->build->index->item($in->text('id'));
        $field = $in->text('field');
        if ($field === 'fit' && isset($frame->analysis->build->lights[$in->text('id')])) {
            $fit = $frame->analysis->build->lights[$in->text('id')]->fit();

            return $frame->length($fit->cutM)." · {$fit->units} units";
        }
        [$section, $kind] = Names::of($frame->document)->place($in->text('id'));
        $value = $item->numberOrNull($field);
        $unit = FormatOne::field($section, $kind, $field)->unit;

        return match (true) {
            $unit === null => $field === 'wire' || $field === 'part' ? '' : 'kept',
            $value === null => $field === 'length_m' ? 'length missing' : 'as recommended',
            $unit === Unit::Length => Shown::bothLengths($value, $frame->preference->units),
            default => Shown::forField($unit, $value),
        };
    }
}
