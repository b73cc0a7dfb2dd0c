<?php

declare(strict_types=1);

namespace App\Stations\Harness\Forms;

use App\Stations\Form;
use App\Stations\Typing;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\StringLength;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\NotUnderstood;
use BenchGlow\Quantity\Unit;

/** A wire laid along its way and read: one length. Empty: by its way. */
final readonly class StringForm extends Form
{
    public const FROM = [
        'strung' => 'strung',
        'supplied' => 'it came so long',
        'guess' => 'a guess',
        'stated' => 'stated',
    ];

    public static function op(): string
    {
        return 'string_length';
    }

    public function edit(Fields $in): Edit
    {
        $from = $in->text('from', 'strung');
        if (! isset(self::FROM[$from])) {
            throw new NotUnderstood('How it is known: choose one from the list.');
        }
        if (trim($in->text('text')) === '') {
            return new StringLength($in->text('id'), null);
        }
        $m = Typing::quantity(Unit::Length, $in->text('text'), 'Length of the wire', $this->preference);
        if ($m <= 0.0 || $m > 1000.0) {
            throw new NotUnderstood('Length of the wire: expected more than 0, up to 1000 m.');
        }

        return new StringLength($in->text('id'), $m, $from === 'stated' ? '' : $from);
    }
}
