<?php

declare(strict_types=1);

namespace App\Stations\Prove\Forms;

use App\Stations\Form;
use App\Store\Proofs;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\KeepLog;
use BenchGlow\Format\Fields;
use BenchGlow\Probe\TypedReading;
use BenchGlow\Quantity\NotUnderstood;

/** What the tips show in a hunt, typed or one key; of a fuse, whether its wire is whole. */
final readonly class ReadForm extends Form
{
    public static function op(): string
    {
        return 'hunt_reading';
    }

    public function edit(Fields $in): Edit
    {
        $bank = Proofs::bankV($this->document);
        $quick = $in->text('quick');
        if (in_array($quick, ['blown', 'whole'], true)) {
            $reading = ['red' => $in->text('red'), 'kind' => 'fuse', 'word' => $quick];
        } else {
            $reading = $this->measured($quick === '' ? $in->text('text') : $quick, $in, $bank ?? $this->nominalV());
        }

        return new KeepLog(new Fields($reading), Kept::on($in), Kept::with($in), $bank, $in->text('hunt'));
    }

    private function nominalV(): float
    {
        return ($this->document->fields()->objects('supplies')[0] ?? new Fields([]))->number('nominal_v', 12.0);
    }

    /** @return array<string, mixed> */
    private function measured(string $typed, Fields $in, float $bank): array
    {
        $kind = $in->text('kind', 'volts');
        try {
            $read = TypedReading::read($typed, $kind === 'amps' ? 'clamp' : 'meter', $kind !== 'ohms', $bank);
        } catch (NotUnderstood $e) {
            throw new NotUnderstood("The reading: {$e->getMessage()}");
        }
        if ($read->kind !== $kind && ! ($kind === 'volts' && $read->kind === 'millivolts')) {
            throw new NotUnderstood("The reading: expected {$kind} here, found {$read->kind}.");
        }
        $value = $read->kind === 'millivolts' ? (float) $read->value / 1000.0 : $read->value;

        return array_filter(
            [
                'red' => $in->text('red'),
                'black' => $in->text('black'),
                'kind' => $kind,
                'value' => $value,
                'word' => $read->word,
            ],
            fn (mixed $v): bool => $v !== null && $v !== '',
        );
    }
}
