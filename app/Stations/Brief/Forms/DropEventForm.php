<?php

declare(strict_types=1);

namespace App\Stations\Brief\Forms;

use App\Stations\Form;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\SetField;
use BenchGlow\Format\Fields;

/** An event of a story taken out. */
final readonly class DropEventForm extends Form
{
    public static function op(): string
    {
        return 'drop_event';
    }

    public function edit(Fields $in): Edit
    {
        $story = Told::story($this->document, $in->text('id'));

        return new SetField($in->text('id'), 'events', Told::without($story, 'events', (int) $in->text('n')));
    }
}
