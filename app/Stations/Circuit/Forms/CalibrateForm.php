<?php

declare(strict_types=1);

namespace App\Stations\Circuit\Forms;

use App\Stations\Form;
use App\Stations\Typing;
use BenchGlow\Build\Build;
use BenchGlow\Edit\Calibrate;
use BenchGlow\Edit\Edit;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\Unit;

/** A strip's rails fitted to readings of a lit piece. */
final readonly class CalibrateForm extends Form
{
    public static function op(): string
    {
        return 'calibrate';
    }

    public function edit(Fields $in): Edit
    {
        $light =
            Build::of($this->document)->lights[$in->text('id')] ?? throw BadBuild::at('/id', 'That strip is gone.');
        $read = fn (Unit $unit, string $field, string $name): float => Typing::quantity(
            $unit,
            $in->text($field),
            $name,
            $this->preference,
        );

        return new Calibrate(
            $light->id,
            fedV: $read(Unit::Volts, 'fed', 'Volts at the fed end'),
            farV: $read(Unit::Volts, 'far', 'Volts at the far end'),
            amps: $read(Unit::Amps, 'amps', 'Amps'),
            pieceM: $read(Unit::Length, 'piece', 'Length of the piece'),
        );
    }
}
