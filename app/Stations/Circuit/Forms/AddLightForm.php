<?php

declare(strict_types=1);

namespace App\Stations\Circuit\Forms;

use App\Stations\Form;
use App\Stations\Forms\Chosen;
use BenchGlow\Edit\AddLight;
use BenchGlow\Edit\Edit;
use BenchGlow\Format\Fields;

/** One more light in a circuit. */
final readonly class AddLightForm extends Form
{
    public static function op(): string
    {
        return 'add_light';
    }

    public function edit(Fields $in): Edit
    {
        $chosen = Chosen::light($in, $this->document, $this->preference);

        return new AddLight(
            $in->text('circuit'),
            $chosen->light,
            $chosen->part,
            $in->text('supply'),
            $in->text('how', 'own'),
        );
    }
}
