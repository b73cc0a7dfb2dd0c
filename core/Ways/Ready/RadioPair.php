<?php

declare(strict_types=1);

namespace BenchGlow\Ways\Ready;

use BenchGlow\Ways\Plan;
use BenchGlow\Ways\Section;
use BenchGlow\Ways\Way;

final class RadioPair extends Way
{
    public function section(): string
    {
        return Section::WHOLE;
    }

    public function name(): string
    {
        return 'Radio pair';
    }

    public function rightWhen(): string
    {
        return 'No wire may run between: a worn or towed light.';
    }

    public function failure(): string
    {
        return 'The link is lost: dark. Both halves draw at rest.';
    }

    public function lay(Plan $p): void
    {
        $p->onlyOneChannel();
        $wire = $p->wire('Turn left', 'turn', 'positive', ['kind' => 'flashing', 'hz' => 1.5, 'duty' => 0.5]);
        $range = $p->input('Radio range', 'other', ['lost', 'near']);
        $p->device('t', 'controller', 'radio_sender');
        $p->device(
            'r',
            'controller',
            'radio_receiver',
            [],
            ['hears' => ['left' => 't.left'], 'link_when' => ['input' => $range]],
        );
        $p->lead($p->plus(), 't.in_plus', ['fuse'], 'To the sender');
        $p->lead('t.in_minus', $p->minus(), [], 'Return of the sender');
        $p->lead($wire, 't.left', ['fuse'], 'Trigger');
        $p->lead($p->plus(), 'r.in_plus', ['fuse'], 'To the receiver');
        $p->lead('r.in_minus', $p->minus(), [], 'Return of the receiver');
        $p->feed('r.left');
        $p->back($p->minus());
        $p->want(['all' => [$p->liveWhen($wire), ['input' => $range]]], 'on', true);
    }
}
