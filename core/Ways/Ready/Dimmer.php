<?php

declare(strict_types=1);

namespace BenchGlow\Ways\Ready;

use BenchGlow\Ways\Plan;
use BenchGlow\Ways\Section;
use BenchGlow\Ways\Way;

final class Dimmer extends Way
{
    public function section(): string
    {
        return Section::WHOLE;
    }

    public function name(): string
    {
        return 'Dimmer';
    }

    public function rightWhen(): string
    {
        return 'The right brightness is found by eye, or changes with the evening.';
    }

    public function failure(): string
    {
        return 'The dimmer fails open: dark. Shorted: full light. It draws a little at rest.';
    }

    public function holes(): int
    {
        return 1;
    }

    public function lay(Plan $p): void
    {
        $p->onlyOneChannel();
        $p->device('c', 'controller', 'dimmer_low', [], ['set' => ['low' => 0.5]]);
        $p->lead($p->plus(), 'c.in_plus', ['fuse'], 'To the dimmer');
        $p->lead('c.in_minus', $p->minus(), [], 'Return of the dimmer');
        $p->feed('c.out_plus');
        $p->back('c.out_minus');
        $p->want(['all' => []]);
    }
}
