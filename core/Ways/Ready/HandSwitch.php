<?php

declare(strict_types=1);

namespace BenchGlow\Ways\Ready;

use BenchGlow\Ways\Plan;
use BenchGlow\Ways\Way;

class HandSwitch extends Way
{
    public function name(): string
    {
        return 'Hand switch';
    }

    public function rightWhen(): string
    {
        return 'Somebody is always there to think of it.';
    }

    public function failure(): string
    {
        return 'The switch is forgotten: it stays lit until the battery is flat.';
    }

    public function holes(): int
    {
        return 1;
    }

    public function lay(Plan $p): void
    {
        $input = $p->input($p->setting->build->circuits[$p->setting->circuit]->label.' rocker', 'hand');
        $p->hand('s', $this->part(), $input);
        $p->lead($p->plus(), 's.in', ['fuse'], 'To the switch');
        $p->feed('s.out');
        if ($this->isLit()) {
            $p->lead('s.ground', $p->minus(), [], 'Return of the switch lamp');
        }
        $p->back($p->minus());
        $p->want(['input' => $input]);
    }

    protected function part(): string
    {
        return 'rocker_plain';
    }

    protected function isLit(): bool
    {
        return false;
    }
}
