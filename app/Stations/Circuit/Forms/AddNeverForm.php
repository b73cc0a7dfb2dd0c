<?php

declare(strict_types=1);

namespace App\Stations\Circuit\Forms;

use App\Stations\Form;
use App\Stations\Typing;
use BenchGlow\Edit\AddItem;
use BenchGlow\Edit\Edit;
use BenchGlow\Format\Fields;

/** What cannot happen together. */
final readonly class AddNeverForm extends Form
{
    public static function op(): string
    {
        return 'add_never';
    }

    public function edit(Fields $in): Edit
    {
        return new AddItem('never', new Fields(Typing::when($in->text('text'), 'Never', $this->document)));
    }
}
