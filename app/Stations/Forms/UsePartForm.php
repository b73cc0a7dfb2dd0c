<?php

declare(strict_types=1);

namespace App\Stations\Forms;

use App\Stations\Form;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\UsePart;
use BenchGlow\Format\Fields;

/** Another part for a light or a device. */
final readonly class UsePartForm extends Form
{
    public static function op(): string
    {
        return 'use_part';
    }

    public function edit(Fields $in): Edit
    {
        return new UsePart($in->text('id'), Chosen::part($this->document, $in->text('text')));
    }
}
