<?php

declare(strict_types=1);

namespace App\Stations\Probe\Forms;

use App\Stations\Form;
use App\Support\WallClock;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\KeepReading;
use BenchGlow\Format\Fields;
use BenchGlow\Probe\TypedReading;
use BenchGlow\Quantity\NotUnderstood;
use BenchGlow\Quantity\Shown;

/** Volts of the bank itself, red on its plus and black on the ground the readings go by. */
final readonly class BankForm extends Form
{
    /** What the ground of the black tip may lose against the minus post, V. */
    private const LOST_V = 0.3;

    public static function op(): string
    {
        return 'bank';
    }

    public function edit(Fields $in): Edit
    {
        $supply = $this->document->fields()->objects('supplies')[0] ?? null;
        if ($supply === null) {
            throw new NotUnderstood('The bank: nothing feeds this build yet. The brief says what does.');
        }
        try {
            $read = TypedReading::read($in->text('text'), 'meter', true, $supply->number('nominal_v'));
        } catch (NotUnderstood $e) {
            throw new NotUnderstood("The bank: {$e->getMessage()}");
        }
        if ($read->kind !== 'volts' || $read->value === null) {
            throw new NotUnderstood('The bank: expected its volts, as 12.6.');
        }
        $post = trim($in->text('post'));
        if ($post !== '') {
            $this->reference($read->value, $post);
        }

        return new KeepReading(
            pin: "{$supply->text('id')}.plus",
            value: $read->value,
            with: new Fields([]),
            on: WallClock::now()->format('Y-m-d\TH:i:s.vP'),
        );
    }

    /** The ground the black tip stays on has to be as good as the minus post itself. */
    private function reference(float $volts, string $typed): void
    {
        try {
            $post = TypedReading::read($typed, 'meter', true, $volts)->value ?? $volts;
        } catch (NotUnderstood $e) {
            throw new NotUnderstood("To the minus post: {$e->getMessage()}");
        }
        $lost = abs($post - $volts);
        if ($lost > self::LOST_V) {
            throw new NotUnderstood(
                'The bank: the black tip\'s ground loses '.Shown::plain($lost, 1).' V. Move it to the minus post.',
            );
        }
    }
}
