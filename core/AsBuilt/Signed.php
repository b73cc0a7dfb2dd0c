<?php

declare(strict_types=1);

namespace BenchGlow\AsBuilt;

use BenchGlow\HandOver\BenchKey;

/** A file that says of itself who made it: its signature covers every byte but its own value. */
final class Signed
{
    public const SOUND = 'sound';

    public const CHANGED = 'changed';

    /** Where the signature goes; it stands once in a file. */
    public const PLACE = '<meta name="bench-glow-signature" content="">';

    private const FOUND = '/<meta name="bench-glow-signature" content="([^"]*)">/';

    public static function with(string $html, BenchKey $key): string
    {
        $filled = substr(self::PLACE, 0, -2).$key->public().':'.$key->sign($html).'">';

        return str_replace(self::PLACE, $filled, $html);
    }

    /** @return array{0: string, 1: string}|null sound or changed, and the public key it was signed with; null: not signed */
    public static function read(string $html): ?array
    {
        if (preg_match_all(self::FOUND, $html, $found) !== 1) {
            // Its value may be what was changed: the place is there, and no longer as it was written.
            return str_contains($html, 'bench-glow-signature') ? [self::CHANGED, ''] : null;
        }
        [$public, $signature] = [...explode(':', $found[1][0], 2), ''];
        $bare = str_replace($found[0][0], self::PLACE, $html);

        return [BenchKey::isSigned($bare, $signature, $public) ? self::SOUND : self::CHANGED, $public];
    }
}
