<?php

declare(strict_types=1);

namespace BenchGlow\Build;

use BenchGlow\Format\Fields;

/** The document as typed values: what the later stages read. */
final readonly class Build
{
    /**
     * @param  array<string, Supply>  $supplies
     * @param  array<string, Circuit>  $circuits
     * @param  array<string, Light>  $lights
     * @param  array<string, Lead>  $leads
     * @param  array<string, Fields>  $devices
     * @param  array<string, Fields>  $parts
     * @param  array<string, string>  $rest  each input with its rest position
     */
    private function __construct(
        public Document $document,
        public Index $index,
        public Settings $settings,
        public array $supplies,
        public array $circuits,
        public array $lights,
        public array $leads,
        public array $devices,
        public array $parts,
        private array $rest,
    ) {
    }

    public static function of(Document $document): self
    {
        $f = $document->fields();
        $byId = function (string $section) use ($f): array {
            $all = [];
            foreach ($f->objects($section) as $item) {
                $all[$item->text('id')] = $item;
            }

            return $all;
        };
        $parts = $byId('parts');

        return new self(
            $document,
            Index::of($document),
            Settings::of($f->object('settings')),
            array_map(Supply::of(...), $byId('supplies')),
            array_map(Circuit::of(...), $byId('circuits')),
            array_map(
                fn (Fields $l): Light => Light::of($l, $parts[$l->text('part')] ?? new Fields([])),
                $byId('lights'),
            ),
            array_map(Lead::of(...), $byId('leads')),
            $byId('devices'),
            $parts,
            array_map(fn (Fields $i): string => $i->texts('positions')[0] ?? 'off', $byId('inputs')),
        );
    }

    /** @return array<string, string> each input with its rest position, in document order */
    public function restPositions(): array
    {
        return $this->rest;
    }

    /** @return list<string> */
    public function positions(string $input): array
    {
        return $this->index->item($input)->texts('positions') ?: ['off', 'on'];
    }

    /** @return list<Light> */
    public function lightsOf(string $circuit): array
    {
        return array_values(array_filter($this->lights, fn (Light $l): bool => $l->circuit === $circuit));
    }

    /** The supply named first: the one the meter's positions are marked with. */
    public function mainSupply(): ?Supply
    {
        foreach ($this->supplies as $supply) {
            return $supply;
        }

        return null;
    }
}
