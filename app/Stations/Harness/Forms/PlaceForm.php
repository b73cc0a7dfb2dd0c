<?php

declare(strict_types=1);

namespace App\Stations\Harness\Forms;

use App\Stations\Form;
use App\Stations\Typing;
use BenchGlow\Edit\AddPlace;
use BenchGlow\Edit\Edit;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\NotUnderstood;
use BenchGlow\Quantity\Unit;

/** A place more: what it is called, where it is reached from, how far, and what sits there. */
final readonly class PlaceForm extends Form
{
    public static function op(): string
    {
        return 'add_place';
    }

    public function edit(Fields $in): Edit
    {
        $beside = $in->text('beside');
        $far = trim($in->text('far'));
        $m = $far === '' ? null : Typing::quantity(Unit::Length, $far, 'How far', $this->preference);
        if ($m !== null && ($m <= 0.0 || $m > 1000.0)) {
            throw new NotUnderstood('How far: expected more than 0, up to 1000 m.');
        }

        return new AddPlace(
            self::name($in->text('label')),
            $beside === '' ? null : $beside,
            $m,
            $in->text('thing') === '' ? null : $in->text('thing'),
            $in->text('carrier') === '' ? null : $in->text('carrier'),
        );
    }

    /** @throws NotUnderstood */
    public static function name(string $text): string
    {
        $name = trim($text);
        if ($name === '' || mb_strlen($name) > 60) {
            throw new NotUnderstood('The place: it needs a name of up to 60 letters, as "behind the seat".');
        }

        return $name;
    }
}
