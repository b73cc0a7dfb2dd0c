<?php

declare(strict_types=1);

namespace App\Stations\Probe\Forms;

use App\Stations\Form;
use App\Support\WallClock;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\KeepReading;
use BenchGlow\Format\Fields;
use BenchGlow\Probe\Probing;
use BenchGlow\Probe\TypedReading;
use BenchGlow\Quantity\NotUnderstood;

/** What the instrument showed, typed or pressed as one key, in the condition the page stands in. */
final readonly class KeepReadingForm extends Form
{
    public static function op(): string
    {
        return 'keep_reading';
    }

    public function edit(Fields $in): Edit
    {
        $probing = Probing::of($this->document);
        $instrument = $in->text('instrument', 'meter');
        $powered = $in->text('powered', '1') === '1';
        $typed = $in->text('quick') !== '' ? $in->text('quick') : $in->text('text');
        try {
            $read = TypedReading::read($typed, $instrument, $powered, $probing->bankV());
        } catch (NotUnderstood $e) {
            throw new NotUnderstood("The reading: {$e->getMessage()}");
        }
        if ($read->kind === 'ohms' && $powered) {
            throw new NotUnderstood('The reading: ohms are read with the power off. Throw power to off, then read.');
        }
        if ($read->kind === 'volts' && ! $powered) {
            throw new NotUnderstood('The reading: volts are read with the power on. Throw power to on, then read.');
        }
        $with = json_decode($in->text('with', '{}'), true);
        $after = str_replace(',', '.', trim($in->text('after')));
        if ($after !== '' && (! is_numeric($after) || (float) $after < 0.0)) {
            throw new NotUnderstood("Read some time after: expected seconds, as 90, found '{$after}'.");
        }

        return new KeepReading(
            $in->text('wire'),
            null,
            $in->text('to', 'ground'),
            new Fields(is_array($with) ? $with : []),
            $powered,
            $read->kind,
            $read->value,
            $read->word,
            $instrument,
            $read->kind === 'volts' || $read->kind === 'lamp' ? $probing->bankV() : null,
            $after === '' ? null : (float) $after,
            WallClock::pressed($in->text('pressed_at'), $in->text('sent_at'))->format('Y-m-d\TH:i:s.vP'),
        );
    }
}
