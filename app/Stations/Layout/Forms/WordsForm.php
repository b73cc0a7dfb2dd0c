<?php

declare(strict_types=1);

namespace App\Stations\Layout\Forms;

use App\Stations\Form;
use App\Stations\Typing;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\SetField;
use BenchGlow\Format\Fields;
use BenchGlow\Layout\Face;
use BenchGlow\Layout\Lettering;
use BenchGlow\Quantity\NotUnderstood;
use BenchGlow\Quantity\Unit;

/** Words that are lit: what they say, how tall, how far apart. */
final readonly class WordsForm extends Form
{
    public static function op(): string
    {
        return 'lettering';
    }

    public function edit(Fields $in): Edit
    {
        $words = trim($in->text('words'));
        if ($words === '' || mb_strlen($words) > 60) {
            throw new NotUnderstood('The words: expected from 1 to 60 signs.');
        }
        $cap = Typing::quantity(Unit::Length, $in->text('cap'), 'Height of a capital', $this->preference);
        if ($cap < 0.002 || $cap > 10.0) {
            throw new NotUnderstood('Height of a capital: expected from 2 mm to 10 m.');
        }
        $face = isset(Face::FILES[$in->text('face')]) ? $in->text('face') : 'narrow';
        $spacing = str_replace(',', '.', trim($in->text('spacing')) ?: '0');
        if (! is_numeric($spacing) || (float) $spacing < -0.5 || (float) $spacing > 5) {
            throw new NotUnderstood(
                "Spacing: expected a number from -0.5 to 5, in widths of an em, not '{$in->text('spacing')}'.",
            );
        }
        if (Lettering::set($words, $face, $cap)->signs === []) {
            throw new NotUnderstood('The words: this face has none of these signs.');
        }
        $nudge = array_map(
            fn (string $n): float => is_numeric(trim($n)) ? max(-2.0, min(5.0, (float) trim($n))) : 0.0,
            array_filter(
                explode(';', str_replace(',', '.', $in->text('nudge'))),
                fn (string $n): bool => trim($n) !== '',
            ),
        );
        $text = ['words' => $words, 'face' => $face, 'cap_m' => $cap, 'spacing_em' => (float) $spacing];

        return new SetField($in->text('id'), 'outline', [
            'text' => [...$text, ...$nudge === [] ? [] : ['nudge_em' => array_slice($nudge, 0, 60)]],
        ]);
    }
}
