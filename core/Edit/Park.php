<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Document;
use BenchGlow\Build\Names;
use BenchGlow\Format\BadBuild;

/** A step that is not done now; or, taken up again, is. */
final readonly class Park implements Commutes, Edit
{
    /** @param  string|null  $until  moment it is put off to; null: to the end */
    public function __construct(
        public string $step,
        public string $words,
        public ?string $until = null,
        public string $why = '',
        public bool $again = false,
    ) {
    }

    public function says(Names $names): string
    {
        return mb_strimwidth(($this->again ? 'Taken up again: ' : 'Not now: ').lcfirst($this->words), 0, 120, '…');
    }

    public function holdsOn(Document $seen, Document $head): bool
    {
        return true;
    }

    public function apply(Draft $draft): void
    {
        if ($this->step === '') {
            throw BadBuild::at('/step', 'expected the step that waits.');
        }
        $kept = array_values(
            array_filter(
                $draft->list(['work', 'parked']),
                fn (mixed $row): bool => ! is_array($row) || ($row['step'] ?? '') !== $this->step,
            ),
        );
        $row = array_filter(['step' => $this->step, 'until' => $this->until, 'why' => $this->why]);
        $draft->put(['work', 'parked'], $this->again ? $kept : [...$kept, $row]);
    }
}
