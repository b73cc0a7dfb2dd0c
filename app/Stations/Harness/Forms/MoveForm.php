<?php

declare(strict_types=1);

namespace App\Stations\Harness\Forms;

use App\Stations\Form;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\MoveThing;
use BenchGlow\Format\Fields;

/** Where a thing sits. */
final readonly class MoveForm extends Form
{
    public static function op(): string
    {
        return 'move_thing';
    }

    public function edit(Fields $in): Edit
    {
        return new MoveThing(
            $in->text('id'),
            $in->text('place') === '' ? null : $in->text('place'),
            $in->flag('far_end'),
        );
    }
}
