<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Parts\Catalogue;

/** A part as an edit names it: whole, by its key on the shelf, or by its id in the build. */
final class PartNamed
{
    /** What stands in a wire without a part. */
    private const BARE = ['fuse' => ['kind' => 'fuse'], 'resistor' => ['kind' => 'resistor', 'ohm' => 220]];

    /** @throws BadBuild */
    public static function read(Draft $draft, string|Fields $part, string $path = '/part'): Fields
    {
        if ($part instanceof Fields) {
            return $part;
        }
        if ($part === '') {
            throw BadBuild::expected($path, 'a part', $part);
        }
        $own = $draft->index->item($part);

        return match (true) {
            isset(self::BARE[$part]) => new Fields(self::BARE[$part]),
            ($draft->index->sections[$part] ?? '') === 'parts' => $own,
            default => Catalogue::part($part) ??
                throw BadBuild::at($path, "there is no part `{$part}`.".BadBuild::nearMiss($part, self::keys())),
        };
    }

    /** @return list<string> */
    private static function keys(): array
    {
        $keys = array_keys(self::BARE);
        foreach (Catalogue::PART_SHELVES as $shelf) {
            foreach (Catalogue::shelf($shelf) as $entry) {
                $keys[] = $entry->object('part')->text('id');
            }
        }

        return $keys;
    }

    /** The part goes too where nothing uses it any more. */
    public static function dropUnused(Draft $draft, string $part): void
    {
        if ($part === '') {
            return;
        }
        $lists = ['lights', 'devices', 'leads'];
        foreach ($lists as $list) {
            foreach ($draft->list([$list]) as $item) {
                $f = new Fields(is_array($item) ? $item : []);
                $uses = [
                    $f->text('part'),
                    $f->text('wire'),
                    ...array_map(fn (Fields $i): string => $i->text('part'), $f->objects('inline')),
                ];
                if (in_array($part, $uses, true)) {
                    return;
                }
            }
        }
        $draft->data['parts'] = array_values(
            array_filter($draft->list(['parts']), fn (mixed $p): bool => ! is_array($p) || ($p['id'] ?? '') !== $part),
        );
    }
}
