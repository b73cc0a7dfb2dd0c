<?php

declare(strict_types=1);

namespace BenchGlow\Ways\Ready;

final class HandSwitchLit extends HandSwitch
{
    public function name(): string
    {
        return 'Hand switch that glows while it is on';
    }

    public function rightWhen(): string
    {
        return 'The light itself is not seen from the switch.';
    }

    public function failure(): string
    {
        return 'Forgotten less often; its lamp draws a little.';
    }

    public function holes(): int
    {
        return 1;
    }

    public function school(): string
    {
        return 'Some take the lamp out of the rocker: it shines at night and draws a little.';
    }

    protected function part(): string
    {
        return 'rocker_lit';
    }

    protected function isLit(): bool
    {
        return true;
    }
}
