<?php

declare(strict_types=1);

namespace App\Stations\Harness\Forms;

use App\Stations\Form;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\KeepPart;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\NotUnderstood;

/** What of a part lies on the bench, when it was ordered, when it comes. */
final readonly class PartForm extends Form
{
    public static function op(): string
    {
        return 'keep_part';
    }

    public function edit(Fields $in): Edit
    {
        $have = trim(str_replace(',', '.', $in->text('have')));
        if ($have !== '' && (! is_numeric($have) || (float) $have < 0.0 || (float) $have > 100000.0)) {
            throw new NotUnderstood('Have: expected a number from 0 up.');
        }

        return new KeepPart(
            $in->text('id'),
            $have === '' ? null : (float) $have,
            self::day($in->text('ordered'), 'Ordered on'),
            self::day($in->text('due'), 'Due on'),
        );
    }

    private static function day(string $text, string $name): ?string
    {
        $text = trim($text);
        if ($text === '') {
            return null;
        }
        if (
            preg_match('/^(\d{4})-(\d{2})-(\d{2})$/', $text, $d) !== 1 ||
            ! checkdate((int) $d[2], (int) $d[3], (int) $d[1])
        ) {
            throw new NotUnderstood("{$name}: expected a day, as 2026-05-02.");
        }

        return $text;
    }
}
