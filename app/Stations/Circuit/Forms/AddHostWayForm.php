<?php

declare(strict_types=1);

namespace App\Stations\Circuit\Forms;

use App\Stations\Form;
use App\Stations\Typing;
use BenchGlow\Build\Index;
use BenchGlow\Edit\AddItem;
use BenchGlow\Edit\Edit;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\Unit;

/** A fuse way, channel, stud or outlet of the host. */
final readonly class AddHostWayForm extends Form
{
    public static function op(): string
    {
        return 'add_host_way';
    }

    public function edit(Fields $in): Edit
    {
        $label = Typing::label($in, 'Way', 'Way 4, radio');
        $fuse = Typing::amount(Unit::Amps, $in->text('fuse'), 'Its fuse');
        $load = Typing::amount(Unit::Amps, $in->text('load'), 'Its own load');
        $live = trim($in->text('text')) === '' ? null : Typing::when($in->text('text'), 'Live when', $this->document);

        return new AddItem(
            'host.ways',
            new Fields([
                'id' => Index::of($this->document)->free($label),
                'label' => $label,
                'kind' => $in->text('kind', 'fuse_way'),
                'comfort' => $in->text('comfort') !== '',
                'fuse_a' => $fuse,
                ...$load === null ? [] : ['load_a' => $load],
                ...$live === null ? [] : ['live_when' => $live],
                'fed_by' => Feed::of($this->document),
            ]),
        );
    }
}
