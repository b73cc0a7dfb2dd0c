<?php

declare(strict_types=1);

namespace BenchGlow\Ways\Ready;

use BenchGlow\Ways\Plan;
use BenchGlow\Ways\Way;

/** A lid and a master in series. */
abstract class LidAndMaster extends Way
{
    public function holes(): int
    {
        return 2;
    }

    public function lay(Plan $p): void
    {
        $lid = $p->input('Lid', 'lid', ['down', 'up']);
        $master = $p->input('Master', 'hand');
        $p->hand('lid', 'lid_switch', $lid);
        $p->hand('master', 'rocker_plain', $master);
        $p->lead('lid.out', 'master.in');
        $this->join($p);
        $p->want(['all' => [['input' => $lid], ['input' => $master]]]);
    }

    /** Feed, the two switches and the way back; between the switches stands their lead. */
    abstract protected function join(Plan $p): void;
}
