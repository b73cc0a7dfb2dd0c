<?php

declare(strict_types=1);

namespace BenchGlow\Ways\Ready;

use BenchGlow\Ways\Plan;
use BenchGlow\Ways\Section;
use BenchGlow\Ways\Way;

/** Every light on a wire of its own from one joint; a choice of runs, no way of switching by itself. */
final class Star extends Way
{
    public function section(): string
    {
        return Section::RUNS;
    }

    public function name(): string
    {
        return 'A run to each light';
    }

    public function rightWhen(): string
    {
        return 'Lights lie in different directions, or one must be mended without the others.';
    }

    public function failure(): string
    {
        return 'One run breaks: one light less.';
    }

    public function lay(Plan $p): void
    {
        $p->needLights(2, 'a run to each light needs several; this circuit has one.');
        $p->feed($p->plus(), ['fuse']);
        $p->back($p->minus());
        $p->want(['all' => []]);
    }
}
