<?php

declare(strict_types=1);

namespace App\Stations\Build\Forms;

use App\Stations\Form;
use App\Stations\Typing;
use App\Support\WallClock;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\Log;
use BenchGlow\Format\Fields;
use BenchGlow\Format\WorkFields;
use BenchGlow\Quantity\NotUnderstood;
use BenchGlow\Quantity\Unit;

/** What went wrong, with its cause: it changes what the next act says. */
final readonly class MistakeForm extends Form
{
    public static function op(): string
    {
        return 'mistake';
    }

    public function edit(Fields $in): Edit
    {
        if (! in_array($in->text('cause'), WorkFields::CAUSES, true)) {
            throw new NotUnderstood('Cause: choose what comes nearest.');
        }
        $minutes = Typing::amount(Unit::Count, $in->text('minutes'), 'Minutes lost');
        $short = trim($in->text('short'));
        $by = $short === '' ? null : Typing::quantity(Unit::Length, $short, 'Too short by', $this->preference);
        if ($by !== null && $in->text('cause') !== 'cut_short') {
            throw new NotUnderstood(
                'Too short by: only what was cut short has it; choose that cause, or leave it out.',
            );
        }

        return new Log(
            'mistake',
            WallClock::now()->format('Y-m-d'),
            mb_substr(trim($in->text('text')), 0, 2000),
            $in->text('step') ?: null,
            $in->text('cause'),
            $minutes,
            value: $by,
            unit: $by === null ? null : 'm',
        );
    }

    /** @return array<string, string> cause => words */
    public static function causes(): array
    {
        $all = [];
        foreach (WorkFields::CAUSES as $cause) {
            $all[$cause] = ucfirst(str_replace('_', ' ', $cause));
        }

        return $all;
    }
}
