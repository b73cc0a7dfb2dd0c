<?php

declare(strict_types=1);

namespace BenchGlow\Ways\Ready;

use BenchGlow\Ways\Plan;
use BenchGlow\Ways\Way;

final class TurnRepeater extends Way
{
    public function name(): string
    {
        return 'Repeats the turn signal';
    }

    public function rightWhen(): string
    {
        return 'A side that is not seen from where the host\'s turn lamp sits.';
    }

    public function failure(): string
    {
        return 'The tap lets go: dark; the host\'s lamp flashes on. A load-driven flasher may change its pace.';
    }

    public function lay(Plan $p): void
    {
        $wire = $p->wire('Turn left', 'turn', 'positive', ['kind' => 'flashing', 'hz' => 1.5, 'duty' => 0.5]);
        $p->feed($wire, ['fuse']);
        $p->back($p->minus());
        $p->want($p->liveWhen($wire), 'on', true);
    }
}
