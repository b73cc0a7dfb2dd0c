<?php

declare(strict_types=1);

namespace App\Frame;

use App\Models\Build;
use App\Models\Preference;
use App\Stations\Station;
use App\Stations\Stations;
use App\Store\Analyses;
use App\Store\Bench;
use BenchGlow\Build\Document;

/** Makes the frame of a request: the build as it stands, or a document that is only tried, seen from an address. */
final readonly class Frames
{
    public function __construct(
        private Bench $bench,
        private Analyses $analyses,
        private Stations $stations,
        private Window $window,
    ) {
    }

    /** The station the request comes from. */
    public function station(): Station
    {
        $key = $this->window->station();

        return $this->stations->has($key) ? $this->stations->get($key) : $this->stations->first();
    }

    /** @param  bool  $newest  show the circuit that was made last */
    public function of(Build $build, ?Station $station = null, bool $newest = false): Frame
    {
        $build->refresh();

        return $this->frame($build, $build->head, $this->bench->document($build, $build->head), $station, $newest);
    }

    /** A document that is only tried on top of a revision. */
    public function tried(Build $build, int $base, Document $document): Frame
    {
        return $this->frame($build, $base, $document, null, false);
    }

    private function frame(Build $build, int $base, Document $document, ?Station $station, bool $newest): Frame
    {
        $station ??= $this->station();
        $address = Address::read($build->key, $station, request()->input());
        $circuits = $document->fields()->objects('circuits');
        if ($newest && $circuits !== []) {
            $address = $address->at($circuits[count($circuits) - 1]->text('id'));
        }

        $frame = new Frame(
            $build,
            $base,
            $document,
            Preference::row(),
            $this->analyses,
            $this->stations,
            $station->settle($address, $document),
            Moves::of($build, $base, $this->window->name()),
        );
        // Every view and component may read it.
        view()->share('frame', $frame);

        return $frame;
    }
}
