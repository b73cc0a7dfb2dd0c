<?php

declare(strict_types=1);

namespace App\Stations\Circuit\Forms;

use App\Stations\Form;
use App\Stations\Typing;
use App\Support\NewSignal;
use BenchGlow\Build\Index;
use BenchGlow\Edit\Batch;
use BenchGlow\Edit\Edit;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\NotUnderstood;

/** Something a wish can go by, made where the wish is said: a switch of its own, or a wire of the host and what it follows. */
final readonly class NewSignalForm extends Form
{
    /** What can be made: words, kind of the input, and the polarity of the host's wire. */
    public const KINDS = [
        'hand' => ['a hand switch', 'hand', null],
        'lid' => ['a switch at a lid', 'lid', null],
        'door' => ['a switch at a door', 'door', null],
        'motion' => ['a sensor: someone near', 'motion', null],
        'dusk' => ['a sensor: dusk', 'dusk', null],
        'host_plus' => ['a wire of the host, positive when on', 'courtesy', 'positive'],
        'host_ground' => ['a wire of the host, to ground when on', 'courtesy', 'ground'],
    ];

    public static function op(): string
    {
        return 'new_signal';
    }

    public function edit(Fields $in): Edit
    {
        $label = Typing::label($in, 'Its name', 'Step rocker');
        [, $kind, $polarity] =
            self::KINDS[$in->text('kind')] ?? throw new NotUnderstood('What it is: choose one from the list.');
        $id = Index::of($this->document)->free($label);
        $input = NewSignal::input($id, $label, $kind);

        return $polarity === null
            ? $input
            : new Batch(
                [$input, NewSignal::wire($this->document, $id, $label, $kind, $polarity)],
                "{$label} and its wire added",
            );
    }
}
