<?php

declare(strict_types=1);

namespace App\Stations\Layout\Forms;

use App\Stations\Form;
use App\Stations\Typing;
use BenchGlow\Build\Names;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\SetField;
use BenchGlow\Format\Fields;
use BenchGlow\Format\FormatOne;
use BenchGlow\Quantity\NotUnderstood;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Unit;

/** A size of a layout, typed where it stands: a length, millimetres, a count. */
final readonly class SizeForm extends Form
{
    public static function op(): string
    {
        return 'layout_size';
    }

    public function edit(Fields $in): Edit
    {
        [$id, $field] = [$in->text('id'), $in->text('field')];
        [$section, $kind] = Names::of($this->document)->place($id);
        $fact = FormatOne::field($section, $kind, $field);
        if ($section !== 'layouts' || $fact->unit === null) {
            throw new NotUnderstood('This size: there is nothing of the kind here any more.');
        }
        if ($fact->mayBeEmpty && trim($in->text('text')) === '') {
            return new SetField($id, $field, null);
        }
        $typed = [$fact->unit, $in->text('text'), $fact->name(), $this->preference];
        $value = (float) $fact->min < 0.0 ? Typing::signed(...$typed) : Typing::quantity(...$typed);
        // A straight or a flat of no length is no size, though a draft may hold it.
        $real = preg_match('/(straight|length)_m$/', $field) === 1;
        $least = $real ? max(0.001, (float) $fact->min) : (float) $fact->min;
        if ($value < $least || $value > ($fact->max ?? INF)) {
            $from = Shown::forField($fact->unit, $least, $this->preference->units);
            $to = $fact->max === null ? 'any more' : Shown::forField($fact->unit, $fact->max, $this->preference->units);
            throw new NotUnderstood("{$fact->name()}: expected from {$from} to {$to}.");
        }

        return new SetField($id, $field, $fact->unit === Unit::Count ? (int) $value : $value);
    }
}
