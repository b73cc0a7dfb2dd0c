<?php

declare(strict_types=1);

namespace App\Stations\Layout\Forms;

use App\Stations\Form;
use App\Stations\Typing;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\ImportOutline;
use BenchGlow\Format\Fields;
use BenchGlow\Layout\NoOutline;
use BenchGlow\Layout\SvgOutline;
use BenchGlow\Quantity\NotUnderstood;
use BenchGlow\Quantity\Unit;

/** An outline out of a drawing, pasted or read from a file. */
final readonly class ImportOutlineForm extends Form
{
    public static function op(): string
    {
        return 'import_outline';
    }

    public function edit(Fields $in): Edit
    {
        if (trim($in->text('svg')) === '') {
            throw new NotUnderstood('The outline: choose an SVG file, or paste its text.');
        }
        $wide =
            trim($in->text('wide')) === ''
                ? null
                : Typing::quantity(Unit::Length, $in->text('wide'), 'How wide it is', $this->preference);
        try {
            SvgOutline::read($in->text('svg'), $wide === null ? null : 1000 * $wide);
        } catch (NoOutline $e) {
            throw new NotUnderstood('The outline: '.lcfirst($e->getMessage()));
        }

        return new ImportOutline($in->text('id'), $in->text('svg'), $wide);
    }
}
