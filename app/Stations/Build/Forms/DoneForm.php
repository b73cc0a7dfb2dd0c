<?php

declare(strict_types=1);

namespace App\Stations\Build\Forms;

use App\Stations\Form;
use App\Support\WallClock;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\Mark;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\NotUnderstood;

/** An act is done: its steps are marked with the facts that were seen, at the moment of the press. */
final readonly class DoneForm extends Form
{
    public static function op(): string
    {
        return 'done';
    }

    public function edit(Fields $in): Edit
    {
        $as = json_decode($in->text('as', '{}'), true);
        $asked = (int) $in->text('presses', '0');
        if (count(array_unique($in->texts('pressed'))) < $asked) {
            throw new NotUnderstood('Done: what went wrong before is answered first, each with a press of its own.');
        }

        return new Mark(
            self::steps($in),
            WallClock::pressed($in->text('pressed_at'), $in->text('sent_at'))->format('Y-m-d\TH:iP'),
            $in->text('words', 'A step'),
            as: is_array($as) && $as !== [] ? new Fields($as) : null,
        );
    }

    /** @return list<string> */
    public static function steps(Fields $in): array
    {
        $steps = json_decode($in->text('steps'), true);
        $keys = is_array($steps) ? array_values(array_filter($steps, is_string(...))) : [];
        if ($keys === []) {
            throw BadBuild::at('/steps', 'what was done? The page is older than the build; load it again.');
        }

        return $keys;
    }
}
