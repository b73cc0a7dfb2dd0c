<?php

declare(strict_types=1);

namespace App\Stations\Circuit\Forms;

use App\Stations\Form;
use App\Stations\Typing;
use BenchGlow\Build\Index;
use BenchGlow\Edit\AddItem;
use BenchGlow\Edit\Edit;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\NotUnderstood;

/** What a controller's channels are set to, kept as a scene. */
final readonly class AddSceneForm extends Form
{
    public static function op(): string
    {
        return 'add_scene';
    }

    public function edit(Fields $in): Edit
    {
        $label = Typing::label($in, 'Scene', 'Evening warm');
        $steps = json_decode($in->text('steps'), true);
        if (! is_array($steps) || $steps === []) {
            throw new NotUnderstood('Scene: expected at least one step; set the channels and keep them.');
        }

        return new AddItem(
            'scenes',
            new Fields([
                'id' => Index::of($this->document)->free($label),
                'label' => $label,
                'starts' => 'hand',
                'repeat' => $in->text('repeat') !== '',
                'steps' => array_values($steps),
            ]),
        );
    }
}
