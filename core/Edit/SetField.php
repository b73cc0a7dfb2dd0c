<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;

/** One field of one thing. */
final class SetField
{
    /** Names by which `set` reaches what has no id of its own. */
    private const TOP = ['title', 'place', 'never'];

    public static function set(Draft $draft, Fields $f): void
    {
        $id = $f->text('id');
        $field = $f->text('field');
        if ($id === 'build' || $id === '') {
            $path = explode('.', $field);
            if (! in_array($path[0], [...self::TOP, 'brief', 'settings'], true)) {
                throw BadBuild::at('/field', "`{$field}` can't be set on the build.");
            }
        } else {
            $draft->known($id);
            if ($field === 'id') {
                throw BadBuild::at('/field', 'an id stays; change the label instead.');
            }
            $path = [...$draft->index->paths[$id], ...explode('.', $field)];
        }
        $draft->put($path, $f->data['value'] ?? null);
    }
}
