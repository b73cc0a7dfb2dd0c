<?php

declare(strict_types=1);

namespace BenchGlow\Steps;

use BenchGlow\Build\Build;
use BenchGlow\Quantity\Words;

/** Changes of the power as acts: what is pulled, what is put back. */
final class Switches
{
    /** @var array<string, int> key => how often it came */
    private array $came = [];

    public function __construct(private readonly Build $build, private readonly Done $done)
    {
    }

    /** @param  Act|null  $for  the act it is made for */
    public function act(string $state, ?Act $for): Act
    {
        $supply = $this->build->mainSupply();
        [$subject, $title] = match ($state) {
            'dead' => [$supply->id ?? 'all', Words::first($supply->label ?? 'the supply').' off, and proven dead'],
            'fuse_out' => [$this->fuse($for), 'Fuse out, and proven dead'],
            default => [$supply->id ?? 'all', 'Power on'],
        };
        $verb = $state === 'live' ? 'live' : 'dead';

        return new Act([
            new Step(
                $this->key("{$verb}:{$subject}"),
                $verb,
                $subject,
                $title,
                Scheduler::SWITCH_MIN,
                'the host',
                'open',
                'any',
                null,
                [$subject],
                [],
                $state === 'live' ? null : '0 V',
                $state === 'live'
                    ? 'all looked at once more before'
                    : 'between feed and ground, the meter tried on a live point first',
                cautions: $state === 'dead' ? ['Minus off first, on last. Keep the tool off the frame.'] : [],
            ),
        ]);
    }

    /** The fuse of the host or of the circuit that is pulled. */
    private function fuse(?Act $for): string
    {
        foreach ($for?->about() ?? [] as $id) {
            if (isset($this->build->ways[$id])) {
                return $id;
            }
            $way = $this->build->wires[$id]->way ?? null;
            if ($way !== null) {
                return $way;
            }
        }
        $circuit = $for?->main->circuit;
        foreach ($for === null ? [] : $this->build->leads as $lead) {
            foreach ($lead->inline as $thing) {
                if ($thing->kind === 'fuse' && ($circuit === null || $lead->circuit === $circuit)) {
                    return $thing->id;
                }
            }
        }

        return $this->build->mainSupply()->id ?? 'all';
    }

    /** The same change comes more than once: each time has a key of its own. */
    private function key(string $key): string
    {
        do {
            $n = $this->came[$key] = ($this->came[$key] ?? 0) + 1;
            $own = $n === 1 ? $key : "{$key}.{$n}";
        } while (isset($this->done->keys[$own]));

        return $own;
    }
}
