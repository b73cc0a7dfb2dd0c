<?php

declare(strict_types=1);

namespace BenchGlow\Ways\Ready;

use BenchGlow\Ways\Plan;
use BenchGlow\Ways\Way;

final class OnUnless extends Way
{
    public function name(): string
    {
        return 'On unless';
    }

    public function rightWhen(): string
    {
        return 'It should glow whenever a signal is absent: an anchor light, an ignition.';
    }

    public function failure(): string
    {
        return 'The coil fails: it glows when it should not.';
    }

    public function school(): string
    {
        return 'Some take a second contact of the host\'s switch: one part less, if it has one.';
    }

    public function lay(Plan $p): void
    {
        $wire = $p->wire('Ignition', 'key');
        $p->relay('k', true);
        $p->lead($p->plus(), 'k.30', ['fuse'], 'To the relay');
        $p->feed('k.87a');
        $p->lead($wire, 'k.86', ['fuse'], 'Trigger');
        $p->lead('k.85', $p->minus(), [], 'Return of the coil');
        $p->back($p->minus());
        $p->want(['not' => $p->liveWhen($wire)]);
    }
}
