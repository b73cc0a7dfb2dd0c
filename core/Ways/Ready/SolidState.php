<?php

declare(strict_types=1);

namespace BenchGlow\Ways\Ready;

use BenchGlow\Ways\Plan;
use BenchGlow\Ways\Way;

final class SolidState extends Way
{
    public function name(): string
    {
        return 'Follows a host lamp without a relay';
    }

    public function rightWhen(): string
    {
        return 'The signal fades or is pulsed, or nothing may click.';
    }

    public function failure(): string
    {
        return 'It fails shorted more often than open: it stays lit.';
    }

    public function lay(Plan $p): void
    {
        $wire = $p->wire('Courtesy', 'courtesy');
        $p->device('s', 'switch', 'solid_state_10');
        $p->lead($p->plus(), 's.in', ['fuse'], 'To the switch');
        $p->feed('s.out');
        $p->lead($wire, 's.ctl', ['fuse'], 'Trigger');
        $p->lead('s.minus', $p->minus(), [], 'Return of the switch');
        $p->back($p->minus());
        $p->want($p->liveWhen($wire));
    }
}
