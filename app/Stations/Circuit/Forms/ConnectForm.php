<?php

declare(strict_types=1);

namespace App\Stations\Circuit\Forms;

use App\Stations\Form;
use App\Stations\Typing;
use BenchGlow\Edit\Connect;
use BenchGlow\Edit\Edit;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\NotUnderstood;
use BenchGlow\Quantity\Unit;

/** A new wire from a place in a core, or from a pin, to a pin. */
final readonly class ConnectForm extends Form
{
    public static function op(): string
    {
        return 'connect';
    }

    public function edit(Fields $in): Edit
    {
        $to = $in->text('to');
        if ($to === '') {
            throw new NotUnderstood('Joined with: choose what the new wire goes to.');
        }
        $length = trim($in->text('length'));

        return new Connect(
            $in->text('from') !== '' ? $in->text('from') : PlaceIn::of($in),
            $to,
            lengthM: $length === '' ? null : Typing::quantity(Unit::Length, $length, 'Length', $this->preference),
            short: $in->text('short') !== '',
        );
    }
}
