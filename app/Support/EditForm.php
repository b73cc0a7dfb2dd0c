<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\Preference;
use BenchGlow\Build\Build;
use BenchGlow\Build\Document;
use BenchGlow\Build\Index;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Parts\Catalogue;
use BenchGlow\Parts\Led;
use BenchGlow\Quantity\Gauge;
use BenchGlow\Quantity\NotUnderstood;
use BenchGlow\Quantity\Typed;
use BenchGlow\Quantity\Unit;
use BenchGlow\Sizing\Envelope;
use BenchGlow\Sizing\NotFitted;
use BenchGlow\Sizing\SeriesResistor;
use BenchGlow\Sizing\StripCalibration;

/** Turns what a form sent into one typed edit. */
final readonly class EditForm
{
    public function __construct(private Preference $preference, private Document $document)
    {
    }

    /**
     * @return array<string, mixed>
     *
     * @throws NotUnderstood|BadBuild|NotFitted
     */
    public function edit(Fields $in): array
    {
        $whole = $in->text('edit');
        if ($whole !== '') {
            $edit = json_decode($whole, true);

            return is_array($edit) ? $edit : throw BadBuild::at('/edit', 'this edit is not JSON.');
        }

        if (in_array($in->text('op'), BriefForm::OPS, true)) {
            return (new BriefForm($this->document))->edit($in);
        }
        if (in_array($in->text('op'), CircuitForm::OPS, true)) {
            return (new CircuitForm($this->document))->edit($in);
        }

        return match ($in->text('op', 'set')) {
            'add_circuit' => [
                'op' => 'add_circuit',
                'label' => trim($in->text('label')),
                'supply' => $in->text('supply'),
                ...$this->light($in),
            ],
            'add_light' => [
                'op' => 'add_light',
                'circuit' => $in->text('circuit'),
                'supply' => $in->text('supply'),
                ...$this->light($in),
            ],
            'use_part' => ['op' => 'use_part', 'id' => $in->text('id'), 'part' => $this->part($in->text('text'))->data],
            'copy_circuit' => ['op' => 'copy_circuit', 'id' => $in->text('id'), 'label' => trim($in->text('label'))],
            'remove', 'feed_both_ends', 'split_run' => ['op' => $in->text('op'), 'id' => $in->text('id')],
            'accept' => [
                'op' => 'accept',
                'rule' => $in->text('rule'),
                'subject' => $in->text('subject'),
                'reason' => $in->text('reason'),
                'on' => now()->format('Y-m-d'),
            ],
            'unaccept' => ['op' => 'unaccept', 'rule' => $in->text('rule'), 'subject' => $in->text('subject')],
            'set_wire' => $this->wire($in->text('id'), $in->text('text')),
            'add_supply' => $this->supply($in),
            'calibrate' => $this->calibrate($in),
            default => $this->set($in->text('id'), $in->text('field'), $in->text('text')),
        };
    }

    /** @return array<string, mixed> */
    private function set(string $id, string $field, string $text): array
    {
        $unit = FieldKinds::unit($field);
        $empty = in_array(mb_strtolower(trim($text)), ['', 'recommended'], true);
        if ($unit === null) {
            if (trim($text) === '' && in_array($field, ['label', 'title'], true)) {
                throw new NotUnderstood(FieldKinds::name($field).': it needs a few letters, as "Galley shelf".');
            }

            return ['op' => 'set', 'id' => $id, 'field' => $field, 'value' => trim($text)];
        }
        $value = $empty && FieldKinds::mayBeEmpty($field) ? null : $this->quantity($unit, $field, $text);

        return [
            'op' => 'set',
            'id' => $id,
            'field' => $field,
            'value' => $unit === Unit::Count && $value !== null ? (int) $value : $value,
        ];
    }

    private function quantity(Unit $unit, string $field, string $text): float
    {
        try {
            // Twelve digits are far below any tape measure and keep 6 ft 4 from being stored with a binary tail.
            return round(Typed::read($unit, $text, $this->preference->units === 'imperial' ? 'in' : 'm'), 9);
        } catch (NotUnderstood $e) {
            throw new NotUnderstood(FieldKinds::name($field).': '.$e->getMessage());
        }
    }

    /** @return array<string, mixed> */
    private function wire(string $lead, string $text): array
    {
        if (in_array(mb_strtolower(trim($text)), ['', 'recommended'], true)) {
            return ['op' => 'set_wire', 'id' => $lead, 'area_mm2' => null];
        }
        $gauge = Gauge::read($text);

        return [
            'op' => 'set_wire',
            'id' => $lead,
            'area_mm2' => round($gauge->areaMm2, 6),
            ...$gauge->awg === null ? [] : ['awg' => $gauge->awg],
        ];
    }

    private function part(string $key): Fields
    {
        foreach ($this->document->fields()->objects('parts') as $own) {
            if ($own->text('id') === $key) {
                return $own;
            }
        }

        return Catalogue::part($key) ??
            throw BadBuild::at('/part', "Part: nothing on the shelf is called '{$key}'. Choose one from the list.");
    }

    /** @return array{light: array<string, mixed>, part: array<array-key, mixed>} */
    private function light(Fields $in): array
    {
        $part = $this->part($in->text('part'));
        $amount = $in->text('amount');
        $light = match ($part->text('kind')) {
            'strip' => ['kind' => 'strip', 'wanted_m' => $this->quantity(Unit::Length, 'wanted_m', $amount)],
            'led' => $this->row($part, (int) $this->quantity(Unit::Count, 'count', $amount), $in->text('supply')),
            default => [
                'kind' => 'module',
                'count' => (int) $this->quantity(Unit::Count, 'count', $amount),
                'spacing_m' => 0.2,
            ],
        };
        $label = trim($in->text('label'));

        return [
            'light' => [...$light, ...$label === '' ? ['label' => $part->text('label')] : ['label' => $label]],
            'part' => $part->data,
        ];
    }

    /**
     * A row of LEDs begins with the string length that comes out best at its supply.
     *
     * @return array<string, mixed>
     */
    private function row(Fields $part, int $count, string $supplyId): array
    {
        $supplies = $this->document->fields()->objects('supplies');
        $supply =
            array_values(array_filter($supplies, fn (Fields $s): bool => $s->text('id') === $supplyId))[0] ??
            ($supplies[0] ?? null);
        if ($count < 1) {
            throw new NotUnderstood('Count: at least one LED is needed.');
        }
        $row = ['kind' => 'leds', 'count' => $count, 'per_string' => 1, 'ohm' => 470];
        if ($supply === null) {
            return $row;
        }
        $led = new Led(
            $part->number('vf_v'),
            $part->number('if_a'),
            $part->number('imax_a'),
            $part->number('vf_tolerance_v', 0.1),
        );
        $options = (new SeriesResistor(
            new Envelope($supply->number('min_v'), $supply->number('nominal_v'), $supply->number('max_v')),
            $led,
            $count,
            $led->ifA,
        ))->options();
        $best = SeriesResistor::best($options);

        return $best === null
            ? $row
            : [
                ...$row,
                'per_string' => $options[$best]->ledsPerString,
                'ohm' => $options[$best]->resistorOhm,
                ...$options[$best]->lastStringLeds === $options[$best]->ledsPerString
                    ? []
                    : ['last_ohm' => $options[$best]->lastResistorOhm],
            ];
    }

    /** @return array<string, mixed> */
    private function supply(Fields $in): array
    {
        $supply =
            Catalogue::supply($in->text('supply')) ??
            throw BadBuild::at('/supply', 'Supply: choose one from the list.');
        $base = Index::slug($supply->text('label'));
        $index = Index::of($this->document);
        for ($id = $base, $n = 2; $index->has($id); $n++) {
            $id = "{$base}_{$n}";
        }

        return ['op' => 'add', 'section' => 'supplies', 'value' => ['id' => $id, ...$supply->data]];
    }

    /** @return array<string, mixed> */
    private function calibrate(Fields $in): array
    {
        $light =
            Build::of($this->document)->lights[$in->text('id')] ?? throw BadBuild::at('/id', 'That strip is gone.');
        $read = fn (Unit $unit, string $name, string $field): float => $this->named(
            $name,
            fn (): float => Typed::read($unit, $in->text($field), $this->preference->units === 'imperial' ? 'in' : 'm'),
        );
        $fit = StripCalibration::fit(
            $light->strip(),
            $read(Unit::Length, 'Length of the piece', 'piece'),
            $read(Unit::Volts, 'Volts at the fed end', 'fed'),
            $read(Unit::Volts, 'Volts at the far end', 'far'),
            $read(Unit::Amps, 'Amps', 'amps'),
        );
        $part = $light->part->text('id');
        $set = fn (string $field, mixed $value): array => [
            'op' => 'set',
            'id' => $part,
            'field' => $field,
            'value' => $value,
        ];

        return [
            'op' => 'batch',
            'what' => $light->part->text('label', $part).': rails measured',
            'edits' => [
                $set('rail_ohm_per_m', round($fit->railOhmPerM, 6)),
                $set('common_ohm_per_m', round($fit->commonOhmPerM, 6)),
                $set('watts_per_m', round($fit->wattsPerM, 4)),
                $set('rail_from', 'measured'),
            ],
        ];
    }

    /** @param  callable(): float  $read */
    private function named(string $name, callable $read): float
    {
        try {
            return $read();
        } catch (NotUnderstood $e) {
            throw new NotUnderstood("{$name}: {$e->getMessage()}");
        }
    }
}
