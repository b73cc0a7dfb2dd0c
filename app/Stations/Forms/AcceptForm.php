<?php

declare(strict_types=1);

namespace App\Stations\Forms;

use App\Stations\Form;
use BenchGlow\Edit\Accept;
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
        return new Accept($in->text('rule'), $in->text('subject'), $in->text('reason'), now()->format('Y-m-d'));
    }
}
