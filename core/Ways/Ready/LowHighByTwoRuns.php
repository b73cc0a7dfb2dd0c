<?php

declare(strict_types=1);

namespace BenchGlow\Ways\Ready;

use BenchGlow\Ways\Plan;

final class LowHighByTwoRuns extends TwoLevels
{
    public function name(): string
    {
        return 'Low and high by two runs';
    }

    public function rightWhen(): string
    {
        return 'Room for two rows; the steadiest of the three.';
    }

    public function failure(): string
    {
        return 'One run fails: the other level still works.';
    }

    public function holes(): int
    {
        return 2;
    }

    public function lay(Plan $p): void
    {
        $p->needLights(2, 'it takes two runs of light; this circuit has one.');
        [$low, $high] = $this->levels($p);
        foreach ($p->setting->lights as $n => $light) {
            foreach ($light['plus'] as $pin) {
                $p->lead($n === 0 ? 'low.out' : 'high.out', $pin);
            }
            $p->want(['input' => $n === 0 ? $low : $high], 'on', false, $light['light']->id);
        }
        $p->back($p->minus());
    }
}
