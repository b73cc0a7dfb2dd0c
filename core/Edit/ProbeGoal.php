<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Names;
use BenchGlow\Format\BadBuild;

/** What is looked for at the host: what the build needs, or every wire. */
final readonly class ProbeGoal implements Edit
{
    public function __construct(public string $goal)
    {
    }

    public function says(Names $names): string
    {
        return $this->goal === 'all' ? 'Every wire is to be named' : 'Looked for is what the build needs';
    }

    public function apply(Draft $draft): void
    {
        if (! in_array($this->goal, ['needed', 'all'], true)) {
            throw BadBuild::at('/goal', 'the goal is needed or all.');
        }
        $draft->put(['probe', 'goal'], $this->goal);
    }
}
