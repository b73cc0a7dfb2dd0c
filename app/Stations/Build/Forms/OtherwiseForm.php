<?php

declare(strict_types=1);

namespace App\Stations\Build\Forms;

use App\Stations\Form;
use App\Stations\Typing;
use App\Support\WallClock;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\Mark;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\NotUnderstood;
use BenchGlow\Quantity\Unit;

/** Done, but not as the build says: with the figure as it was, or with a note. */
final readonly class OtherwiseForm extends Form
{
    /** Facts that are typed: unit, and what it is called. */
    private const FACTS = [
        'length_m' => [Unit::Length, 'Length as cut'],
        'mm' => [Unit::Millimetres, 'Drill as used'],
        'amps' => [Unit::Amps, 'Fuse as put in'],
    ];

    public static function op(): string
    {
        return 'otherwise';
    }

    public function edit(Fields $in): Edit
    {
        $as = json_decode($in->text('as', '{}'), true);
        $as = is_array($as) ? $as : [];
        $note = trim($in->text('note'));
        $typed = trim($in->text('figure'));
        if ($typed === '' && $note === '') {
            throw new NotUnderstood('Otherwise: say how it was done, by its figure or in words.');
        }
        $changed = false;
        foreach ($as as $step => $facts) {
            foreach ($typed === '' || ! is_array($facts) ? [] : self::FACTS as $fact => [$unit, $name]) {
                if (! $changed && isset($facts[$fact])) {
                    $as[$step][$fact] = Typing::quantity($unit, $typed, $name, $this->preference);
                    $changed = true;
                }
            }
        }
        if ($typed !== '' && ! $changed) {
            throw new NotUnderstood('Otherwise: this act has no figure; say it in words.');
        }

        return new Mark(
            DoneForm::steps($in),
            WallClock::now()->format('Y-m-d\TH:iP'),
            $in->text('words', 'A step').', otherwise',
            as: $as === [] ? null : new Fields($as),
            note: $note === '' ? null : mb_substr($note, 0, 2000),
        );
    }
}
