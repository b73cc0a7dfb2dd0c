<?php

declare(strict_types=1);

namespace App\Stations\HandOver\Forms;

use App\Stations\Form;
use App\Stations\HandOver\SinceLeaf;
use App\Support\WallClock;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\Log;
use BenchGlow\Format\Fields;
use BenchGlow\Format\WorkFields;
use BenchGlow\Quantity\NotUnderstood;

/** What happened since it was handed over. */
final readonly class HappenedForm extends Form
{
    public static function op(): string
    {
        return 'happened';
    }

    public function edit(Fields $in): Edit
    {
        $kind = $in->text('sort');
        if (! isset(SinceLeaf::KINDS[$kind])) {
            throw new NotUnderstood('What happened: press one of failed, changed, cared for, in use.');
        }
        $on = trim($in->text('day'));
        $cause = $in->text('cause');
        $about = array_values(array_filter([$in->text('about')]));
        if (in_array($kind, ['failed', 'changed'], true) && $about === []) {
            throw new NotUnderstood('What it was about: choose it from the list; rates are reckoned by it.');
        }

        return new Log(
            $kind,
            $on === '' ? WallClock::now()->format('Y-m-d\TH:iP') : Said::day($on, 'On'),
            mb_substr(trim($in->text('words')), 0, 2000),
            cause: in_array($cause, WorkFields::CAUSES, true) ? $cause : null,
            about: $about,
            useH: self::figure($in->text('hours'), 'Hours in use'),
            useKm: self::figure($in->text('far'), 'Distance'),
            weather: mb_substr(trim($in->text('weather')), 0, 80),
        );
    }

    private static function figure(string $typed, string $field): ?float
    {
        $text = str_replace(',', '.', trim((string) preg_replace('/\s*(h|km)$/', '', trim($typed))));
        if ($text === '') {
            return null;
        }

        return preg_match('/^\d{1,6}(\.\d+)?$/', $text) === 1
            ? (float) $text
            : throw new NotUnderstood("{$field}: expected a number, as 120; found “{$typed}”.");
    }
}
