<?php

declare(strict_types=1);

namespace App\Stations\Harness\Forms;

use App\Stations\Form;
use App\Stations\Typing;
use BenchGlow\Build\Index;
use BenchGlow\Edit\AddItem;
use BenchGlow\Edit\Edit;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\NotUnderstood;
use BenchGlow\Quantity\Unit;

/** A stretch between two places that are there. */
final readonly class StretchForm extends Form
{
    public static function op(): string
    {
        return 'add_stretch';
    }

    public function edit(Fields $in): Edit
    {
        $index = Index::of($this->document);
        foreach (['from' => 'From', 'to' => 'To'] as $field => $name) {
            if (($index->sections[$in->text($field)] ?? '') !== 'places') {
                throw new NotUnderstood("{$name}: choose a place from the list.");
            }
        }
        if ($in->text('from') === $in->text('to')) {
            throw new NotUnderstood('To: a stretch goes to another place, not back to itself.');
        }
        $long = trim($in->text('long'));
        $m = $long === '' ? null : Typing::quantity(Unit::Length, $long, 'How long', $this->preference);
        if ($m !== null && ($m <= 0.0 || $m > 1000.0)) {
            throw new NotUnderstood('How long: expected more than 0, up to 1000 m.');
        }

        return new AddItem(
            'routes',
            new Fields([
                'id' => $index->free('way'),
                'from' => $in->text('from'),
                'to' => $in->text('to'),
                'length_m' => $m,
            ]),
        );
    }
}
