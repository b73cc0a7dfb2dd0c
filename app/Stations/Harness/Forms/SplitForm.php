<?php

declare(strict_types=1);

namespace App\Stations\Harness\Forms;

use App\Stations\Form;
use App\Stations\Typing;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\SplitStretch;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\Unit;

/** A place in the middle of a stretch. */
final readonly class SplitForm extends Form
{
    public static function op(): string
    {
        return 'split_stretch';
    }

    public function edit(Fields $in): Edit
    {
        $m = Typing::quantity(Unit::Length, $in->text('far'), 'Split at', $this->preference);

        return new SplitStretch($in->text('id'), $m, PlaceForm::name($in->text('label')));
    }
}
