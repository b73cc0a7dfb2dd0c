<?php

declare(strict_types=1);

namespace App\Stations\HandOver\Forms;

use App\Stations\Form;
use BenchGlow\Cost\Codes;
use BenchGlow\Edit\Batch;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\TakeOption;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\NotUnderstood;

/** What the customer picked, by its codes or by a press: taken in one change. */
final readonly class PicksForm extends Form
{
    public static function op(): string
    {
        return 'picks';
    }

    public function edit(Fields $in): Edit
    {
        $one = $in->text('option');
        if ($one !== '') {
            return new TakeOption($one, $in->text('take', '1') === '1');
        }
        $ids = (new Codes($this->document))->read($in->text('codes'));
        if ($ids === []) {
            throw new NotUnderstood('Picks: type the codes that were picked, as B7-T.');
        }

        return count($ids) === 1
            ? new TakeOption($ids[0])
            : new Batch(
                array_map(fn (string $id): TakeOption => new TakeOption($id), $ids),
                'Picks taken: '.$in->text('codes'),
            );
    }
}
