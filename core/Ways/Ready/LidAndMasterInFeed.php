<?php

declare(strict_types=1);

namespace BenchGlow\Ways\Ready;

use BenchGlow\Ways\Plan;

final class LidAndMasterInFeed extends LidAndMaster
{
    public function name(): string
    {
        return 'Lid and master in the feed';
    }

    public function rightWhen(): string
    {
        return 'The same on the plus side: nothing stays at voltage.';
    }

    public function failure(): string
    {
        return 'Either switch fails open: dark.';
    }

    protected function join(Plan $p): void
    {
        $p->lead($p->plus(), 'lid.in', ['fuse'], 'To the switches');
        $p->feed('master.out');
        $p->back($p->minus());
    }
}
