<?php

declare(strict_types=1);

namespace App\Stations\Brief\Forms;

use App\Stations\Form;
use BenchGlow\Build\Index;
use BenchGlow\Edit\AddItem;
use BenchGlow\Edit\Edit;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Parts\Catalogue;

/** Another supply from the shelf. */
final readonly class AddSupplyForm extends Form
{
    public static function op(): string
    {
        return 'add_supply';
    }

    public function edit(Fields $in): Edit
    {
        $supply =
            Catalogue::supply($in->text('supply')) ??
            throw BadBuild::at('/supply', 'Supply: choose one from the list.');
        $id = Index::of($this->document)->free($supply->text('label'));

        return new AddItem('supplies', new Fields(['id' => $id, ...$supply->data]));
    }
}
