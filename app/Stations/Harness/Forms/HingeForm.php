<?php

declare(strict_types=1);

namespace App\Stations\Harness\Forms;

use App\Stations\Form;
use App\Stations\Typing;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\SetField;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\NotUnderstood;
use BenchGlow\Quantity\Unit;

/** A hinge that a stretch goes over: how far from its axis the loom is tied on either side, and how far it opens. */
final readonly class HingeForm extends Form
{
    public static function op(): string
    {
        return 'hinge';
    }

    public function edit(Fields $in): Edit
    {
        if (trim($in->text('still').$in->text('moving')) === '') {
            return new SetField($in->text('id'), 'hinge', null);
        }
        $arm = function (string $field, string $name) use ($in): float {
            $m = Typing::quantity(Unit::Length, $in->text($field), $name, $this->preference);
            if ($m < 0.001 || $m > 10.0) {
                throw new NotUnderstood("{$name}: expected more than 0, up to 10 m from the axis.");
            }

            return $m;
        };
        $angle = function (string $field, string $name) use ($in): float {
            $text = trim(str_replace(['°', ','], ['', '.'], $in->text($field)));
            if (! is_numeric($text) || (float) $text < 0.0 || (float) $text > 360.0) {
                throw new NotUnderstood("{$name}: expected degrees from 0 to 360.");
            }

            return (float) $text;
        };

        return new SetField($in->text('id'), 'hinge', [
            'still_m' => $arm('still', 'Tied on the still side'),
            'moving_m' => $arm('moving', 'Tied on the side that moves'),
            'shut_deg' => $angle('shut', 'Shut at'),
            'open_deg' => $angle('open', 'Open at'),
        ]);
    }
}
