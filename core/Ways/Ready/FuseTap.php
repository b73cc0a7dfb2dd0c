<?php

declare(strict_types=1);

namespace BenchGlow\Ways\Ready;

use BenchGlow\Ways\Plan;
use BenchGlow\Ways\Way;

final class FuseTap extends Way
{
    public function name(): string
    {
        return 'Fuse tap in a way of the box';
    }

    public function rightWhen(): string
    {
        return 'A comfort way is live when the light should glow, or a switch follows.';
    }

    public function failure(): string
    {
        return 'The added fuse opens: dark; the donor goes on.';
    }

    public function lay(Plan $p): void
    {
        $way = $p->way('Accessory way', ['fuse_way']);
        $p->device('tap', 'fuse_tap', '', [], ['way' => $way, 'fuse_a' => null, 'live_leg' => 'common']);
        $p->feed('tap.out');
        $p->back($p->minus());
        $p->want($p->liveWhen($way));
    }
}
