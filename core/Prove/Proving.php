<?php

declare(strict_types=1);

namespace BenchGlow\Prove;

/** A circuit with all that its gates ask: its faults, the states that matter, what is expected in them. */
final class Proving
{
    public readonly FaultTable $table;

    public readonly StatesThatMatter $matter;

    public readonly Expected $expected;

    public readonly Instrument $instrument;

    /** @param  FaultTable|null  $table  where it is made already */
    public function __construct(public readonly Works $works, ?float $supplyV = null, ?FaultTable $table = null)
    {
        $this->table = $table ?? new FaultTable($works);
        $this->matter = StatesThatMatter::of($this->table);
        $this->expected = new Expected($works, $supplyV);
        $this->instrument = new Instrument($works);
    }

    /** The state in which most glows. */
    public function brightest(): int
    {
        $best = [0, -1];
        foreach (array_keys($this->table->states) as $n) {
            $lit = 0;
            foreach ($this->lit($n) as $word) {
                $lit += (int) ($word === 'glows');
            }
            $best = $lit > $best[1] ? [$n, $lit] : $best;
        }

        return $best[0];
    }

    /** The state in which a thing carries most; the brightest where it carries nothing in any. */
    public function fullest(string $thing): int
    {
        $best = [$this->brightest(), 1e-3];
        foreach ($this->table->states as $n => $inputs) {
            $amps = abs($this->expected->scene($inputs)?->lit->amps[$thing] ?? 0.0);
            $best = $amps > 1.01 * $best[1] ? [$n, $amps] : $best;
        }

        return $best[0];
    }

    /** @return array<string, string> emitter => glows · dark, as it should be */
    public function lit(int $state): array
    {
        $all = [];
        foreach ($this->works->emitters() as $emitter) {
            $all[$emitter] = $this->table->isDark($state, $emitter) ? 'dark' : 'glows';
        }

        return $all;
    }

    /** "brake on, lights off": what is thrown, against rest. */
    public function thrown(int $state): string
    {
        $said = $this->works->build->thrown($this->table->states[$state]);

        return $said === [] ? 'all at rest' : implode(', ', $said);
    }

    /** @return array<string, string> */
    public function with(int $state): array
    {
        return $this->table->states[$state] ?? [];
    }
}
