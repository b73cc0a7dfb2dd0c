<?php

declare(strict_types=1);

namespace BenchGlow\Check;

/** What became of a finding's edit when it was applied and solved: before it is offered. */
final readonly class Tried
{
    /**
     * @param  bool  $helps  the finding is gone, or less bad, or what it measures is better
     * @param  string|null  $reaches  what is then measured: "82 %, you asked 85 %"; null: nothing but the finding
     * @param  list<string>  $worse  what is worse by it, each a sentence
     */
    public function __construct(public bool $helps, public ?string $reaches, public array $worse)
    {
    }

    /** What is said beside its button; '' where it just mends. */
    public function says(): string
    {
        return implode(' ', [
            ...$this->reaches === null ? [] : ["Reaches {$this->reaches}."],
            ...array_map(fn (string $w): string => "But then: {$w}", $this->worse),
        ]);
    }
}
