<?php

declare(strict_types=1);

namespace App\Stations\Brief\Forms;

use App\Stations\Form;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\SetField;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\Clock;
use BenchGlow\Quantity\NotUnderstood;

/** The end of a story moved; nothing that happens may lie behind it. */
final readonly class StoryLastsForm extends Form
{
    public static function op(): string
    {
        return 'story_lasts';
    }

    public function edit(Fields $in): Edit
    {
        $story = Told::story($this->document, $in->text('id'));
        $lasts = Told::time($in->text('text'), 'Lasts', INF);
        $last = max([
            60.0,
            ...array_map(fn (Fields $e): float => $e->number('at_s'), $story->objects('events')),
            ...array_map(fn (Fields $w): float => $w->number('to_s'), $story->objects('wanted')),
        ]);
        if ($lasts < $last) {
            throw new NotUnderstood(
                'Lasts: something still happens at '.Clock::show($last).'. Expected no less than that.',
            );
        }

        return new SetField($story->text('id'), 'lasts_s', $lasts);
    }
}
