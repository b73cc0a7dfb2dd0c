<?php

declare(strict_types=1);

namespace App\Stations\Circuit\Forms;

use App\Stations\Form;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\SetField;
use BenchGlow\Format\Fields;

/** The positions of an input. */
final readonly class SetPositionsForm extends Form
{
    public static function op(): string
    {
        return 'set_positions';
    }

    public function edit(Fields $in): Edit
    {
        return new SetField($in->text('id'), 'positions', Positions::read($in->text('text')));
    }
}
