<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

/** Another place in the same list. */
final class MoveItem
{
    public static function move(Draft $draft, string $id, ?string $before): void
    {
        $draft->known($id);
        $path = $draft->index->paths[$id];
        array_pop($path);
        $list = $draft->list($path);
        $moved = array_values(array_filter($list, fn (mixed $i): bool => is_array($i) && ($i['id'] ?? '') === $id));
        $rest = array_values(array_filter($list, fn (mixed $i): bool => ! is_array($i) || ($i['id'] ?? '') !== $id));
        $place = count($rest);
        foreach ($rest as $i => $item) {
            if (is_array($item) && ($item['id'] ?? '') === $before) {
                $place = $i;
            }
        }
        array_splice($rest, $place, 0, $moved);
        $draft->put($path, $rest);
    }
}
