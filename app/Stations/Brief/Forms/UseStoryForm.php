<?php

declare(strict_types=1);

namespace App\Stations\Brief\Forms;

use App\Stations\Form;
use BenchGlow\Edit\Edit;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\NotUnderstood;
use BenchGlow\Story\Shipped;

/** A story that comes with the program. */
final readonly class UseStoryForm extends Form
{
    public static function op(): string
    {
        return 'use_story';
    }

    public function edit(Fields $in): Edit
    {
        return Shipped::edit($this->document, $in->text('text'), $in->text('circuit')) ??
            throw new NotUnderstood('Story: choose one from the list.');
    }
}
