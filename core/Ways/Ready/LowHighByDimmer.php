<?php

declare(strict_types=1);

namespace BenchGlow\Ways\Ready;

use BenchGlow\Ways\Plan;

final class LowHighByDimmer extends TwoLevels
{
    public function name(): string
    {
        return 'Low and high by a dimmer';
    }

    public function rightWhen(): string
    {
        return 'One run whose low level should be set by eye.';
    }

    public function failure(): string
    {
        return 'The dimmer fails: high still works.';
    }

    public function holes(): int
    {
        return 2;
    }

    public function lay(Plan $p): void
    {
        $p->onlyOneChannel();
        [$low, $high] = $this->levels($p);
        $p->device('c', 'controller', 'dimmer_high', [], ['set' => ['high' => 0.2]]);
        $p->device('meet', 'joint');
        $p->lead('low.out', 'c.in_plus');
        $p->lead('c.in_minus', $p->minus(), [], 'Return of the dimmer');
        $p->lead('c.out_plus', 'meet', ['diode'], 'Low');
        $p->lead('high.out', 'meet', ['diode'], 'High');
        $p->feed('meet');
        $p->back($p->minus());
        $p->want(['input' => $high], 'high');
        $p->want(['input' => $low], 'low');
    }
}
