<?php

declare(strict_types=1);

namespace App\Stations\Circuit\Forms;

use App\Stations\Form;
use App\Stations\Typing;
use BenchGlow\Build\Index;
use BenchGlow\Edit\AddItem;
use BenchGlow\Edit\Edit;
use BenchGlow\Format\Fields;

/** An input more: an event that acts on the build. */
final readonly class AddInputForm extends Form
{
    public static function op(): string
    {
        return 'add_input';
    }

    public function edit(Fields $in): Edit
    {
        $label = Typing::label($in, 'Input', 'Hatch lid');

        return new AddItem(
            'inputs',
            new Fields([
                'id' => Index::of($this->document)->free($label),
                'label' => $label,
                'kind' => $in->text('kind', 'hand'),
                'positions' => Positions::read($in->text('positions')),
            ]),
        );
    }
}
