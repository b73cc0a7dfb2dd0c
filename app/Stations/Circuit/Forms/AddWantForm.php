<?php

declare(strict_types=1);

namespace App\Stations\Circuit\Forms;

use App\Stations\Form;
use App\Stations\Typing;
use BenchGlow\Build\Build;
use BenchGlow\Build\Index;
use BenchGlow\Build\Light;
use BenchGlow\Edit\AddItem;
use BenchGlow\Edit\Edit;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\NotUnderstood;

/** A line more of what should glow, and when. */
final readonly class AddWantForm extends Form
{
    public static function op(): string
    {
        return 'add_want';
    }

    public function edit(Fields $in): Edit
    {
        $circuit = $in->text('circuit');
        $all = array_map(fn (Light $l): string => $l->id, Build::of($this->document)->lightsOf($circuit));
        $glow = trim($in->text('glow')) === '' ? $all : Typing::lamps($in->text('glow'), 'What glows', $this->document);
        if ($glow === []) {
            throw new NotUnderstood('What glows: the circuit has no light yet.');
        }

        return new AddItem(
            "circuits.{$circuit}.wants",
            new Fields([
                'id' => Index::of($this->document)->free("{$circuit}_want"),
                'glow' => $glow,
                'when' => Typing::when($in->text('text'), 'When', $this->document),
                'level' => $in->text('level', 'on'),
                ...$in->text('flash') !== '' ? ['flash' => true] : [],
            ]),
        );
    }
}
