<?php

declare(strict_types=1);

namespace BenchGlow\Ways\Ready;

use BenchGlow\Ways\Plan;

final class LidAndMasterInReturn extends LidAndMaster
{
    public function name(): string
    {
        return 'Lid and master in the return';
    }

    public function rightWhen(): string
    {
        return 'It may only glow with the lid up, and never while the master is off.';
    }

    public function failure(): string
    {
        return 'Either switch fails open: dark. The lamp stays at voltage.';
    }

    public function school(): string
    {
        return 'Some switch the plus instead: then nothing stays at voltage, and the plunger needs two leads.';
    }

    protected function join(Plan $p): void
    {
        $p->feed($p->plus(), ['fuse']);
        $p->back('lid.in');
        $p->lead('master.out', $p->minus(), [], 'Return');
    }
}
