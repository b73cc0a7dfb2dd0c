<?php

declare(strict_types=1);

namespace App\Wall;

use App\Models\Build;
use App\Stations\Station;
use App\Stations\Stations;

/** A build as it hangs on the wall; without a summary it has still to be solved. */
final readonly class Card
{
    public function __construct(public Build $build, public ?Summary $summary, private Stations $stations)
    {
    }

    /** @return array<int, Station|null> every place of the run */
    public function run(): array
    {
        return $this->stations->run();
    }

    public function bead(Station $station): string
    {
        return $this->summary->beads[$station->key()] ?? 'ring';
    }

    /** "Brief holds, Circuit danger": the beads for who does not see them. */
    public function beadWords(): string
    {
        $words = array_map(
            fn (Station $s): string => "{$s->label()} {$this->bead($s)}",
            array_values($this->stations->all()),
        );

        return implode(', ', $words);
    }

    public function url(): string
    {
        return route('station', [$this->build, $this->stations->first()->key()], false);
    }
}
