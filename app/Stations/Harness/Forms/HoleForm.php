<?php

declare(strict_types=1);

namespace App\Stations\Harness\Forms;

use App\Stations\Form;
use App\Stations\Typing;
use BenchGlow\Build\Index;
use BenchGlow\Edit\AddItem;
use BenchGlow\Edit\Edit;
use BenchGlow\Format\Fields;
use BenchGlow\Format\LoomFields;
use BenchGlow\Quantity\NotUnderstood;
use BenchGlow\Quantity\Unit;

/** A hole that a stretch begins with, or that a lamp or a switch sits in. */
final readonly class HoleForm extends Form
{
    public static function op(): string
    {
        return 'add_hole';
    }

    public function edit(Fields $in): Edit
    {
        $mm = Typing::amount(Unit::Millimetres, $in->text('wide'), 'The hole');
        if ($mm === null || $mm < 0.1 || $mm > 500.0) {
            throw new NotUnderstood('The hole: expected its width from 0.1 to 500 mm.');
        }
        $what = trim($in->text('what'));
        if ($what === '' || mb_strlen($what) > 60) {
            throw new NotUnderstood('In: what is it in? Up to 60 letters, as "the bulkhead".');
        }
        if (! in_array($in->text('material'), LoomFields::MATERIALS, true)) {
            throw new NotUnderstood('Made of: choose one from the list.');
        }

        return new AddItem(
            'holes',
            new Fields([
                'id' => Index::of($this->document)->free('hole'),
                'for' => $in->text('for'),
                'in' => $what,
                'mm' => $mm,
                'material' => $in->text('material'),
                'edge' => 'bare',
            ]),
        );
    }
}
