<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Names;

/** A strip fed at both ends: the commonest mend of a dim far end, with a name of its own in files and links. */
final readonly class FeedBothEnds implements Edit
{
    public function __construct(public string $id)
    {
    }

    public function apply(Draft $draft): void
    {
        FeedStrip::feed($draft, $this->id, 'both');
    }

    public function says(Names $names): string
    {
        return $names->said($this->id, 'fed at both ends');
    }
}
