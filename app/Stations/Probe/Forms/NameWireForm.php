<?php

declare(strict_types=1);

namespace App\Stations\Probe\Forms;

use App\Stations\Form;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\NameWire;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\NotUnderstood;

/** A name the builder gives a wire. */
final readonly class NameWireForm extends Form
{
    public static function op(): string
    {
        return 'name_wire';
    }

    public function edit(Fields $in): Edit
    {
        if ($in->text('function') === '') {
            throw new NotUnderstood('Its name: choose one from the list.');
        }

        return new NameWire($in->text('wire'), $in->text('function'));
    }
}
