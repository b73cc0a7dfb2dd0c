<?php

declare(strict_types=1);

namespace BenchGlow\Ways\Ready;

use BenchGlow\Ways\Plan;
use BenchGlow\Ways\Way;

final class HostWire extends Way
{
    public function name(): string
    {
        return 'Straight off a host wire';
    }

    public function rightWhen(): string
    {
        return 'The wire has amps to spare and the light should do what its lamp does.';
    }

    public function failure(): string
    {
        return 'The tap lets go: dark; the host\'s own lamp goes on.';
    }

    public function lay(Plan $p): void
    {
        $wire = $p->wire('Courtesy', 'courtesy');
        $p->feed($wire, ['fuse']);
        $p->back($p->minus());
        $p->want($p->liveWhen($wire));
    }
}
