<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Names;

/** Another place in the same list. */
final readonly class MoveItem implements Edit
{
    /** @param  string|null  $before  what it comes to stand before; null: it goes to the end */
    public function __construct(public string $id, public ?string $before = null)
    {
    }

    public function says(Names $names): string
    {
        return $names->said($this->id, 'moved');
    }

    public function apply(Draft $draft): void
    {
        $id = $this->id;
        $draft->known($id);
        $path = $draft->index->paths[$id];
        array_pop($path);
        $list = $draft->list($path);
        $moved = array_values(array_filter($list, fn (mixed $i): bool => is_array($i) && ($i['id'] ?? '') === $id));
        $rest = array_values(array_filter($list, fn (mixed $i): bool => ! is_array($i) || ($i['id'] ?? '') !== $id));
        $place = count($rest);
        foreach ($rest as $i => $item) {
            if (is_array($item) && ($item['id'] ?? '') === $this->before) {
                $place = $i;
            }
        }
        array_splice($rest, $place, 0, $moved);
        $draft->put($path, $rest);
    }
}
