<?php

declare(strict_types=1);

namespace App\Stations\Brief\Forms;

use App\Stations\Form;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\SetField;
use BenchGlow\Format\Fields;

/** A span of wanted light taken out. */
final readonly class DropWantedForm extends Form
{
    public static function op(): string
    {
        return 'drop_wanted';
    }

    public function edit(Fields $in): Edit
    {
        $story = Told::story($this->document, $in->text('id'));

        return new SetField($in->text('id'), 'wanted', Told::without($story, 'wanted', (int) $in->text('n')));
    }
}
