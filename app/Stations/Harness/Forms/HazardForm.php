<?php

declare(strict_types=1);

namespace App\Stations\Harness\Forms;

use App\Stations\Form;
use BenchGlow\Build\Index;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\SetField;
use BenchGlow\Format\Fields;
use BenchGlow\Format\LoomFields;
use BenchGlow\Quantity\NotUnderstood;

/** What a stretch is exposed to: one word on or off. */
final readonly class HazardForm extends Form
{
    public const WORDS = [
        'moving' => 'moves',
        'wet' => 'wet',
        'hot' => 'hot',
        'sharp' => 'sharp edges',
        'pinch' => 'pinched',
        'fuel' => 'fuel near',
    ];

    public static function op(): string
    {
        return 'hazard';
    }

    public function edit(Fields $in): Edit
    {
        $word = $in->text('word');
        if (! in_array($word, LoomFields::HAZARDS, true)) {
            throw new NotUnderstood('What it is exposed to: choose one from the list.');
        }
        $index = Index::of($this->document);
        if (($index->sections[$in->text('id')] ?? '') !== 'routes') {
            throw new NotUnderstood('The stretch: it is not there any more.');
        }
        $now = $index->item($in->text('id'))->texts('hazards');
        $now = in_array($word, $now, true) ? array_values(array_diff($now, [$word])) : [...$now, $word];

        return new SetField($in->text('id'), 'hazards', $now);
    }
}
