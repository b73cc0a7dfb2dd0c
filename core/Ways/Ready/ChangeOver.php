<?php

declare(strict_types=1);

namespace BenchGlow\Ways\Ready;

use BenchGlow\Ways\Plan;
use BenchGlow\Ways\Section;
use BenchGlow\Ways\Way;

final class ChangeOver extends Way
{
    public function section(): string
    {
        return Section::WHOLE;
    }

    public function name(): string
    {
        return 'One or the other';
    }

    public function rightWhen(): string
    {
        return 'Two lights of which one always glows: day and night.';
    }

    public function failure(): string
    {
        return 'The coil fails: the resting one glows.';
    }

    public function lay(Plan $p): void
    {
        $p->needLights(2, 'it changes over between two lights; this circuit has one.');
        $wire = $p->wire('Running', 'running');
        $p->relay('k', true);
        $p->lead($p->plus(), 'k.30', ['fuse'], 'To the relay');
        $p->lead($wire, 'k.86', ['fuse'], 'Trigger');
        $p->lead('k.85', $p->minus(), [], 'Return of the coil');
        foreach ($p->setting->lights as $n => $light) {
            foreach ($light['plus'] as $pin) {
                $p->lead($n === 0 ? 'k.87' : 'k.87a', $pin);
            }
            $p->want($n === 0 ? $p->liveWhen($wire) : ['not' => $p->liveWhen($wire)], 'on', false, $light['light']->id);
        }
        $p->back($p->minus());
    }
}
