<?php

declare(strict_types=1);

namespace App\Stations\Prove\Forms;

use App\Stations\Form;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\See;
use BenchGlow\Format\Fields;

/** How a light looks, one key. */
final readonly class SeeForm extends Form
{
    public static function op(): string
    {
        return 'see';
    }

    public function edit(Fields $in): Edit
    {
        return new See($in->text('hunt'), $in->text('emitter'), $in->text('look'), Kept::on($in), Kept::with($in));
    }
}
