<?php

declare(strict_types=1);

namespace App\Stations\Build\Forms;

use App\Stations\Form;
use BenchGlow\Edit\AddPanel;
use BenchGlow\Edit\Edit;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\NotUnderstood;

/** Something of the host comes off. */
final readonly class PanelForm extends Form
{
    public static function op(): string
    {
        return 'panel';
    }

    public function edit(Fields $in): Edit
    {
        $label = trim($in->text('label'));
        if ($label === '' || mb_strlen($label) > 60) {
            throw new NotUnderstood('It is called: expected up to 60 letters, as "saddle".');
        }
        $wire = trim($in->text('wire'));

        return new AddPanel(
            $label,
            $in->texts('gives'),
            $in->texts('behind'),
            trim($in->text('off')),
            $wire === '' ? null : $wire,
            $wire !== '' && $in->text('unplug') !== '',
            $in->text('needed') !== '',
        );
    }
}
