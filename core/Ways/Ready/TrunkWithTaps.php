<?php

declare(strict_types=1);

namespace BenchGlow\Ways\Ready;

use BenchGlow\Ways\Plan;
use BenchGlow\Ways\Section;
use BenchGlow\Ways\Way;

final class TrunkWithTaps extends Way
{
    public function section(): string
    {
        return Section::WHOLE;
    }

    public function name(): string
    {
        return 'Trunk with taps';
    }

    public function rightWhen(): string
    {
        return 'Several lights along one way, more to come.';
    }

    public function failure(): string
    {
        return 'A tap lets go: one light less. The trunk breaks: all behind it.';
    }

    public function school(): string
    {
        return 'Some run every light home by itself: more wire, no tap under the floor.';
    }

    public function lay(Plan $p): void
    {
        $p->needLights(2, 'a trunk serves several lights; this circuit has one.');
        $from = $p->plus();
        $inline = ['fuse'];
        $home = $p->minus();
        foreach ($p->setting->lights as $n => $light) {
            $p->device("tap{$n}", 'joint', '', [], ['style' => 'idc_tap']);
            $p->device("back{$n}", 'joint', '', [], ['style' => 'idc_tap']);
            $p->lead($from, "tap{$n}", $inline, $n === 0 ? 'Trunk' : '');
            $p->lead("back{$n}", $home, [], $n === 0 ? 'Return of the trunk' : '');
            foreach ($light['plus'] as $pin) {
                $p->lead("tap{$n}", $pin);
            }
            foreach ($light['minus'] as $pin) {
                $p->lead($pin, "back{$n}");
            }
            [$from, $inline, $home] = ["tap{$n}", [], "back{$n}"];
        }
        $p->want(['all' => []]);
    }
}
