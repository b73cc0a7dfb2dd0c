<?php

declare(strict_types=1);

namespace App\Stations\Prove\Forms;

use App\Stations\Form;
use App\Store\Proofs;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\KeepLog;
use BenchGlow\Format\Fields;
use BenchGlow\Probe\Probing;
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
        $quick = $in->text('quick');
        if (in_array($quick, ['blown', 'whole'], true)) {
            $reading = ['red' => $in->text('red'), 'kind' => 'fuse', 'word' => $quick];
        } else {
            $reading = $this->measured($quick === '' ? $in->text('text') : $quick, $in);
        }

        return new KeepLog(
            new Fields($reading),
            Kept::on($in),
            Kept::with($in),
            Proofs::bankV($this->document),
            $in->text('hunt'),
        );
    }

    /** @return array<string, mixed> */
    private function measured(string $typed, Fields $in): array
    {
        $kind = $in->text('kind', 'volts');
        $bank = Probing::of($this->document)->bankV();
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
