<?php

declare(strict_types=1);

namespace App\Stations\Circuit\Forms;

use App\Stations\Form;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\SetField;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\NotUnderstood;
use BenchGlow\Quantity\Typed;
use BenchGlow\Quantity\Unit;

/** The brightness a channel of a controller is set to. */
final readonly class SetDutyForm extends Form
{
    public static function op(): string
    {
        return 'set_duty';
    }

    public function edit(Fields $in): Edit
    {
        $share = min(1.0, max(0.0, self::percent($in->text('text'))));

        return new SetField($in->text('id'), 'set.'.$in->text('field'), round($share, 4));
    }

    private static function percent(string $text): float
    {
        try {
            return Typed::read(Unit::Percent, str_contains($text, '%') ? $text : "{$text} %");
        } catch (NotUnderstood) {
            throw new NotUnderstood("Brightness: a share from 0 to 100 %, not '{$text}'.");
        }
    }
}
