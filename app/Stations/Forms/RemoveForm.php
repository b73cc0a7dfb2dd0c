<?php

declare(strict_types=1);

namespace App\Stations\Forms;

use App\Stations\Form;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\RemoveItem;
use BenchGlow\Format\Fields;

/** A thing taken out. */
final readonly class RemoveForm extends Form
{
    public static function op(): string
    {
        return 'remove';
    }

    public function edit(Fields $in): Edit
    {
        return new RemoveItem($in->text('id'));
    }
}
