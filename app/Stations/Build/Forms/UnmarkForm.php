<?php

declare(strict_types=1);

namespace App\Stations\Build\Forms;

use App\Stations\Form;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\Unmark;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;

/** A step that is not done after all: one of those that are listed. */
final readonly class UnmarkForm extends Form
{
    public static function op(): string
    {
        return 'unmark';
    }

    public function edit(Fields $in): Edit
    {
        [$step, $words] = [...explode("\n", $in->text('step'), 2), 'a step of an earlier wiring'];
        if ($step === '') {
            throw BadBuild::at('/step', 'which one is not done? Press the button beside it.');
        }

        return new Unmark([$step], mb_substr($words, 0, 200));
    }
}
