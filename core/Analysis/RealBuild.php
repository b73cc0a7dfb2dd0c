<?php

declare(strict_types=1);

namespace BenchGlow\Analysis;

use BenchGlow\Build\Build;
use BenchGlow\Build\Document;
use BenchGlow\Format\Fields;
use BenchGlow\Format\FormatOne;
use BenchGlow\Format\ShapeWriter;
use BenchGlow\Harness\LeadWire;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * A build as it comes out with real parts: resistors and forward volts uniform in their tolerance, wire ±5 %, a strip's own
 * resistors with its watts, ±5 %, the supply anywhere between lowest and highest unless its volts were read. The same seed gives
 * the same build.
 */
final class RealBuild
{
    private const PART = 0.05;

    private const STRING_VF_V = 0.1;

    public readonly Build $build;

    /** @var array<string, LeadWire> */
    public readonly array $wiring;

    /**
     * @param  array<string, LeadFigures>  $leads
     * @param  float|null  $supplyV  volts of all supplies as read; null: anywhere in their range
     */
    private function __construct(
        Document $document,
        array $leads,
        private readonly Mt19937 $random,
        private readonly ?float $supplyV,
    ) {
        $data = $document->data;
        $data['supplies'] = array_map($this->supply(...), is_array($data['supplies'] ?? null) ? $data['supplies'] : []);
        $data['parts'] = array_map($this->part(...), is_array($data['parts'] ?? null) ? $data['parts'] : []);
        $data['lights'] = array_map(
            fn (mixed $l): mixed => is_array($l) ? $this->scaled($l, ['ohm', 'last_ohm']) : $l,
            is_array($data['lights'] ?? null) ? $data['lights'] : [],
        );
        $inline = fn (mixed $lead): mixed => is_array($lead) && is_array($lead['inline'] ?? null)
            ? [
                ...$lead,
                'inline' => array_map(
                    fn (mixed $t): mixed => is_array($t) ? $this->scaled($t, ['ohm']) : $t,
                    $lead['inline'],
                ),
            ]
            : $lead;
        $data['leads'] = array_map($inline, is_array($data['leads'] ?? null) ? $data['leads'] : []);
        $this->build = Build::of(Document::fromStored(ShapeWriter::write(FormatOne::shape(), $data)));
        $this->wiring = array_map(
            fn (LeadFigures $l): LeadWire => $l->wire->thickenedTo($l->wire->areaMm2 * $this->spread(self::PART)),
            $leads,
        );
    }

    /** @param  array<string, LeadFigures>  $leads */
    public static function of(Document $document, array $leads, int $seed, ?float $supplyV = null): self
    {
        return new self($document, $leads, new Mt19937($seed), $supplyV);
    }

    /** 0 … 1, from the build's own seed. */
    private function uniform(): float
    {
        return (new Randomizer($this->random))->getInt(0, 0x3FFFFFFF) / 0x3FFFFFFF;
    }

    private function spread(float $share): float
    {
        return 1.0 + $share * (2.0 * $this->uniform() - 1.0);
    }

    /**
     * @param  array<array-key, mixed>  $item
     * @param  list<string>  $fields
     * @return array<array-key, mixed>
     */
    private function scaled(array $item, array $fields): array
    {
        foreach ($fields as $field) {
            if (is_numeric($item[$field] ?? null)) {
                $item[$field] = (float) $item[$field] * $this->spread(self::PART);
            }
        }

        return $item;
    }

    private function supply(mixed $supply): mixed
    {
        $f = new Fields(is_array($supply) ? $supply : []);
        $volts = $f->number('min_v') + $this->uniform() * ($f->number('max_v') - $f->number('min_v'));
        $volts = $this->supplyV ?? $volts;

        return [...$f->data, 'min_v' => $volts, 'nominal_v' => $volts, 'max_v' => $volts];
    }

    private function part(mixed $part): mixed
    {
        $f = new Fields(is_array($part) ? $part : []);
        $data = $f->data;
        if ($f->isA('led')) {
            $data['vf_v'] =
                $f->number('vf_v') + $f->number('vf_tolerance_v', self::STRING_VF_V) * ($this->spread(1.0) - 1.0);
        }
        if ($f->isA('strip')) {
            $data = $this->scaled($data, ['watts_per_m']);
        }
        if (is_array($data['inside'] ?? null)) {
            $data['inside'] = array_map($this->branch(...), $data['inside']);
        }

        return $data;
    }

    private function branch(mixed $inside): mixed
    {
        $branch = $this->scaled(is_array($inside) ? $inside : [], ['ohm']);

        return ($branch['kind'] ?? '') === 'string' && is_numeric($branch['vf_v'] ?? null)
            ? [...$branch, 'vf_v' => (float) $branch['vf_v'] + self::STRING_VF_V * ($this->spread(1.0) - 1.0)]
            : $branch;
    }
}
