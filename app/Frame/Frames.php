<?php

declare(strict_types=1);

namespace App\Frame;

use App\Models\Build;
use App\Models\Preference;
use App\Solving\BeingSolved;
use App\Stations\Station;
use App\Stations\Stations;
use App\Store\Analyses;
use App\Store\Bench;
use App\Store\Damaged;
use App\Store\NotKept;
use BenchGlow\Build\Document;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Throwable;

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

        try {
            $document = $this->bench->document($build, $build->head);
        } catch (Damaged $e) {
            throw $e;
        } catch (Throwable $e) {
            throw new Unshowable($build, $build->head, $e);
        }

        return $this->frame($build, $build->head, $document, $station, $newest);
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

        try {
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
        } catch (HttpExceptionInterface|Damaged|NotKept|BeingSolved $e) {
            throw $e;
        } catch (Throwable $e) {
            throw new Unshowable($build, $base, $e);
        }
        // Every view and component may read it.
        view()->share('frame', $frame);

        return $frame;
    }
}
