<?php

declare(strict_types=1);

namespace App\Stations\Circuit\Forms;

use App\Stations\Form;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\SetField;
use BenchGlow\Format\Fields;

/** It can happen together after all. */
final readonly class DropNeverForm extends Form
{
    public static function op(): string
    {
        return 'drop_never';
    }

    public function edit(Fields $in): Edit
    {
        $never = $this->document->fields()->items('never');

        return new SetField('build', 'never', array_values(array_diff_key($never, [(int) $in->text('text') => true])));
    }
}
