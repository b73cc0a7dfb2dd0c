<?php

declare(strict_types=1);

namespace App\Stations\Prove\Forms;

use App\Stations\Form;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\SkipGate;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\NotUnderstood;

/** A gate that is passed over, because. */
final readonly class SkipForm extends Form
{
    public static function op(): string
    {
        return 'pass_over';
    }

    public function edit(Fields $in): Edit
    {
        if (trim($in->text('why')) === '') {
            throw new NotUnderstood('Because: expected why it is passed over; the sheet says it.');
        }

        return new SkipGate(
            $in->text('tried'),
            trim($in->text('why')),
            Kept::on($in),
            $in->text('facts'),
            $in->text('words', 'A gate'),
        );
    }
}
