<?php

declare(strict_types=1);

namespace App\Stations\Forms;

use App\Stations\Form;
use BenchGlow\Edit\AddCircuit;
use BenchGlow\Edit\Edit;
use BenchGlow\Format\Fields;

/** A new circuit, begun with what glows. */
final readonly class AddCircuitForm extends Form
{
    public static function op(): string
    {
        return 'add_circuit';
    }

    public function edit(Fields $in): Edit
    {
        $chosen = Chosen::light($in, $this->document, $this->preference);

        return new AddCircuit(trim($in->text('label')), $chosen->light, $chosen->part, $in->text('supply'));
    }
}
