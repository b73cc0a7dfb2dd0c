<?php

declare(strict_types=1);

namespace BenchGlow\Loom;

use BenchGlow\Build\Build;
use BenchGlow\Build\Device\JointDevice;
use BenchGlow\Build\Lead;

/** Which cores bring the current back: those that reach a minus or a ground through joints alone. */
final class Returns
{
    /** @var array<string, true> pins and joints on the return side */
    private array $minus = [];

    public function __construct(Build $build)
    {
        $next = [];
        foreach ($build->leads as $lead) {
            foreach ($lead->cores as [$from, $to]) {
                if ($from !== null && $to !== null) {
                    $next[$from][] = $to;
                    $next[$to][] = $from;
                }
            }
        }
        $open = array_map(strval(...), array_keys($build->grounds));
        foreach (array_keys($build->supplies) as $id) {
            $open[] = "{$id}.minus";
        }
        while ($open !== []) {
            $pin = array_pop($open);
            if (isset($this->minus[$pin])) {
                continue;
            }
            $this->minus[$pin] = true;
            foreach ($next[$pin] ?? [] as $beyond) {
                // A wire goes on through a joint; a device ends it.
                if (($build->devices[$beyond] ?? null) instanceof JointDevice) {
                    $open[] = $beyond;
                }
            }
        }
    }

    /** @param  int  $core  from 1 */
    public function is(Lead $lead, int $core): bool
    {
        foreach ($lead->cores[$core - 1] ?? [] as $pin) {
            if ($pin !== null && isset($this->minus[$pin])) {
                return true;
            }
        }

        return false;
    }
}
