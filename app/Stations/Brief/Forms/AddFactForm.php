<?php

declare(strict_types=1);

namespace App\Stations\Brief\Forms;

use App\Stations\Form;
use BenchGlow\Build\Fact;
use BenchGlow\Build\Facts;
use BenchGlow\Build\Index;
use BenchGlow\Edit\AddItem;
use BenchGlow\Edit\Edit;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\NotUnderstood;

/** A fact the other stations obey. */
final readonly class AddFactForm extends Form
{
    public static function op(): string
    {
        return 'add_fact';
    }

    /** Kinds that say enough by themselves. */
    private const BARE = ['no_drill', 'comes_apart', 'road', 'water'];

    public function edit(Fields $in): Edit
    {
        [$kind, $where, $value] = [$in->text('kind'), trim($in->text('where')), trim($in->text('value'))];
        if ($kind === 'budget' && Facts::budget(new Fact('', $kind, $where, $value)) === null) {
            throw new NotUnderstood("Budget, what: '{$value}' is no amount. Type it like 60 or 45.50.");
        }
        if ($kind === 'needed_by') {
            $value = self::date($value);
        }
        if ($where.$value === '' && ! in_array($kind, self::BARE, true)) {
            throw new NotUnderstood('Fact: it says nothing yet. Type where it is or what it is.');
        }

        return new AddItem(
            'brief.facts',
            new Fields([
                'id' => Index::of($this->document)->numbered('fact_'),
                'kind' => $kind,
                ...$where === '' ? [] : ['where' => $where],
                ...$value === '' ? [] : ['value' => $value],
            ]),
        );
    }

    /** A day as the file keeps it; the month in letters leaves no doubt about the order. */
    private static function date(string $typed): string
    {
        // Asked of a parser without a clock; a 30th of February comes back with a warning.
        $d =
            preg_match('/^\d{4}-\d\d-\d\d$|^\d{1,2}\.? [a-z]{3,9} \d{4}$|^[a-z]{3,9} \d{1,2},? \d{4}$/i', $typed) === 1
                ? date_parse(str_replace('. ', ' ', $typed))
                : null;
        $day =
            $d === null || $d['error_count'] + $d['warning_count'] > 0
                ? ''
                : sprintf('%04d-%02d-%02d', (int) $d['year'], (int) $d['month'], (int) $d['day']);

        return Facts::isDay($day)
            ? $day
            : throw new NotUnderstood(
                "Needed by, what: '{$typed}' is no date. Type it like 2026-06-01 or 1 June 2026.",
            );
    }
}
