<?php

declare(strict_types=1);

namespace App\Stations\Forms;

use App\Stations\Form;
use App\Support\WallClock;
use BenchGlow\Edit\Accept;
use BenchGlow\Edit\Batch;
use BenchGlow\Edit\Edit;
use BenchGlow\Format\Fields;

/** A finding set aside with its reason. */
final readonly class AcceptForm extends Form
{
    public static function op(): string
    {
        return 'accept';
    }

    public function edit(Fields $in): Edit
    {
        $accept = fn (string $subject): Edit => new Accept(
            $in->text('rule'),
            $subject,
            $in->text('reason'),
            WallClock::now()->format('Y-m-d'),
        );
        $subjects = explode(' ', $in->text('subject'));

        return count($subjects) === 1 ? $accept($subjects[0]) : new Batch(array_map($accept, $subjects));
    }
}
