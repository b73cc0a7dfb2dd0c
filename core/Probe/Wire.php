<?php

declare(strict_types=1);

namespace BenchGlow\Probe;

use BenchGlow\Format\Fields;

/** A conductor of the host at a place one can touch. */
final readonly class Wire
{
    /**
     * @param  list<string>  $hints
     * @param  list<array{string, string}>  $claims  function it is said to be, and where that stands
     * @param  array{string, string}|null  $named  function, and by whom: readings · builder
     */
    private function __construct(
        public string $id,
        public string $label,
        public string $colour,
        public ?string $tracer,
        public ?float $areaMm2,
        public string $connector,
        public ?int $way,
        public string $spot,
        public array $hints,
        public array $claims,
        public ?array $named,
        public ?string $became,
    ) {
    }

    public static function of(Fields $f, string $spot): self
    {
        $named = $f->object('named');

        return new self(
            $f->text('id'),
            $f->text('label'),
            $f->text('colour'),
            $f->textOrNull('tracer'),
            $f->numberOrNull('area_mm2'),
            $f->text('connector'),
            $f->has('way') ? $f->integer('way') : null,
            $spot,
            $f->texts('hints'),
            array_map(fn (Fields $c): array => [$c->text('says'), $c->text('from')], $f->objects('claims')),
            $f->has('named') ? [$named->text('function'), $named->text('by', 'readings')] : null,
            $f->textOrNull('became'),
        );
    }

    /** The function a hint names by itself; '' where none does. */
    public function hinted(): string
    {
        foreach ($this->hints as $hint) {
            if (Tables::hint($hint) !== '') {
                return Tables::hint($hint);
            }
        }

        return '';
    }

    /** "wire 4", by its place in the connector; by its label or colour where it stands alone. */
    public function words(): string
    {
        return match (true) {
            $this->label !== '' => $this->label,
            $this->way !== null => "wire {$this->way}",
            $this->colour !== '' => 'the '.$this->colours().' wire',
            default => 'a wire without a name',
        };
    }

    /** "green with white" */
    public function colours(): string
    {
        return $this->colour.($this->tracer === null || $this->tracer === '' ? '' : " with {$this->tracer}");
    }
}
