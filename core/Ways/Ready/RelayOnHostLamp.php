<?php

declare(strict_types=1);

namespace BenchGlow\Ways\Ready;

use BenchGlow\Ways\Plan;
use BenchGlow\Ways\Way;

final class RelayOnHostLamp extends Way
{
    public function name(): string
    {
        return 'Follows a host lamp through a relay';
    }

    public function rightWhen(): string
    {
        return 'The host wire has nothing to spare; its lamp is switched on the positive side.';
    }

    public function failure(): string
    {
        return 'The coil fails: dark. The contact welds: it stays lit.';
    }

    public function school(): string
    {
        return 'Some tap the lamp wire itself where it has amps to spare: fewer parts, and the donor carries both.';
    }

    public function lay(Plan $p): void
    {
        $wire = $p->wire('Courtesy', 'courtesy');
        $p->relay('k');
        $p->lead($p->plus(), 'k.30', ['fuse'], 'To the relay');
        $p->feed('k.87');
        $p->lead($wire, 'k.86', ['fuse'], 'Trigger');
        $p->lead('k.85', $p->minus(), [], 'Return of the coil');
        $p->back($p->minus());
        $p->want($p->liveWhen($wire));
    }
}
