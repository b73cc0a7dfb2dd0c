<?php

declare(strict_types=1);

namespace App\Stations\Build\Forms;

use App\Stations\Form;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\Park;
use BenchGlow\Format\Fields;
use BenchGlow\Format\WorkFields;
use BenchGlow\Quantity\NotUnderstood;

/** An act is put off to a day, or to the end. */
final readonly class NotNowForm extends Form
{
    public static function op(): string
    {
        return 'not_now';
    }

    public function edit(Fields $in): Edit
    {
        $until = trim($in->text('until'));
        if ($until !== '' && preg_match('#'.WorkFields::MOMENT.'#', $until) !== 1) {
            throw new NotUnderstood('Until: expected a day, as 2026-06-01, or with its time, 2026-06-01T18:00.');
        }

        return new Park(
            $in->text('step'),
            $in->text('words'),
            $until === '' ? null : $until,
            mb_substr($in->text('why'), 0, 200),
        );
    }
}
