<?php

declare(strict_types=1);

namespace App\Stations\Build\Forms;

use App\Stations\Form;
use App\Stations\Typing;
use BenchGlow\Build\Index;
use BenchGlow\Edit\AddItem;
use BenchGlow\Edit\Edit;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\NotUnderstood;
use BenchGlow\Quantity\Unit;

/** A step of the builder's own. */
final readonly class OwnStepForm extends Form
{
    public static function op(): string
    {
        return 'own_step';
    }

    public function edit(Fields $in): Edit
    {
        $text = trim($in->text('text'));
        if ($text === '') {
            throw new NotUnderstood('What: what is to be done?');
        }
        $minutes = Typing::amount(Unit::Count, $in->text('minutes'), 'Minutes') ?? 5.0;

        return new AddItem(
            'work.own_steps',
            new Fields(
                array_filter([
                    'id' => Index::of($this->document)->free('own'),
                    'text' => mb_substr($text, 0, 2000),
                    'minutes' => $minutes,
                    'after' => $in->text('after'),
                ]),
            ),
        );
    }
}
