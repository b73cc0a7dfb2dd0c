<?php

declare(strict_types=1);

namespace BenchGlow\Ways\Ready;

use BenchGlow\Ways\Plan;
use BenchGlow\Ways\Way;

final class HandSwitchInReturn extends Way
{
    public function name(): string
    {
        return 'Hand switch in the return';
    }

    public function rightWhen(): string
    {
        return 'The switch sits at the host\'s body, or makes contact through its own.';
    }

    public function failure(): string
    {
        return 'Forgotten: it stays lit. The lamp stays at voltage while off; a chafe can light it.';
    }

    public function holes(): int
    {
        return 1;
    }

    public function lay(Plan $p): void
    {
        $input = $p->input($p->setting->build->circuits[$p->setting->circuit]->label.' rocker', 'hand');
        $p->hand('s', 'rocker_plain', $input);
        $p->feed($p->plus(), ['fuse']);
        $p->back('s.in');
        $p->lead('s.out', $p->minus(), [], 'Return');
        $p->want(['input' => $input]);
    }
}
