<?php

declare(strict_types=1);

namespace App\Stations\Probe\Forms;

use App\Stations\Form;
use App\Stations\Typing;
use BenchGlow\Edit\AddWires;
use BenchGlow\Edit\Edit;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\NotUnderstood;

/** How many wires come out, and where. */
final readonly class AddWiresForm extends Form
{
    /** Where one finds a bundle, as a builder says it. */
    public const SPOTS = [
        'lamp' => 'at a lamp',
        'loom' => 'in a loom',
        'panel' => 'behind a panel',
        'relay' => 'at a relay',
        'driver' => 'at a driver or dimmer',
        'other' => 'somewhere else',
    ];

    public static function op(): string
    {
        return 'add_wires';
    }

    public function edit(Fields $in): Edit
    {
        $label = Typing::label($in, 'Where it is', 'stern lamp plug');
        $count = trim($in->text('count'));
        if (preg_match('/^\d{1,3}$/', $count) !== 1 || (int) $count < 1 || (int) $count > 60) {
            throw new NotUnderstood("How many wires: expected a whole number from 1 to 60, found '{$count}'.");
        }
        $spot = $in->text('spot', 'other');
        if (! isset(self::SPOTS[$spot])) {
            throw new NotUnderstood('The spot: choose one from the list.');
        }
        $rows = $in->text('rows', '1');
        $grounds = $this->document->fields()->object('host')->objects('grounds');

        return new AddWires(
            $label,
            (int) $count,
            $spot,
            is_numeric($rows) ? (int) $rows : 1,
            ($grounds[0] ?? null)?->text('id') ?? '',
        );
    }
}
