<?php

declare(strict_types=1);

namespace App\Stations\Layout\Forms;

use App\Stations\Form;
use App\Stations\Typing;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\SetField;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\NotUnderstood;
use BenchGlow\Quantity\Unit;

/** Somebody who looks: where the eye is. */
final readonly class AddViewerForm extends Form
{
    public const KINDS = [
        'seat' => 'somebody seated',
        'standing' => 'somebody standing',
        'behind' => 'somebody behind',
        'other' => 'another place',
    ];

    public static function op(): string
    {
        return 'add_viewer';
    }

    public function edit(Fields $in): Edit
    {
        $kind = $in->text('kind');
        if (! isset(self::KINDS[$kind])) {
            throw new NotUnderstood('Who looks: choose one from the list.');
        }
        $at = [];
        foreach (
            ['x' => 'Along the path', 'y' => 'In front of the lamps', 'z' => 'Below the lamps'] as $field => $name
        ) {
            $at[] = $m = Typing::quantity(Unit::Length, $in->text($field) ?: '0 m', $name, $this->preference);
            if (abs($m) > 10.0) {
                throw new NotUnderstood("{$name}: expected within 10 m.");
            }
        }
        $says = 'Who looks: only lamps over a path have viewers.';
        $layout = Named::of($this->document, $in->text('id'), 'footprint', $says);
        $all = array_map(fn (Fields $v): array => $v->data, $layout->objects('viewers'));
        for ($n = 1; in_array("v{$n}", array_column($all, 'id'), true); $n++);

        return new SetField($in->text('id'), 'viewers', [...$all, ['id' => "v{$n}", 'kind' => $kind, 'at_m' => $at]]);
    }
}
