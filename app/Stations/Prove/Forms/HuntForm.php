<?php

declare(strict_types=1);

namespace App\Stations\Prove\Forms;

use App\Stations\Form;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\OpenHunt;
use BenchGlow\Format\Fields;

/** The search begins, with what the gate that fails has read already. */
final readonly class HuntForm extends Form
{
    public static function op(): string
    {
        return 'hunt';
    }

    public function edit(Fields $in): Edit
    {
        $readings = json_decode($in->text('readings', '[]'), true);

        return new OpenHunt(
            $in->text('circuit'),
            Kept::on($in),
            is_array($readings) ? array_values(array_filter($readings, is_string(...))) : [],
        );
    }
}
