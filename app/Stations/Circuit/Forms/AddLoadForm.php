<?php

declare(strict_types=1);

namespace App\Stations\Circuit\Forms;

use App\Stations\Form;
use App\Stations\Typing;
use BenchGlow\Build\Index;
use BenchGlow\Edit\AddItem;
use BenchGlow\Edit\Edit;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\NotUnderstood;
use BenchGlow\Quantity\Unit;

/** A load of the host's own on one of its wires. */
final readonly class AddLoadForm extends Form
{
    public static function op(): string
    {
        return 'add_load';
    }

    public function edit(Fields $in): Edit
    {
        $label = Typing::label($in, 'Load', 'dome lamp');
        $watts =
            Typing::amount(Unit::Watts, $in->text('watts'), 'Its watts') ??
            throw new NotUnderstood('Its watts: expected watts, as 5 W.');

        // A load's name is only its wire's.
        return new AddItem(
            "host.wires.{$in->text('id')}.loads",
            new Fields([
                'id' => Index::slug($label),
                'kind' => $in->text('kind', 'filament'),
                'w' => $watts,
                'at_v' => (float) ($in->text('at_v') === '' ? 12 : $in->text('at_v')),
            ]),
        );
    }
}
