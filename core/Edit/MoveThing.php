<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Names;
use BenchGlow\Format\BadBuild;

/** Says where a thing sits, or the far end of a strip; null: it goes by what it hangs on. */
final readonly class MoveThing implements Edit
{
    private const THINGS = ['supplies', 'host.ways', 'host.wires', 'host.grounds', 'devices', 'lights'];

    public function __construct(public string $id, public ?string $place, public bool $farEnd = false)
    {
    }

    public function says(Names $names): string
    {
        return $names->said(
            $this->id,
            $this->place === null ? 'place left to its wires' : "placed at {$names->name($this->place)}",
        );
    }

    public function apply(Draft $draft): void
    {
        $draft->known($this->id);
        $section = $draft->index->sections[$this->id];
        if (! in_array($section, self::THINGS, true) || ($this->farEnd && $section !== 'lights')) {
            throw BadBuild::at('/id', 'only what wires end on sits at a place.');
        }
        $path = [...$draft->index->paths[$this->id], $this->farEnd ? 'end_place' : 'place'];
        $draft->put($path, $this->place);
    }
}
