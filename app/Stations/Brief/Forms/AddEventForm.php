<?php

declare(strict_types=1);

namespace App\Stations\Brief\Forms;

use App\Stations\Form;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\SetField;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\NotUnderstood;

/** Something more happens in a story. */
final readonly class AddEventForm extends Form
{
    public static function op(): string
    {
        return 'add_event';
    }

    public function edit(Fields $in): Edit
    {
        $story = Told::story($this->document, $in->text('id'));
        [$input, $to] = [...explode(' ', $in->text('what'), 2), ''];
        $at = Told::time($in->text('text'), 'Time', $story->number('lasts_s'));
        if (! $this->canHappen($input, $to)) {
            throw new NotUnderstood('Event: choose what happens from the list.');
        }
        $events = [...$story->items('events'), ['at_s' => $at, 'input' => $input, 'to' => $to]];

        return new SetField($story->text('id'), 'events', Told::ordered($events));
    }

    private function canHappen(string $input, string $to): bool
    {
        foreach ($this->document->fields()->objects('inputs') as $known) {
            if ($known->text('id') === $input) {
                return in_array($to, $known->texts('positions') ?: ['off', 'on'], true);
            }
        }

        return false;
    }
}
