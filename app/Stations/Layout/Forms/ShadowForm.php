<?php

declare(strict_types=1);

namespace App\Stations\Layout\Forms;

use App\Stations\Form;
use App\Stations\Typing;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\SetField;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\NotUnderstood;
use BenchGlow\Quantity\Unit;

/** Something that stands between the lamps and what they light. */
final readonly class ShadowForm extends Form
{
    public static function op(): string
    {
        return 'shadow';
    }

    public function edit(Fields $in): Edit
    {
        $length = fn (string $field, string $name): float => Typing::quantity(
            Unit::Length,
            $in->text($field),
            $name,
            $this->preference,
        );
        $from = $length('from', 'In the way from');
        $to = $length('to', 'In the way to');
        $high = trim($in->text('high')) === '' ? 0.0 : $length('high', 'So high above what is lit');
        if ($to <= $from) {
            throw new NotUnderstood('In the way to: expected further along the path than where it begins.');
        }
        if (max($from, $to, $high) > 100.0) {
            throw new NotUnderstood('In the way: expected within 100 m.');
        }
        $says = 'In the way: only lamps over a path have something in the way.';
        $layout = Named::of($this->document, $in->text('id'), 'footprint', $says);

        return new SetField($in->text('id'), 'shadows', [
            ...array_map(fn (Fields $s): array => $s->data, $layout->objects('shadows')),
            ['from_m' => $from, 'to_m' => $to, 'height_m' => $high],
        ]);
    }
}
