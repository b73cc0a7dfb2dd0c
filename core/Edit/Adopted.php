<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;

/** Parts that come into a build. */
final class Adopted
{
    /** @return array<array-key, mixed> what makes it the same part: not its id here, nor ports, which an older file does not say */
    private static function body(Fields $part): array
    {
        return array_diff_key($part->data, ['id' => 1, 'ports' => 1]);
    }

    /** Puts a part from the catalogue into the file, or finds it there; gives its id. */
    public static function part(Draft $draft, Fields $part): string
    {
        if ($part->data === []) {
            throw BadBuild::at('/part', 'a light needs a part.');
        }
        foreach ($draft->document->fields()->objects('parts') as $own) {
            if ($own->data === $part->data || ($part->has('catalogue') && self::body($own) == self::body($part))) {
                return $own->text('id');
            }
        }
        $id = $draft->name($part->text('id', 'part'));
        $draft->data['parts'] = [...$draft->list(['parts']), [...$part->data, 'id' => $id]];

        return $id;
    }
}
