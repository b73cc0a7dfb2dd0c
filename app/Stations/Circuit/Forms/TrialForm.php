<?php

declare(strict_types=1);

namespace App\Stations\Circuit\Forms;

use App\Stations\Form;
use App\Stations\Typing;
use BenchGlow\Build\Build;
use BenchGlow\Build\Index;
use BenchGlow\Edit\AddItem;
use BenchGlow\Edit\Batch;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\SetField;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\NotUnderstood;
use BenchGlow\Quantity\Unit;
use BenchGlow\Trial\Trial;

/** A resistor found by turning a potentiometer: the next preferred value is fitted. */
final readonly class TrialForm extends Form
{
    public static function op(): string
    {
        return 'trial';
    }

    public function edit(Fields $in): Edit
    {
        $name = 'Reading of the potentiometer';
        $pot =
            Typing::amount(Unit::Ohms, $in->text('pot'), $name) ??
            throw new NotUnderstood("{$name}: expected ohms, as 330R.");
        $fixed = Typing::amount(Unit::Ohms, $in->text('fixed'), 'Resistor beside it') ?? 0.0;
        $ohm =
            Trial::fit($pot, $fixed, Build::of($this->document)->settings->resistorSeries) ??
            throw new NotUnderstood("{$name}: no preferred value is that large.");
        $index = Index::of($this->document);
        $id = $in->text('id');
        $record = ['pot_ohm' => $pot, 'fixed_ohm' => $fixed];
        if (($index->sections[$id] ?? '') === 'leads.inline') {
            $fit = [new SetField($id, 'ohm', $ohm), new SetField($id, 'trial', $record)];

            return new Batch($fit, "{$id}: found by trial");
        }

        return new AddItem(
            "leads.{$id}.inline",
            new Fields([
                'id' => $index->numbered('R'),
                'kind' => 'resistor',
                'at_m' => $index->item($id)->number('length_m'),
                'ohm' => $ohm,
                'trial' => $record,
            ]),
        );
    }
}
