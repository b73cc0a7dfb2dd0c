<?php

declare(strict_types=1);

namespace App\Store;

use App\Frame\Frame;
use ArrayObject;
use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Document;
use BenchGlow\Probe\Probing;
use BenchGlow\Prove\FaultRows;
use BenchGlow\Prove\FaultTable;
use BenchGlow\Prove\Gate;
use BenchGlow\Prove\Gates;
use BenchGlow\Prove\Proving;
use BenchGlow\Prove\StatesThatMatter;
use BenchGlow\Prove\Works;

/**
 * What is to be proven of a circuit, and what can be wrong with it: simulated in slices and kept by what is wired, so that a
 * reading, a mark or a name makes nothing anew.
 */
final class Proofs
{
    /** A slice: long enough to be worth its request, short enough to be stopped. */
    private const SLICE_S = 0.3;

    public readonly Works $works;

    public readonly FaultTable $table;

    private readonly ?float $bankV;

    private ?StatesThatMatter $matter = null;

    /** @var list<Gate>|null */
    private ?array $gates = null;

    public static function of(Analysis $analysis, string $circuit): self
    {
        return new self($analysis, $circuit);
    }

    /** The same, simulated to its end. */
    public static function whole(Analysis $analysis, string $circuit): self
    {
        $proof = self::of($analysis, $circuit);
        while (! $proof->goOn()) {
            continue;
        }

        return $proof;
    }

    private function __construct(private readonly Analysis $analysis, private readonly string $circuit)
    {
        $this->works = new Works($analysis, $circuit);
        $this->bankV = self::bankV($analysis->build->document);
        $this->table = new FaultTable($this->works, Keeper::kept($this->key('faults'), FaultRows::class));
    }

    /** Null where the circuit has no light: there is nothing that could be dark. */
    public static function at(Frame $frame): ?self
    {
        $circuit = $frame->circuit->id ?? null;

        return $circuit === null || $frame->analysis->build->lightsOf($circuit) === []
            ? null
            : new self($frame->analysis, $circuit);
    }

    /**
     * The gates of a circuit where they were made already; null otherwise. Nothing is solved for this.
     *
     * @return list<Gate>|null
     */
    public static function known(Document $document, string $circuit): ?array
    {
        $volts = (string) self::bankV($document);
        $kept = Keeper::kept(['gates', $document->wiringHash(), $circuit, $volts], ArrayObject::class);
        $gates = array_filter($kept?->getArrayCopy() ?? [], fn (mixed $g): bool => $g instanceof Gate);

        return $kept === null ? null : array_values($gates);
    }

    /** The bank as it was last measured, to a tenth; null where nobody did. */
    public static function bankV(Document $document): ?float
    {
        $bank = Probing::of($document)->bank();

        return $bank?->value === null ? null : round($bank->value, 1);
    }

    /** @return list<string> */
    private function key(string $what): array
    {
        return [$what, $this->analysis->build->document->wiringHash(), $this->circuit];
    }

    /** Simulates for a slice; whether all is made. */
    public function goOn(): bool
    {
        $begun = microtime(true);
        $made = false;
        while (($key = $this->table->missing()) !== null && microtime(true) - $begun < self::SLICE_S) {
            $this->table->row($key);
            $made = true;
        }
        if ($made) {
            Keeper::put($this->key('faults'), $this->table->made());
        }

        return $this->table->missing() === null;
    }

    /** Faults that are simulated. */
    public function done(): int
    {
        return count($this->table->made()->rows);
    }

    public function matter(): StatesThatMatter
    {
        return $this->matter ??= StatesThatMatter::of($this->table);
    }

    /** @return list<Gate> */
    public function gates(): array
    {
        return $this->gates ??= self::known($this->analysis->build->document, $this->circuit) ?? $this->made();
    }

    /** @return list<Gate> */
    private function made(): array
    {
        $gates = Gates::of(new Proving($this->works, $this->bankV, $this->table));
        Keeper::put([...$this->key('gates'), (string) $this->bankV], new ArrayObject($gates));

        return $gates;
    }
}
