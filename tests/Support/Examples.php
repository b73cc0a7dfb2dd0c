<?php

declare(strict_types=1);

namespace Tests\Support;

use BenchGlow\Build\Document;

/** The builds that ship with the program. */
final class Examples
{
    /** @return list<string> */
    public static function names(): array
    {
        return array_map(
            fn (string $f): string => basename($f, '.glow.json'),
            glob(__DIR__.'/../../examples/*.glow.json') ?: [],
        );
    }

    public static function document(string $name): Document
    {
        return Document::fromJson((string) file_get_contents(__DIR__."/../../examples/{$name}.glow.json"));
    }
}
