<?php

declare(strict_types=1);

namespace BenchGlow\Probe\Host;

use BenchGlow\Probe\Hypothesis;
use BenchGlow\Probe\WireFunction;

/** What a wire of a practice host really is, and what is wrong with it. */
final readonly class Truth
{
    /**
     * @param  list<string>  $faults  lossy · dirty · blown · stuck
     * @param  float  $size  0 to 1: how big its load, its drop, its duty
     * @param  float  $turn  0 to 1: which of several kinds
     */
    public function __construct(
        public WireFunction $function,
        public Hypothesis $hypothesis,
        public array $faults,
        public float $size,
        public float $turn,
    ) {
    }

    public function has(string $fault): bool
    {
        return in_array($fault, $this->faults, true);
    }

    /** What it can be found to be: behind a blown fuse a lamp that is not fed, behind a stuck switch always live. */
    public function name(): string
    {
        return match (true) {
            $this->has('blown') && $this->function->feeds => 'unused',
            $this->has('blown') => 'dead',
            $this->has('stuck') && ! $this->function->isElectronics() => 'constant',
            default => $this->function->name,
        };
    }

    /** "a dirty joint, its fuse is blown". */
    public function faultWords(): string
    {
        $words = [
            'lossy' => 'a dirty joint',
            'dirty' => 'a corroded stud',
            'blown' => 'its fuse is blown',
            'stuck' => 'its switch is stuck',
        ];

        return implode(', ', array_map(fn (string $fault): string => $words[$fault] ?? $fault, $this->faults));
    }

    /** A wire to nothing whose volts wander in the meter. */
    public function wanders(): bool
    {
        return $this->function->id === 'unused' && $this->turn < 0.25;
    }
}
