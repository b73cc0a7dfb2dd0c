<?php

declare(strict_types=1);

namespace BenchGlow\Ways\Ready;

use BenchGlow\Ways\Plan;
use BenchGlow\Ways\Way;

final class RelayOnGroundSwitchedLamp extends Way
{
    public function name(): string
    {
        return 'Follows a ground-switched lamp through a relay';
    }

    public function rightWhen(): string
    {
        return 'Courtesy and door wires that are switched to ground.';
    }

    public function failure(): string
    {
        return 'The coil fails: dark. The contact welds: it stays lit.';
    }

    public function lay(Plan $p): void
    {
        $wire = $p->wire('Courtesy', 'courtesy', 'ground');
        $p->relay('k');
        $p->device('j', 'joint');
        $p->lead($p->plus(), 'j', ['fuse'], 'To the relay');
        $p->lead('j', 'k.30');
        $p->lead('j', 'k.86');
        $p->lead('k.85', $wire, [], 'Trigger');
        $p->feed('k.87');
        $p->back($p->minus());
        $p->want($p->liveWhen($wire));
    }
}
