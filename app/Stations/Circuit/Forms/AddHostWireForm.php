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

/** A wire of the host that may be followed or tapped. */
final readonly class AddHostWireForm extends Form
{
    public static function op(): string
    {
        return 'add_host_wire';
    }

    public function edit(Fields $in): Edit
    {
        $label = Typing::label($in, 'Host wire', 'Courtesy wire');
        $behaviour = $in->text('behaviour', 'steady');

        return new AddItem(
            'host.wires',
            new Fields([
                'id' => Index::of($this->document)->free($label),
                'label' => $label,
                'kind' => $in->text('kind', 'courtesy'),
                'polarity' => $in->text('polarity', 'positive'),
                'live_when' => Typing::when($in->text('text'), 'Live when', $this->document),
                ...$behaviour === 'steady' ? [] : ['behaviour' => ['kind' => $behaviour]],
                'fed_by' => Feed::of($this->document),
                'fuse_a' => Typing::amount(Unit::Amps, $in->text('fuse'), 'Its fuse'),
                'loads' => [],
            ]),
        );
    }
}
