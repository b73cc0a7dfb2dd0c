<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Document;
use BenchGlow\Build\Names;

/** Several edits as one step of the history, each on what the one before left. */
final readonly class Batch implements Commutes, Edit
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

    /** Where each of them goes on top. */
    public function holdsOn(Document $seen, Document $head): bool
    {
        foreach ($this->edits as $edit) {
            if (! ($edit instanceof Commutes) || ! $edit->holdsOn($seen, $head)) {
                return false;
            }
        }

        return true;
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
