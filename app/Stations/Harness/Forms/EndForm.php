<?php

declare(strict_types=1);

namespace App\Stations\Harness\Forms;

use App\Stations\Form;
use App\Stations\Harness\Choices;
use BenchGlow\Build\Index;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\SetField;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\NotUnderstood;

/** What is on one end of a wire. */
final readonly class EndForm extends Form
{
    public static function op(): string
    {
        return 'lead_end';
    }

    public function edit(Fields $in): Edit
    {
        $index = Index::of($this->document);
        if (($index->sections[$in->text('id')] ?? '') !== 'leads') {
            throw new NotUnderstood('The wire: it is not there any more.');
        }
        if (! isset(Choices::ENDS[$in->text('text')])) {
            throw new NotUnderstood('The end: choose one from the list.');
        }
        $ends = $index->item($in->text('id'))->items('ends');
        $ends = [$ends[0] ?? null, $ends[1] ?? null];
        $ends[$in->text('end') === '1' ? 1 : 0] = $in->text('text') === '' ? null : $in->text('text');

        return new SetField($in->text('id'), 'ends', $ends);
    }
}
