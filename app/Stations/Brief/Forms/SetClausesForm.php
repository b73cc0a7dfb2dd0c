<?php

declare(strict_types=1);

namespace App\Stations\Brief\Forms;

use App\Stations\Form;
use App\Stations\Typing;
use BenchGlow\Build\Clauses;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\SetField;
use BenchGlow\Format\Fields;

/** The clauses of a sentence, chosen one by one. */
final readonly class SetClausesForm extends Form
{
    public static function op(): string
    {
        return 'set_clauses';
    }

    public function edit(Fields $in): Edit
    {
        $words = Clauses::words(array_map(trim(...), $in->texts('clause')), $in->texts('join'));

        return new SetField($in->text('id'), 'when', Typing::when($words, 'When', $this->document));
    }
}
