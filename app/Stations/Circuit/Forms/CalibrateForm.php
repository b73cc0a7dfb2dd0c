<?php

declare(strict_types=1);

namespace App\Stations\Circuit\Forms;

use App\Stations\Form;
use App\Stations\Typing;
use BenchGlow\Build\Build;
use BenchGlow\Edit\Batch;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\SetField;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\Unit;
use BenchGlow\Sizing\StripCalibration;

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
        $fit = StripCalibration::fit(
            $light->strip(),
            $read(Unit::Length, 'piece', 'Length of the piece'),
            $read(Unit::Volts, 'fed', 'Volts at the fed end'),
            $read(Unit::Volts, 'far', 'Volts at the far end'),
            $read(Unit::Amps, 'amps', 'Amps'),
        );
        $part = $light->part->text('id');

        return new Batch(
            [
                new SetField($part, 'rail_ohm_per_m', round($fit->railOhmPerM, 6)),
                new SetField($part, 'common_ohm_per_m', round($fit->commonOhmPerM, 6)),
                new SetField($part, 'watts_per_m', round($fit->wattsPerM, 4)),
                new SetField($part, 'rail_from', 'measured'),
            ],
            $light->part->text('label', $part).': rails measured',
        );
    }
}
