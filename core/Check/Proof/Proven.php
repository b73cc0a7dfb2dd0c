<?php

declare(strict_types=1);

namespace BenchGlow\Check\Proof;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Format\Fields;
use BenchGlow\Prove\Facts;
use BenchGlow\Prove\Gate;
use BenchGlow\Prove\GateWords;
use BenchGlow\Prove\Outcome;
use BenchGlow\Prove\Outcomes;

/** What was proven of a build, as its rules ask for it; nothing is solved for that. */
final class Proven
{
    public readonly Outcomes $outcomes;

    /** @var array<string, Fields> step => its last mark */
    public readonly array $done;

    /** @var array<string, Facts> circuit => */
    private array $facts = [];

    /** The last one asked for: it names its analysis, so that a weak map would let go of none. */
    private static ?self $last = null;

    private function __construct(private readonly Analysis $analysis)
    {
        $this->outcomes = new Outcomes($analysis->build->document);
        $done = [];
        foreach ($analysis->build->document->fields()->object('work')->objects('done') as $row) {
            $done[$row->text('step')] = $row;
        }
        $this->done = $done;
    }

    public static function of(Analysis $analysis): self
    {
        if (self::$last?->analysis !== $analysis) {
            self::$last = new self($analysis);
        }

        return self::$last;
    }

    /** Whether what it was expected by is another today; a gate whose circuit is gone is not asked for any more. */
    public function isStale(Outcome $outcome): bool
    {
        if ($outcome->facts === '') {
            return false;
        }
        [$kind, $rest] = [...explode(':', $outcome->gate, 2), ''];
        $circuit = GateWords::circuit($this->analysis->build, $outcome->gate) ?? '';
        $facts = $this->facts[$circuit] ??= new Facts($this->analysis, $circuit);
        $today = Gate::factsOf($outcome->gate, $facts->of($kind, explode('@', $rest)[0]));

        return $today !== $outcome->facts;
    }

    /** Whether a hunt that ended later found what it was. */
    public function isMended(Outcome $outcome): bool
    {
        $circuit = GateWords::circuit($this->analysis->build, $outcome->gate);
        foreach ($this->outcomes->hunts as $hunt) {
            if ($hunt->circuit === $circuit && $hunt->mendedOn !== null && $hunt->mendedOn >= $outcome->on) {
                return true;
            }
        }

        return false;
    }

    public function isProvenOpen(string $circuit): bool
    {
        if (isset($this->done["open_test:{$circuit}"])) {
            return true;
        }
        foreach ($this->outcomes->last as $key => $outcome) {
            if ($outcome->isRight() && preg_match("/^state:{$circuit}(@|$)/", (string) $key) === 1) {
                return true;
            }
        }

        return false;
    }

    /** What a finding of a gate points at. */
    public function subject(string $key): string
    {
        $id = explode('.', explode('@', explode(':', $key, 2)[1] ?? '')[0])[0];

        return $this->analysis->build->index->has($id) ? $id : 'build';
    }
}
