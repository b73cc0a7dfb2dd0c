<?php

declare(strict_types=1);

namespace BenchGlow\Ways\Ready;

use BenchGlow\Ways\Plan;
use BenchGlow\Ways\Way;

final class SpareWay extends Way
{
    public function name(): string
    {
        return 'From a spare way of the panel';
    }

    public function rightWhen(): string
    {
        return 'The panel has a way nobody uses.';
    }

    public function failure(): string
    {
        return 'The way\'s fuse opens: dark.';
    }

    public function lay(Plan $p): void
    {
        $way = $p->way('Spare way', ['spare_way', 'panel_channel']);
        $p->feed("{$way}.line", ['fuse']);
        $p->back($p->minus());
        $p->want($p->liveWhen($way));
    }
}
