<?php

declare(strict_types=1);

namespace App\Stations\Circuit\Forms;

use App\Stations\Form;
use App\Stations\Typing;
use BenchGlow\Build\Index;
use BenchGlow\Edit\AddItem;
use BenchGlow\Edit\Edit;
use BenchGlow\Format\Fields;

/** A ground of the host. */
final readonly class AddGroundForm extends Form
{
    public static function op(): string
    {
        return 'add_ground';
    }

    public function edit(Fields $in): Edit
    {
        $label = Typing::label($in, 'Ground', 'Stud behind the panel');

        return new AddItem(
            'host.grounds',
            new Fields([
                'id' => Index::of($this->document)->free($label),
                'label' => $label,
                'kind' => $in->text('kind', 'body'),
                'of' => Feed::of($this->document),
                'ohm' => 0.01,
                'surface' => $in->text('surface', 'unknown'),
            ]),
        );
    }
}
