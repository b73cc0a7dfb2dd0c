<?php

declare(strict_types=1);

namespace App\Stations\Circuit\Forms;

use App\Stations\Form;
use App\Stations\Typing;
use BenchGlow\Build\Index;
use BenchGlow\Edit\AddItem;
use BenchGlow\Edit\Batch;
use BenchGlow\Edit\Edit;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\NotUnderstood;

/** Something a wish can go by, made where the wish is said: a switch of its own, or a wire of the host and what it follows. */
final readonly class NewSignalForm extends Form
{
    /** What can be made: words, kind and positions of the input, and the polarity of the host's wire. */
    public const KINDS = [
        'hand' => ['a hand switch', 'hand', ['off', 'on'], null],
        'lid' => ['a switch at a lid', 'lid', ['down', 'up'], null],
        'door' => ['a switch at a door', 'door', ['shut', 'open'], null],
        'motion' => ['a sensor: someone near', 'motion', ['still', 'there'], null],
        'dusk' => ['a sensor: dusk', 'dusk', ['light', 'dark'], null],
        'host_plus' => ['a wire of the host, positive when on', 'courtesy', ['off', 'on'], 'positive'],
        'host_ground' => ['a wire of the host, to ground when on', 'courtesy', ['off', 'on'], 'ground'],
    ];

    public static function op(): string
    {
        return 'new_signal';
    }

    public function edit(Fields $in): Edit
    {
        $label = Typing::label($in, 'Its name', 'Step rocker');
        [, $kind, $positions, $polarity] =
            self::KINDS[$in->text('kind')] ?? throw new NotUnderstood('What it is: choose one from the list.');
        $id = Index::of($this->document)->free($label);
        $input = new AddItem(
            'inputs',
            new Fields(['id' => $id, 'label' => $label, 'kind' => $kind, 'positions' => $positions]),
        );

        return $polarity === null
            ? $input
            : new Batch(
                [
                    $input,
                    new AddItem(
                        'host.wires',
                        new Fields([
                            'id' => Index::of($this->document)->free("{$label} wire"),
                            'label' => "{$label} wire",
                            'kind' => $kind,
                            'polarity' => $polarity,
                            'live_when' => ['input' => $id],
                            'fed_by' => Feed::of($this->document),
                            'fuse_a' => null,
                            'loads' => [],
                        ]),
                    ),
                ],
                "{$label} and its wire added",
            );
    }
}
