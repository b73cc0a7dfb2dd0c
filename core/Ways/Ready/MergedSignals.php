<?php

declare(strict_types=1);

namespace BenchGlow\Ways\Ready;

use BenchGlow\Ways\Plan;
use BenchGlow\Ways\Section;
use BenchGlow\Ways\Way;

final class MergedSignals extends Way
{
    public function section(): string
    {
        return Section::WHOLE;
    }

    public function name(): string
    {
        return 'Merging controller: three signals, one lamp';
    }

    public function rightWhen(): string
    {
        return 'Fewest wires; one colour for running, brake and turn.';
    }

    public function failure(): string
    {
        return 'The controller fails: all three functions are gone.';
    }

    public function school(): string
    {
        return 'Some lay a wire per function: more wire, two colours, each mended by itself.';
    }

    public function lay(Plan $p): void
    {
        $p->onlyOneChannel();
        $run = $p->wire('Running', 'running');
        $brake = $p->wire('Brake', 'brake');
        $turn = $p->wire('Turn left', 'turn', 'positive', ['kind' => 'flashing', 'hz' => 1.5, 'duty' => 0.5]);
        $p->device('m', 'controller', 'merge_three');
        $p->lead($run, 'm.run', ['fuse'], 'Running');
        $p->lead($brake, 'm.brake', ['fuse'], 'Brake');
        $p->lead($turn, 'm.turn', ['fuse'], 'Turn');
        $p->lead('m.minus', $p->minus(), [], 'Return of the controller');
        $p->feed('m.out');
        $p->back($p->minus());
        $p->want(['any' => [$p->liveWhen($brake), $p->liveWhen($turn), $p->liveWhen($run)]], 'free');
    }
}
