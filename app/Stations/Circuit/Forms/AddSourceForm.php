<?php

declare(strict_types=1);

namespace App\Stations\Circuit\Forms;

use App\Stations\Form;
use BenchGlow\Edit\AddSource;
use BenchGlow\Edit\Edit;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\NotUnderstood;

/** A second source at a place in a core. */
final readonly class AddSourceForm extends Form
{
    public static function op(): string
    {
        return 'add_source';
    }

    public function edit(Fields $in): Edit
    {
        $from = $in->text('from');

        return $from === ''
            ? throw new NotUnderstood('Second source: choose what feeds it too.')
            : new AddSource(PlaceIn::of($in), $from);
    }
}
