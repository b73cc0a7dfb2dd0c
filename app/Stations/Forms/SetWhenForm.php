<?php

declare(strict_types=1);

namespace App\Stations\Forms;

use App\Stations\Form;
use App\Stations\Typing;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\SetField;
use BenchGlow\Format\Fields;

/** A condition in words: when a want glows, when a wire is live, when a switch is moved. */
final readonly class SetWhenForm extends Form
{
    public static function op(): string
    {
        return 'set_when';
    }

    public function edit(Fields $in): Edit
    {
        $when = Typing::when($in->text('text'), 'When', $this->document);

        return new SetField($in->text('id'), $in->text('field'), $when);
    }
}
