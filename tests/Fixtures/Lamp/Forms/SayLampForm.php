<?php

declare(strict_types=1);

namespace Tests\Fixtures\Lamp\Forms;

use App\Stations\Form;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\SetField;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\NotUnderstood;

/** Keeps what is said of the lamp. */
final readonly class SayLampForm extends Form
{
    public static function op(): string
    {
        return 'say_lamp';
    }

    public function edit(Fields $in): Edit
    {
        return $in->text('text') === ''
            ? throw new NotUnderstood('Lamp: expected a word.')
            : new SetField('build', 'brief.note', 'lamp '.$in->text('text'));
    }
}
