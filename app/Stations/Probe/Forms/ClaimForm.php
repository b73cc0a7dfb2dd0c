<?php

declare(strict_types=1);

namespace App\Stations\Probe\Forms;

use App\Stations\Form;
use BenchGlow\Edit\ClaimWire;
use BenchGlow\Edit\Edit;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\NotUnderstood;

/** What a drawing, a label or an owner says a wire is. */
final readonly class ClaimForm extends Form
{
    public const FROM = [
        'diagram' => 'a drawing of this host',
        'kit_sheet' => 'the kit\'s sheet',
        'label' => 'a printed label',
        'owner' => 'somebody who knows it',
        'colour' => 'its colour',
    ];

    public static function op(): string
    {
        return 'claim';
    }

    public function edit(Fields $in): Edit
    {
        $from = $in->text('from', 'diagram');
        if (! isset(self::FROM[$from])) {
            throw new NotUnderstood('Who says so: choose one from the list.');
        }

        return new ClaimWire($in->text('wire'), $in->text('says') === '' ? null : $in->text('says'), $from);
    }
}
