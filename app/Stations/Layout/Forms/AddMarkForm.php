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

/** A mark on a piece: what, how far from the datum and from the top, how wide. */
final readonly class AddMarkForm extends Form
{
    public const KINDS = [
        'hole' => 'hole',
        'centre' => 'centre',
        'line' => 'line',
        'cut' => 'cut',
        'slot' => 'slot',
        'notch' => 'notch',
        'score' => 'score',
        'drain' => 'drain hole',
    ];

    public static function op(): string
    {
        return 'add_mark';
    }

    public function edit(Fields $in): Edit
    {
        $kind = $in->text('kind');
        if (! isset(self::KINDS[$kind])) {
            throw new NotUnderstood('The mark: choose one from the list.');
        }
        $x = Typing::signed(Unit::Length, $in->text('x'), 'From the datum', $this->preference);
        $y = Typing::quantity(Unit::Length, $in->text('y') ?: '0 m', 'From the upper edge', $this->preference);
        if (abs($x) > 10.0 || abs($y) > 10.0) {
            throw new NotUnderstood('From the datum: expected within 10 m.');
        }
        $drill = Typing::amount(Unit::Millimetres, $in->text('drill'), 'Drill');
        if ($drill !== null && ($drill < 0.1 || $drill > 1000.0)) {
            throw new NotUnderstood('Drill: expected from 0.1 to 1000 mm.');
        }
        $piece = Named::of($this->document, $in->text('id'), 'piece', 'The piece: it is not there any more.');
        $taken = array_map(fn (Fields $m): string => $m->text('id'), $piece->objects('marks'));
        for ($n = 1; in_array("m{$n}", $taken, true); $n++);
        $mark = array_filter(
            [
                'id' => "m{$n}",
                'kind' => $kind,
                'at_m' => [$x, $y],
                'drill_mm' => $drill,
                'covered_by' => mb_substr(trim($in->text('covered')), 0, 60),
            ],
            fn (mixed $v): bool => $v !== null && $v !== '',
        );

        return new SetField($in->text('id'), 'marks', [
            ...array_map(fn (Fields $m): array => $m->data, $piece->objects('marks')),
            $mark,
        ]);
    }
}
