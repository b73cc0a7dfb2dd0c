<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Names;
use BenchGlow\Format\BadBuild;

/** A reading that counts no more, or counts again; it is never deleted. */
final readonly class SetReadingAside implements Edit
{
    public function __construct(public string $id, public bool $aside = true)
    {
    }

    public function says(Names $names): string
    {
        return $this->aside ? 'A reading set aside' : 'A reading counts again';
    }

    public function apply(Draft $draft): void
    {
        if (($draft->index->sections[$this->id] ?? '') !== 'probe.readings') {
            throw BadBuild::at('/id', 'that reading is not there any more.');
        }
        $draft->put([...$draft->index->paths[$this->id], 'set_aside'], $this->aside);
    }
}
