<?php

declare(strict_types=1);

namespace App\Stations\Forms;

use App\Models\Preference;
use App\Stations\Typing;
use BenchGlow\Build\Document;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Parts\Catalogue;
use BenchGlow\Parts\Led;
use BenchGlow\Quantity\NotUnderstood;
use BenchGlow\Quantity\Unit;
use BenchGlow\Sizing\Envelope;
use BenchGlow\Sizing\SeriesResistor;

/** A part chosen by its key, and a light of so much of it. */
final readonly class Chosen
{
    private function __construct(public Fields $light, public Fields $part)
    {
    }

    /** @throws BadBuild where neither the build nor the shelf has it */
    public static function part(Document $document, string $key): Fields
    {
        foreach ($document->fields()->objects('parts') as $own) {
            if ($own->text('id') === $key) {
                return $own;
            }
        }

        return Catalogue::part($key) ??
            throw BadBuild::at('/part', "Part: nothing on the shelf is called '{$key}'. Choose one from the list.");
    }

    /** @throws BadBuild|NotUnderstood */
    public static function light(Fields $in, Document $document, Preference $preference): self
    {
        $part = self::part($document, $in->text('part'));
        $read = fn (Unit $unit, string $name): float => Typing::quantity($unit, $in->text('amount'), $name, $preference);
        $light = match ($part->text('kind')) {
            'strip' => ['kind' => 'strip', 'wanted_m' => $read(Unit::Length, 'Length')],
            'led' => self::row($part, (int) $read(Unit::Count, 'Count'), $document, $in->text('supply')),
            default => ['kind' => 'module', 'count' => (int) $read(Unit::Count, 'Count'), 'spacing_m' => 0.2],
        };
        $label = trim($in->text('label'));

        return new self(new Fields([...$light, 'label' => $label === '' ? $part->text('label') : $label]), $part);
    }

    /**
     * A row of LEDs begins with the string length that comes out best at its supply.
     *
     * @return array<string, mixed>
     */
    private static function row(Fields $part, int $count, Document $document, string $supplyId): array
    {
        if ($count < 1) {
            throw new NotUnderstood('Count: at least one LED is needed.');
        }
        $row = ['kind' => 'leds', 'count' => $count, 'per_string' => 1, 'ohm' => 470];
        $supplies = $document->fields()->objects('supplies');
        $named = array_filter($supplies, fn (Fields $s): bool => $s->text('id') === $supplyId);
        $supply = reset($named) ?: $supplies[0] ?? null;
        if ($supply === null) {
            return $row;
        }
        $led = new Led(
            $part->number('vf_v'),
            $part->number('if_a'),
            $part->number('imax_a'),
            $part->number('vf_tolerance_v', 0.1),
        );
        $volts = new Envelope($supply->number('min_v'), $supply->number('nominal_v'), $supply->number('max_v'));
        $options = (new SeriesResistor($volts, $led, $count, $led->ifA))->options();
        $best = SeriesResistor::best($options);
        if ($best === null) {
            return $row;
        }
        $option = $options[$best];
        $last = $option->lastStringLeds === $option->ledsPerString ? [] : ['last_ohm' => $option->lastResistorOhm];

        return [...$row, 'per_string' => $option->ledsPerString, 'ohm' => $option->resistorOhm, ...$last];
    }
}
