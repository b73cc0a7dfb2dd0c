<?php

declare(strict_types=1);

namespace App\Stations\Harness\Forms;

use App\Stations\Form;
use BenchGlow\Build\Index;
use BenchGlow\Edit\AddItem;
use BenchGlow\Edit\Batch;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\SetField;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\NotUnderstood;

/** Something that leaves or moves as one, with the places on it. */
final readonly class CarrierForm extends Form
{
    public const HOW = [
        'lifts_off' => 'lifts off',
        'unscrews' => 'unscrews',
        'hinges' => 'turns on its hinge',
        'slides' => 'slides out',
        'worn' => 'is worn',
    ];

    public static function op(): string
    {
        return 'add_carrier';
    }

    public function edit(Fields $in): Edit
    {
        $name = trim($in->text('label'));
        if ($name === '' || mb_strlen($name) > 60) {
            throw new NotUnderstood('What leaves: it needs a name of up to 60 letters, as "the coffee box".');
        }
        if (! isset(self::HOW[$in->text('how')])) {
            throw new NotUnderstood('How it leaves: choose one from the list.');
        }
        $index = Index::of($this->document);
        $id = $index->free('carrier');
        $edits = [new AddItem('carriers', new Fields(['id' => $id, 'label' => $name, 'how' => $in->text('how')]))];
        foreach ($in->texts('places') as $place) {
            if (($index->sections[$place] ?? '') === 'places') {
                $edits[] = new SetField($place, 'carrier', $id);
            }
        }

        return new Batch($edits, "Added {$name}, which ".self::HOW[$in->text('how')]);
    }
}
