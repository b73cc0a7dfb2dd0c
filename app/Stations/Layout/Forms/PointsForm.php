<?php

declare(strict_types=1);

namespace App\Stations\Layout\Forms;

use App\Stations\Form;
use BenchGlow\Edit\Batch;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\SetField;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\NotUnderstood;

/** Sources put where they are wanted, one by one: "120, 40; 180, 40" in mm. */
final readonly class PointsForm extends Form
{
    public static function op(): string
    {
        return 'points';
    }

    public function edit(Fields $in): Edit
    {
        $points = [];
        foreach (preg_split('/[;\n]+/', $in->text('points')) ?: [] as $n => $typed) {
            if (trim($typed) === '') {
                continue;
            }
            if (preg_match('/^\s*(-?\d+(?:\.\d+)?)\s*[, ]\s*(-?\d+(?:\.\d+)?)\s*(?:mm)?\s*$/', $typed, $found) !== 1) {
                $which = $n + 1;
                throw new NotUnderstood("Place {$which}: expected two numbers in mm, such as 120, 40.");
            }
            $points[] = [round((float) $found[1] / 1000, 6), round((float) $found[2] / 1000, 6)];
        }
        foreach ($points as $n => [$x, $y]) {
            if (max(abs($x), abs($y)) > 10.0) {
                throw new NotUnderstood('Place '.($n + 1).': expected within 10 m.');
            }
        }
        if ($points === [] || count($points) > 2000) {
            throw new NotUnderstood('Places: expected from 1 to 2000 of them, such as 120, 40; 180, 40.');
        }
        $id = $in->text('id');

        return new Batch(
            [new SetField($id, 'arrange', 'points'), new SetField($id, 'points', $points)],
            'Put the sources where they were wanted',
        );
    }
}
