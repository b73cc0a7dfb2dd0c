<?php

declare(strict_types=1);

namespace App\Stations\Prove\Forms;

use App\Stations\Form;
use BenchGlow\Edit\CloseHunt;
use BenchGlow\Edit\Edit;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\NotUnderstood;

/** It is found and mended, or the search ends for a reason. */
final readonly class MendedForm extends Form
{
    public static function op(): string
    {
        return 'mended';
    }

    public function edit(Fields $in): Edit
    {
        $found = $in->text('found');
        if ($found === '' && trim($in->text('note')) === '') {
            throw new NotUnderstood('What it was: expected what you found, or why the search ends.');
        }

        return new CloseHunt(
            $in->text('hunt'),
            Kept::on($in),
            $found === '' ? null : $found,
            trim($in->text('note')),
            $in->text('words'),
        );
    }
}
