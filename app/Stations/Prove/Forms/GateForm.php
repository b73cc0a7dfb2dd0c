<?php

declare(strict_types=1);

namespace App\Stations\Prove\Forms;

use App\Stations\Form;
use App\Store\Proofs;
use BenchGlow\Edit\Batch;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\KeepGate;
use BenchGlow\Edit\Mark;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Probe\Probing;
use BenchGlow\Probe\TypedReading;
use BenchGlow\Prove\Expectation;
use BenchGlow\Quantity\NotUnderstood;

/** What came of a gate: the figures that were typed, and whether it is as it should be; without a word the figures say so. */
final readonly class GateForm extends Form
{
    public static function op(): string
    {
        return 'prove';
    }

    public function edit(Fields $in): Edit
    {
        $expected = json_decode($in->text('expects', '[]'), true);
        $typed = $in->texts('value');
        $readings = [];
        $right = true;
        foreach (is_array($expected) ? array_values($expected) : [] as $n => $row) {
            $text = trim($typed[$n] ?? '');
            if ($text === '' || ! is_array($row)) {
                continue;
            }
            $one = self::expectation(new Fields($row));
            [$value, $word] = $this->read($text, $one, $in->text('power'));
            $right = $right && $one->judgeRead($value, (string) $word) !== 'not as it should be';
            $readings[] = array_filter(
                [
                    'red' => $one->pin,
                    'black' => $one->black,
                    'kind' => $one->what === 'contact' ? 'ohms' : $one->what,
                    'value' => $value,
                    'word' => $word,
                ],
                fn (mixed $v): bool => $v !== null,
            );
        }
        $said = $in->text('says');
        if ($said === '' && $readings === []) {
            throw new NotUnderstood(
                'Measured: type what the meter shows, as 11.9, or press “As it should be” or “Not as it should be”.',
            );
        }
        $gate = $in->text('tried');
        if ($gate === '') {
            throw BadBuild::at('/gate', 'which gate was tried? The page is older than the build; load it again.');
        }
        $right = $said === '' ? $right : $said === 'right';
        $keep = new KeepGate(
            $gate,
            $right ? 'as_it_should' : 'not_as_it_should',
            Kept::on($in),
            $in->text('facts'),
            new Fields($readings),
            Kept::with($in),
            $readings === [] ? null : Proofs::bankV($this->document),
            words: $in->text('words', 'A gate'),
        );
        $step = $in->text('completes');

        return $step === '' || ! $right
            ? $keep
            : new Batch([$keep, new Mark([$step], $keep->on, $in->text('words'))], "{$keep->words}: as it should be");
    }

    private static function expectation(Fields $row): Expectation
    {
        return new Expectation(
            $row->text('what'),
            $row->textOrNull('pin'),
            $row->textOrNull('black'),
            $row->numberOrNull('value'),
            $row->numberOrNull('low'),
            $row->numberOrNull('high'),
            $row->textOrNull('word'),
        );
    }

    /** @return array{float|null, string|null} */
    private function read(string $text, Expectation $one, string $power): array
    {
        $ohms = in_array($one->what, ['ohms', 'contact'], true);
        $instrument = $one->what === 'amps' ? 'clamp' : 'meter';
        $text = $one->what === 'seconds' && is_numeric(str_replace(',', '.', $text)) ? "{$text} s" : $text;
        try {
            $read = TypedReading::read($text, $instrument, ! $ohms, Probing::of($this->document)->bankV());
        } catch (NotUnderstood $e) {
            throw new NotUnderstood("Measured: {$e->getMessage()}");
        }
        if ($read->kind === 'ohms' && $power === 'live') {
            throw new NotUnderstood('Measured: ohms are read with the power off, and here all is on. Type volts.');
        }
        $wanted = $ohms ? 'ohms' : $one->what;
        if ($read->word === null && $read->kind !== $wanted && ! ($wanted === 'volts' && $read->kind === 'millivolts')) {
            throw new NotUnderstood("Measured: expected {$wanted} here, found {$read->kind}.");
        }

        return [$read->kind === 'millivolts' ? (float) $read->value / 1000.0 : $read->value, $read->word];
    }
}
