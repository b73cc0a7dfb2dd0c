<?php

declare(strict_types=1);

namespace BenchGlow\Ways\Ready;

use BenchGlow\Ways\Plan;
use BenchGlow\Ways\Section;
use BenchGlow\Ways\Way;

final class StraightFromSupply extends Way
{
    public function section(): string
    {
        return Section::WHOLE;
    }

    public function name(): string
    {
        return 'Straight from a fused supply';
    }

    public function rightWhen(): string
    {
        return 'The supply itself is switched, or the light may always glow.';
    }

    public function failure(): string
    {
        return 'The fuse opens: dark. Nothing else can fail.';
    }

    public function lay(Plan $p): void
    {
        $p->feed($p->plus(), ['fuse']);
        $p->back($p->minus());
        $p->want(['all' => []]);
    }
}
