<?php

declare(strict_types=1);

namespace App\Stations\Circuit\Forms;

use App\Stations\Form;
use BenchGlow\Edit\CopyCircuit;
use BenchGlow\Edit\Edit;
use BenchGlow\Format\Fields;

/** A circuit again. */
final readonly class CopyCircuitForm extends Form
{
    public static function op(): string
    {
        return 'copy_circuit';
    }

    public function edit(Fields $in): Edit
    {
        return new CopyCircuit($in->text('id'), trim($in->text('label')));
    }
}
