<?php

declare(strict_types=1);

namespace App\Stations\Forms;

use App\Stations\Form;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\SetWire;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\Gauge;

/** The wire of a lead, by its size. */
final readonly class SetWireForm extends Form
{
    public static function op(): string
    {
        return 'set_wire';
    }

    public function edit(Fields $in): Edit
    {
        $text = $in->text('text');
        if (in_array(mb_strtolower(trim($text)), ['', 'recommended'], true)) {
            return new SetWire($in->text('id'), null);
        }
        $gauge = Gauge::read($text);

        return new SetWire($in->text('id'), round($gauge->areaMm2, 6), $gauge->awg);
    }
}
