<?php

declare(strict_types=1);

namespace BenchGlow\Ways\Ready;

use BenchGlow\Ways\Plan;
use BenchGlow\Ways\Way;

final class EitherOfTwo extends Way
{
    public function name(): string
    {
        return 'Either of two, kept apart';
    }

    public function rightWhen(): string
    {
        return 'Two host wires may each light it and must not feed each other.';
    }

    public function failure(): string
    {
        return 'A diode fails open: one source less. Shorted: the sources feed each other.';
    }

    public function school(): string
    {
        return 'Some let a relay choose: no volts lost in diodes, a coil more.';
    }

    public function lay(Plan $p): void
    {
        $one = $p->wire('Fore door', 'door');
        $two = $p->wire('Aft door', 'door');
        $p->device('j', 'joint');
        $p->lead($one, 'j', ['fuse', 'diode'], 'First source');
        $p->lead($two, 'j', ['fuse', 'diode'], 'Second source');
        $p->feed('j');
        $p->back($p->minus());
        $p->want(['any' => [$p->liveWhen($one), $p->liveWhen($two)]]);
    }
}
