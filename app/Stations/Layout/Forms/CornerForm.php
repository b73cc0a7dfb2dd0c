<?php

declare(strict_types=1);

namespace App\Stations\Layout\Forms;

use App\Stations\Form;
use App\Stations\Typing;
use BenchGlow\Edit\Batch;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\SetSegment;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\NotUnderstood;
use BenchGlow\Quantity\Unit;

/** A corner of a strip: how it gets round, or a new one put in after a straight. */
final readonly class CornerForm extends Form
{
    public const KINDS = [
        'fold' => 'fold it',
        'jumper' => 'cut, and join by wire',
        'new_piece' => 'a new piece, fed on its own',
        'bend' => 'bend it out of its plane',
    ];

    public static function op(): string
    {
        return 'corner';
    }

    public function edit(Fields $in): Edit
    {
        $kind = $in->text('kind');
        if (! isset(self::KINDS[$kind])) {
            throw new NotUnderstood('The corner: choose one from the list.');
        }
        $at = $in->text('n');
        if (! ctype_digit($at)) {
            throw new NotUnderstood('The corner: it is not there any more.');
        }
        $deg = trim($in->text('deg')) === '' ? 90.0 : (float) str_replace(',', '.', $in->text('deg'));
        if (
            ! is_numeric(str_replace([',', '°', ' '], ['.', '', ''], $in->text('deg') ?: '90')) ||
            abs($deg) < 1 ||
            abs($deg) > 180
        ) {
            throw new NotUnderstood(
                "The turn: expected degrees from 1 to 180, or below 0 to the left, not '{$in->text('deg')}'.",
            );
        }
        if ($in->text('new') === '') {
            return new SetSegment($in->text('id'), (int) $at, new Fields(['corner' => $kind, 'deg' => $deg]));
        }
        $next = Typing::quantity(Unit::Length, $in->text('then'), 'Then straight', $this->preference);
        if ($next <= 0.0 || $next > 1000.0) {
            throw new NotUnderstood('Then straight: expected a length over 0, as 0.94 m.');
        }

        return new Batch(
            [
                new SetSegment($in->text('id'), (int) $at, new Fields(['corner' => $kind, 'deg' => $deg]), true),
                new SetSegment($in->text('id'), (int) $at + 1, new Fields(['straight_m' => $next]), true),
            ],
            'A corner put in',
        );
    }
}
