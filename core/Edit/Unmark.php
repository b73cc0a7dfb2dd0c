<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Document;
use BenchGlow\Build\Names;

/** Steps that are not done after all. */
final readonly class Unmark implements Commutes, Edit
{
    /** @param  list<string>  $steps */
    public function __construct(public array $steps, public string $words = '')
    {
    }

    public function says(Names $names): string
    {
        return mb_strimwidth('Not done after all: '.lcfirst($this->words), 0, 120, '…');
    }

    public function holdsOn(Document $seen, Document $head): bool
    {
        return true;
    }

    public function apply(Draft $draft): void
    {
        $draft->put(
            ['work', 'done'],
            array_values(
                array_filter(
                    $draft->list(['work', 'done']),
                    fn (mixed $row): bool => ! is_array($row) || ! in_array($row['step'] ?? '', $this->steps, true),
                ),
            ),
        );
    }
}
