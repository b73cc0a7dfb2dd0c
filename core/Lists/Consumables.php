<?php

declare(strict_types=1);

namespace BenchGlow\Lists;

use BenchGlow\Loom\Stretch;
use BenchGlow\Quantity\Shown;

/** What is used up beside wire and strip: tube by size, fixings, sleeves (layout-harness.md 13). */
final class Consumables
{
    /** One more in ten goes wrong or is wanted elsewhere. */
    private const MORE = 1.1;

    /** @return list<array{string, string}> what, and how much of it */
    public static function of(LoomList $list): array
    {
        $rows = [];
        foreach (self::tubes($list) as $size => $mm) {
            $rows[] = ["heat-shrink {$size}", Shown::plain($mm / 10, 0).' cm'];
        }
        foreach (self::sleeves($list) as $size => $m) {
            $rows[] = ["sleeve {$size}", number_format($m, 2, '.', '').' m'];
        }
        $ties = 0;
        foreach ($list->loom->stretches as $stretch) {
            $ties += self::ties($stretch);
        }
        if ($ties > 0) {
            $rows[] = ['ties or clips', (string) (int) ceil($ties * self::MORE)];
        }

        return $rows;
    }

    /** @return array<string, float> size => mm in all */
    private static function tubes(LoomList $list): array
    {
        $all = [];
        foreach ($list->joints->all as $joint) {
            $tube = $joint->tube();
            if ($tube !== null) {
                $size = self::size($tube['supplied_mm'], $tube['recovered_mm'], $tube['lined']);
                $all[$size] = ($all[$size] ?? 0.0) + $tube['length_mm'];
            }
        }

        return $all;
    }

    private static function size(float $supplied, float $recovered, bool $lined): string
    {
        return Shown::plain($supplied, 1).' to '.Shown::plain($recovered, 1).' mm'.($lined ? ', lined' : '');
    }

    /** @return array<string, float> size => m in all */
    private static function sleeves(LoomList $list): array
    {
        $all = [];
        foreach ($list->loom->stretches as $id => $stretch) {
            $inside = $list->sleeveMm((string) $id);
            if ($stretch->route->sleeve !== 'none' && $stretch->leads !== [] && $inside !== null) {
                $size = Shown::plain($inside, 1).' mm, '.$stretch->route->sleeve;
                $all[$size] = ($all[$size] ?? 0.0) + $stretch->lengthM;
            }
        }

        return $all;
    }

    private static function ties(Stretch $stretch): int
    {
        $every = $stretch->route->spacingM ?? $stretch->zone->everyM;

        return match (true) {
            $stretch->leads === [] || in_array($stretch->route->fixing, ['loom', 'tape', 'none'], true) => 0,
            $every === null => 2,
            default => (int) ceil($stretch->lengthM / $every - 1e-9) + 1,
        };
    }
}
