<?php

declare(strict_types=1);

namespace App\Stations\HandOver\Forms;

use App\Stations\Form;
use App\Support\WallClock;
use BenchGlow\Build\Index;
use BenchGlow\Edit\AddItem;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\SetField;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\NotUnderstood;

/** What goes with the work: a setting, an open point and its end, what is left in place, care. */
final readonly class HandForm extends Form
{
    public static function op(): string
    {
        return 'hand';
    }

    public function edit(Fields $in): Edit
    {
        $index = Index::of($this->document);
        $text = mb_substr(trim($in->text('words')), 0, 400);
        $of = $in->text('sort');
        if ($of === 'close') {
            return new SetField($in->text('point'), 'closed_on', WallClock::now()->format('Y-m-d'));
        }
        if ($text === '') {
            throw new NotUnderstood('Words: expected what it is, in a few words.');
        }
        if ($of === 'setting') {
            [$what, $value] = [...array_map(trim(...), explode(':', $text, 2)), ''];

            return new AddItem(
                'handover.settings',
                new Fields([
                    'id' => $index->free('setting'),
                    'device' => $in->text('device'),
                    'what' => $value === '' ? '' : $what,
                    'value' => $value === '' ? $what : $value,
                ]),
            );
        }
        if ($of === 'left') {
            return new AddItem(
                'handover.left',
                new Fields([
                    'id' => $index->free('left'),
                    'what' => $text,
                    'state' => $in->text('state', 'dead'),
                    'where' => trim($in->text('where')),
                ]),
            );
        }
        if ($of === 'care') {
            $care = [...$this->document->fields()->object('handover')->texts('care'), $text];

            return new SetField('build', 'handover.care', $care);
        }
        $due = trim($in->text('due'));

        return new AddItem(
            'handover.open',
            new Fields([
                'id' => $index->free('point'),
                'text' => $text,
                'who' => mb_substr(trim($in->text('who')), 0, 120),
                'due_on' => $due === '' ? null : Said::day($due, 'Due on'),
            ]),
        );
    }
}
