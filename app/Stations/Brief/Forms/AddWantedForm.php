<?php

declare(strict_types=1);

namespace App\Stations\Brief\Forms;

use App\Stations\Form;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\SetField;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\Clock;
use BenchGlow\Quantity\NotUnderstood;

/** A span in which light is wanted of a circuit. */
final readonly class AddWantedForm extends Form
{
    public static function op(): string
    {
        return 'add_wanted';
    }

    public function edit(Fields $in): Edit
    {
        $story = Told::story($this->document, $in->text('id'));
        $from = Told::time($in->text('from'), 'Wanted from', $story->number('lasts_s'));
        $to = Told::time($in->text('to'), 'Wanted to', $story->number('lasts_s'));
        if ($to <= $from) {
            throw new NotUnderstood('Wanted to: it ends before it begins, '.Clock::show($from).'.');
        }
        $span = ['circuit' => $in->text('circuit'), 'from_s' => $from, 'to_s' => $to];

        return new SetField($story->text('id'), 'wanted', [...$story->items('wanted'), $span]);
    }
}
