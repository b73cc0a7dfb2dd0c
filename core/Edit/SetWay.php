<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Names;

/** The way of a lead, stretch by stretch; none: the shortest. */
final readonly class SetWay implements Edit
{
    /** @param  list<string>  $way  stretches from its first end */
    public function __construct(public string $id, public array $way)
    {
    }

    public function says(Names $names): string
    {
        return $names->said($this->id, $this->way === [] ? 'goes the shortest way' : 'its way stated');
    }

    public function apply(Draft $draft): void
    {
        $draft->known($this->id);
        $draft->put([...$draft->index->paths[$this->id], 'route'], $this->way);
    }
}
