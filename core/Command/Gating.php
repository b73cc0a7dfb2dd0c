<?php

declare(strict_types=1);

namespace BenchGlow\Command;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Document;
use BenchGlow\Format\BadBuild;
use BenchGlow\Prove\Chain;
use BenchGlow\Prove\Expectation;
use BenchGlow\Prove\Gate;
use BenchGlow\Prove\Gates;
use BenchGlow\Prove\Link;
use BenchGlow\Prove\Proving;
use BenchGlow\Prove\Works;
use BenchGlow\Quantity\Csv;

/** `glow gates`: everything that is to be proven, with what it should show. */
final class Gating
{
    private const MOST_V = 60.0;

    /** @var array<string, Proving> circuit => */
    private array $provings = [];

    /** @var list<Gate> */
    private array $gates = [];

    private readonly Chain $chain;

    public function __construct(Document $document, ?string $circuit = null, private readonly ?float $supplyV = null)
    {
        if ($supplyV !== null && ($supplyV <= 0.0 || $supplyV > self::MOST_V)) {
            throw BadBuild::at('', '--supply-v takes the volts of the bank, over 0 to 60.');
        }
        $analysis = Analysis::of($document);
        $all = array_map(strval(...), array_keys($analysis->build->circuits));
        if ($circuit !== null && ! in_array($circuit, $all, true)) {
            throw BadBuild::at('', "there is no circuit `{$circuit}`.".BadBuild::nearMiss($circuit, $all));
        }
        $known = [];
        foreach ($circuit === null ? $all : [$circuit] as $one) {
            if ($analysis->build->lightsOf($one) === []) {
                continue;
            }
            $proving = $this->provings[$one] = new Proving(new Works($analysis, $one), $supplyV);
            foreach (Gates::of($proving) as $gate) {
                // What several circuits hang on is proven once.
                isset($known[$gate->key]) ? null : ($this->gates[] = $gate);
                $known[$gate->key] = true;
            }
        }
        $this->chain = new Chain($this->gates, $document);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $states = $faults = [];
        foreach ($this->provings as $circuit => $proving) {
            $states[$circuit] = array_map(fn (int $n): object => (object) $proving->with($n), $proving->matter->states);
            foreach ($proving->table->faults as $key => $fault) {
                $faults[] = [
                    'key' => $key,
                    'kind' => $fault->kind,
                    'places' => $fault->places,
                    'seen' => in_array((string) $key, $proving->matter->seen, true),
                ];
            }
        }

        return [
            'gates' => array_map($this->gate(...), $this->chain->links),
            'states_that_matter' => (object) $states,
            'faults' => $faults,
        ];
    }

    /** @return array<string, mixed> */
    private function gate(Link $link): array
    {
        return [
            ...$link->gate->toArray($this->volts()),
            'result' => $link->outcome?->result,
            'stale' => $link->stands === Link::STALE,
        ];
    }

    /** Whether one of them is not as it should be. */
    public function fails(): bool
    {
        return $this->chain->counts()[Link::FAILS] > 0;
    }

    private function volts(): float
    {
        return $this->supplyV ?? ((reset($this->provings) ?: null)?->expected->supplyV ?? 0.0);
    }

    public function csv(): string
    {
        $rows = [];
        foreach ($this->chain->links as $link) {
            $gate = $link->gate;
            foreach ($gate->expected as $e) {
                $rows[] = [
                    $gate->key,
                    $gate->kind,
                    $gate->circuit,
                    $gate->power,
                    $gate->act,
                    $e->what,
                    $e->pin ?? $e->emitter,
                    $e->black,
                    self::shown($e),
                    $e->low,
                    $e->high,
                    $link->reading($e)?->value,
                    $link->stands,
                    $link->outcome?->on,
                ];
            }
        }
        $head = ['gate', 'kind', 'circuit', 'power', 'act', 'what', 'red', 'black', 'expected', 'low', 'high'];
        $head = [...$head, 'measured', 'stands', 'on'];

        return Csv::text([$head, ...$rows]);
    }

    private static function shown(Expectation $e): float|string|null
    {
        return $e->value ?? $e->word;
    }
}
