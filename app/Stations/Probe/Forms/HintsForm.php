<?php

declare(strict_types=1);

namespace App\Stations\Probe\Forms;

use App\Stations\Form;
use BenchGlow\Edit\Batch;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\SetField;
use BenchGlow\Format\Fields;
use BenchGlow\Format\FormatOne;
use BenchGlow\Quantity\NotUnderstood;
use BenchGlow\Quantity\Typed;

/** What is seen of a wire: its colours, its thickness, and what says to leave it alone. */
final readonly class HintsForm extends Form
{
    public const HINTS = [
        'sheath_yellow' => 'a yellow sheath or plug',
        'at_restraint' => 'goes to a belt or an airbag',
        'at_engine' => 'goes into the engine\'s own loom',
        'mains_cable' => 'mains cable',
        'sheath_orange' => 'an orange sheath',
        'twisted' => 'twisted with another',
        'shielded' => 'shielded',
    ];

    public static function op(): string
    {
        return 'hints';
    }

    public function edit(Fields $in): Edit
    {
        $wire = $in->text('wire');
        $hints = array_values(array_intersect(FormatOne::HINTS, $in->texts('hints')));
        $area = trim($in->text('area'));
        $mm2 = $area === '' ? null : Typed::number(trim(str_replace(['mm²', 'mm2'], '', $area)));
        if ($area !== '' && ($mm2 === null || $mm2 <= 0.0 || $mm2 > 200.0)) {
            throw new NotUnderstood("Thickness: expected mm², as 1.5 mm², found '{$area}'.");
        }
        $colours = [];
        foreach (['colour' => 'Colour', 'tracer' => 'Tracer'] as $field => $name) {
            $colours[$field] = mb_strtolower(trim($in->text($field)));
            if (mb_strlen($colours[$field]) > 40) {
                throw new NotUnderstood("{$name}: expected a colour, as green, found more than 40 letters.");
            }
        }

        return new Batch(
            [
                new SetField($wire, 'colour', $colours['colour']),
                new SetField($wire, 'tracer', $colours['tracer'] === '' ? null : $colours['tracer']),
                new SetField($wire, 'area_mm2', $mm2),
                new SetField($wire, 'hints', $hints),
            ],
            'What is seen of a wire',
        );
    }
}
