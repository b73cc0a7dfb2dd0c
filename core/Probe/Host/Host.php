<?php

declare(strict_types=1);

namespace BenchGlow\Probe\Host;

use BenchGlow\Build\Document;

/** A host to practise on: the document a builder has of it, and the truth nobody tells. */
final readonly class Host
{
    /** @param  list<Truth>  $truths  in the order of the wires p1, p2 … */
    public function __construct(
        public Document $document,
        public array $truths,
        public int $seed,
        public string $difficulty,
        public float $bankV,
    ) {
    }

    public function truth(string $wire): ?Truth
    {
        return $this->truths[(int) substr($wire, 1) - 1] ?? null;
    }

    /** @return list<array{id: string, function: string, name: string}> */
    public function revealed(): array
    {
        return array_map(
            fn (Truth $t, int $n): array => [
                'id' => 'p'.($n + 1),
                'function' => $t->function->id,
                'name' => $t->function->name,
            ],
            $this->truths,
            array_keys($this->truths),
        );
    }
}
