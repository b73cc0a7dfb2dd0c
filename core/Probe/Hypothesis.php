<?php

declare(strict_types=1);

namespace BenchGlow\Probe;

/** One way a function may be built: when it is live, what it is joined to then and else. It predicts every reading. */
final readonly class Hypothesis
{
    /**
     * @param  float  $share  of the hosts that have the function
     * @param  list<array<array-key, mixed>>  $cases  {"when", "state"}, the first that holds counts
     * @param  string  $else  state where none holds
     * @param  string  $timed  '' · timed · fading: goes dead some time after
     */
    public function __construct(
        public string $function,
        public float $share,
        public array $cases,
        public string $else,
        public string $timed,
    ) {
    }

    /** Joined to something else in some conditions than in others. */
    public function isSwitched(): bool
    {
        return $this->cases !== [] && ($this->cases[0]['when'] ?? null) !== ['all' => []];
    }

    /** What the wire is joined to. */
    public function state(Condition $condition): string
    {
        foreach ($this->cases as $case) {
            $when = $case['when'] ?? [];
            if ($condition->holds(is_array($when) ? $when : [])) {
                return is_string($case['state'] ?? null) ? $case['state'] : $this->else;
            }
        }

        return $this->else;
    }

    /** Some case of it holds. */
    public function isLive(Condition $condition): bool
    {
        foreach ($this->cases as $case) {
            $when = $case['when'] ?? [];
            if ($condition->holds(is_array($when) ? $when : [])) {
                return true;
            }
        }

        return false;
    }
}
