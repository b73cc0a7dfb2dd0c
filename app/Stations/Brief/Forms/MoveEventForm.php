<?php

declare(strict_types=1);

namespace App\Stations\Brief\Forms;

use App\Stations\Form;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\SetField;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\NotUnderstood;

/** An event of a story at another time, typed or stepped. */
final readonly class MoveEventForm extends Form
{
    public static function op(): string
    {
        return 'move_event';
    }

    public function edit(Fields $in): Edit
    {
        $story = Told::story($this->document, $in->text('id'));
        $n = (int) $in->text('n');
        $old = $story->objects('events')[$n] ?? throw new NotUnderstood('Event: it is gone.');
        $lasts = $story->number('lasts_s');
        $at =
            $in->text('by') !== ''
                ? min($lasts, max(0.0, $old->number('at_s') + (float) $in->text('by')))
                : Told::time($in->text('text'), 'Time', $lasts);
        $events = $story->items('events');
        $events[$n] = [...$old->data, 'at_s' => $at];

        return new SetField($story->text('id'), 'events', Told::ordered($events));
    }
}
