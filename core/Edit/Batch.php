<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Names;

/** Several edits as one step of the history, each on what the one before left. */
final readonly class Batch implements Edit
{
    /** @param  list<Edit>  $edits */
    public function __construct(#[EachAnEdit] public array $edits, public string $what = '')
    {
    }

    public function apply(Draft $draft): void
    {
        foreach ($this->edits as $edit) {
            $edit->apply($draft);
            $draft->settle();
        }
    }

    public function says(Names $names): string
    {
        return match (true) {
            $this->what !== '' => $this->what,
            $this->edits === [] => 'Nothing changed',
            default => $this->edits[0]->says($names),
        };
    }
}
