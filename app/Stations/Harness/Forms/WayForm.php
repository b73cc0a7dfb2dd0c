<?php

declare(strict_types=1);

namespace App\Stations\Harness\Forms;

use App\Stations\Form;
use BenchGlow\Build\Build;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\SetWay;
use BenchGlow\Format\Fields;
use BenchGlow\Loom\Loom;
use BenchGlow\Quantity\NotUnderstood;

/** The way of a wire: the shortest, or over a place that is chosen. */
final readonly class WayForm extends Form
{
    public static function op(): string
    {
        return 'set_way';
    }

    public function edit(Fields $in): Edit
    {
        if ($in->text('over') === '') {
            return new SetWay($in->text('id'), []);
        }
        $build = Build::of($this->document);
        $loom = Loom::of($build);
        $laid = $loom->leads[$in->text('id')] ?? throw new NotUnderstood('The wire: it is not there any more.');
        [$from, $to] = $laid->ends;
        $over = $in->text('over');
        if ($from === null || $to === null || ! isset($build->places[$over])) {
            throw new NotUnderstood('Its way: both of its ends have to sit somewhere first.');
        }
        $first = $loom->paths->between($from, $over);
        $then = $loom->paths->between($over, $to);
        if ($first === null || $then === null || array_intersect($first, $then) !== []) {
            throw new NotUnderstood(
                'Over: no way leads there and on. Choose a place that lies between, or add a stretch.',
            );
        }

        return new SetWay($in->text('id'), [...$first, ...$then]);
    }
}
