<?php

declare(strict_types=1);

namespace App\Stations\Circuit\Forms;

use App\Stations\Form;
use App\Stations\Typing;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\SetField;
use BenchGlow\Format\Fields;

/** What a want makes glow. */
final readonly class SetGlowForm extends Form
{
    public static function op(): string
    {
        return 'set_glow';
    }

    public function edit(Fields $in): Edit
    {
        return new SetField($in->text('id'), 'glow', Typing::lamps($in->text('text'), 'What glows', $this->document));
    }
}
