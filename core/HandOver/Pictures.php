<?php

declare(strict_types=1);

namespace BenchGlow\HandOver;

use BenchGlow\Build\Document;

/** Pictures that were taken of a thing, by the log. */
final class Pictures
{
    /** @return list<string> sha256 of each, the newest first */
    public static function of(Document $document, string $id): array
    {
        $all = [];
        foreach ($document->fields()->objects('log') as $entry) {
            $about = array_map(fn (string $pin): string => explode('.', $pin)[0], $entry->texts('about'));
            if (in_array($id, $about, true) && preg_match('/^[0-9a-f]{64}$/', $entry->text('photo')) === 1) {
                $all[] = $entry->text('photo');
            }
        }

        return array_reverse($all);
    }
}
