<?php

declare(strict_types=1);

namespace App\Stations\Layout\Forms;

use App\Stations\Form;
use App\Stations\Typing;
use BenchGlow\Edit\AddLayout;
use BenchGlow\Edit\Edit;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\NotUnderstood;
use BenchGlow\Quantity\Unit;

/** A layout begun by its kind: a panel from words, a piece, a trial of a sensor. */
final readonly class AddLayoutForm extends Form
{
    public const KINDS = [
        'strip_path' => 'a strip along a path',
        'hole_row' => 'a row of holes',
        'panel' => 'a panel, an emblem or words',
        'footprint' => 'lamps over a path, a step or a shelf',
        'piece' => 'a piece with its marks',
        'sensor' => 'a magnet, tilt or lid switch',
        'stray' => 'light through a gap',
    ];

    public static function op(): string
    {
        return 'add_layout';
    }

    public function edit(Fields $in): Edit
    {
        $kind = $in->text('kind');
        if (! isset(self::KINDS[$kind])) {
            throw new NotUnderstood('What is laid out: choose one from the list.');
        }
        $light = $in->text('light') === '' ? null : $in->text('light');
        if ($light === null && in_array($kind, ['panel', 'strip_path', 'hole_row', 'footprint'], true)) {
            throw new NotUnderstood('The light: choose which one is laid out.');
        }
        $with = [];
        if (trim($in->text('label')) !== '') {
            $with['label'] = mb_substr(trim($in->text('label')), 0, 60);
        }
        if ($kind === 'piece') {
            $wide = Typing::quantity(Unit::Length, $in->text('wide') ?: '0.6 m', 'How wide', $this->preference);
            $high = Typing::quantity(Unit::Length, $in->text('high') ?: '0.1 m', 'How high', $this->preference);
            if ($wide <= 0.0 || $high <= 0.0 || $wide > 10.0 || $high > 10.0) {
                throw new NotUnderstood('How wide and how high: expected from 1 mm to 10 m.');
            }
            $with['outline'] = ['rect_m' => [$wide, $high]];
        }

        return new AddLayout($light, $kind, new Fields($with));
    }
}
