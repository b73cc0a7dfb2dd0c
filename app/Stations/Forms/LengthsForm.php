<?php

declare(strict_types=1);

namespace App\Stations\Forms;

use App\Stations\Form;
use App\Stations\Typing;
use BenchGlow\Build\Names;
use BenchGlow\Edit\Batch;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\SetField;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\NotUnderstood;
use BenchGlow\Quantity\Unit;

/** Lengths of several leads at once; an empty one stays unknown. */
final readonly class LengthsForm extends Form
{
    public static function op(): string
    {
        return 'lengths';
    }

    public function edit(Fields $in): Edit
    {
        $names = Names::of($this->document);
        $edits = [];
        foreach ($in->object('length')->data as $lead => $text) {
            if (is_string($text) && trim($text) !== '') {
                $name = $names->name((string) $lead);
                $metres = Typing::quantity(Unit::Length, $text, "Length of {$name}", $this->preference);
                $edits[] = new SetField((string) $lead, 'length_m', $metres);
            }
        }
        if ($edits === []) {
            throw new NotUnderstood('Lengths: type at least one, as "1.2 m".');
        }

        return count($edits) === 1 ? $edits[0] : new Batch($edits);
    }
}
