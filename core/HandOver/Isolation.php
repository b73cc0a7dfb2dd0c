<?php

declare(strict_types=1);

namespace BenchGlow\HandOver;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Build;
use BenchGlow\Build\Device\FuseTapDevice;
use BenchGlow\Build\Supply;
use BenchGlow\Prove\Works;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;

/**
 * What makes a circuit dead, found by solving: the one fuse nearest to it that leaves no pin of it over half a volt in any
 * state, else all of them together, else the terminals of its supplies (build-handover.md 15).
 */
final class Isolation
{
    /** Below this a pin is dead. */
    public const DEAD_V = 0.5;

    /** So many situations are looked at, at most. */
    private const MOST_STATES = 256;

    private readonly Build $build;

    private readonly Pulled $pulled;

    private readonly Reach $reach;

    /** @var list<array<string, string>> */
    private readonly array $states;

    public function __construct(private readonly Analysis $analysis)
    {
        $this->build = $analysis->build;
        $this->pulled = new Pulled($analysis);
        $this->reach = new Reach($this->build);
        $this->states = self::spread($analysis->combinations->all);
    }

    /**
     * @param  list<array<string, string>>  $all
     * @return list<array<string, string>> all, or so many of them evenly
     */
    private static function spread(array $all): array
    {
        $step = max(1, (int) ceil(count($all) / self::MOST_STATES));

        return array_values(array_filter($all, fn (int $n): bool => $n % $step === 0, ARRAY_FILTER_USE_KEY));
    }

    /** The whole: every supply off. */
    public function whole(): Isolated
    {
        return new Isolated(
            null,
            $this->build->document->title(),
            array_map($this->terminal(...), array_values($this->build->supplies)),
            [],
        );
    }

    public function of(string $circuit): Isolated
    {
        $works = new Works($this->analysis, $circuit, $this->build);
        $own = $this->ownPins($works);
        $things = $this->found($circuit, $own);
        $live = [];
        foreach ($this->pulled->volts($things, $this->states, $works->pins()) as $pin => $volts) {
            if ($volts > self::DEAD_V && ! isset($this->build->supplies[explode('.', $pin)[0]])) {
                $live[] = ['words' => ucfirst($works->pin($pin)), 'volts' => $volts];
            }
        }

        return new Isolated(
            $circuit,
            $this->build->circuits[$circuit]->label,
            array_map(fn (string $id): Pull => $this->pull($id), $things),
            $live,
        );
    }

    /** @return list<string> pins of its lights and of its devices that take or switch current */
    private function ownPins(Works $works): array
    {
        $own = [];
        foreach ($works->pins() as $pin) {
            $thing = explode('.', $pin)[0];
            $device = $this->build->devices[$thing] ?? null;
            $isOwn =
                ($this->build->lights[$thing]->circuit ?? null) === $works->circuit ||
                ($device !== null && $device->circuit() === $works->circuit && ! ($device instanceof FuseTapDevice));
            $isOwn ? ($own[] = $pin) : null;
        }

        return $own;
    }

    /**
     * @param  list<string>  $own
     * @return list<string>
     */
    private function found(string $circuit, array $own): array
    {
        $near = $this->fuses($circuit);
        foreach ($near as $one) {
            if ($this->isDead([$one], $own)) {
                return [$one];
            }
        }
        if ($near !== [] && $this->isDead($near, $own)) {
            return $this->fewest($near, $own);
        }
        $supplies = array_map(strval(...), array_keys($this->build->supplies));
        foreach ($supplies as $one) {
            if ($this->isDead([$one], $own)) {
                return [$one];
            }
        }

        return $supplies;
    }

    /**
     * @param  list<string>  $things
     * @param  list<string>  $own
     * @return list<string> without those that change nothing
     */
    private function fewest(array $things, array $own): array
    {
        foreach (array_reverse($things) as $one) {
            $less = array_values(array_diff($things, [$one]));
            $things = $this->isDead($less, $own) ? $less : $things;
        }

        return $things;
    }

    /**
     * @param  list<string>  $things
     * @param  list<string>  $own
     */
    private function isDead(array $things, array $own): bool
    {
        $volts = $this->pulled->volts($things, $this->states, $own, self::DEAD_V);

        return $volts === [] || max($volts) <= self::DEAD_V;
    }

    /** @return list<string> fuses a circuit hangs behind, its own first, then taps, then those of the host */
    private function fuses(string $circuit): array
    {
        $own = $shared = $taps = $ways = [];
        foreach ($this->analysis->fuses as $id => $fuse) {
            $feeds = false;
            foreach ($fuse->lights as $light) {
                $feeds = $feeds || ($this->build->lights[$light]->circuit ?? null) === $circuit;
            }
            if (($this->build->leads[$fuse->lead]->circuit ?? null) === $circuit) {
                $own[] = (string) $id;
            } elseif ($feeds) {
                $shared[] = (string) $id;
            }
        }
        foreach ($this->build->leads as $lead) {
            if ($lead->circuit !== $circuit) {
                continue;
            }
            foreach (array_merge([], ...$lead->cores) as $pin) {
                $thing = explode('.', (string) $pin)[0];
                $device = $this->build->devices[$thing] ?? null;
                if ($device instanceof FuseTapDevice) {
                    $taps[$thing] = $thing;
                    $ways[$device->way()] = $device->way();
                }
                $way = $this->build->wires[$thing]->way ?? (isset($this->build->ways[$thing]) ? $thing : null);
                $way === null || $this->build->ways[$way]->isPoint() ? null : ($ways[$way] = $way);
            }
        }

        return [...$own, ...$shared, ...array_values($taps), ...array_values($ways)];
    }

    private function pull(string $id): Pull
    {
        $supply = $this->build->supplies[$id] ?? null;
        if ($supply !== null) {
            return $this->terminal($supply);
        }
        $fuse = $this->analysis->fuses[$id] ?? null;
        $way = $this->build->ways[$id] ?? null;
        $device = $this->build->devices[$id] ?? null;
        $tapped = $device instanceof FuseTapDevice ? $this->build->ways[$device->way()] : null;
        $amps = $fuse?->fittedA() ?? ($device instanceof FuseTapDevice ? $device->fuseA() : $way?->fuseA);
        $words = match (true) {
            $fuse !== null => "Pull fuse {$id}",
            $tapped !== null => 'Pull the tap in '.Words::within($tapped->label),
            default => 'Pull '.Words::within($way->label ?? $id),
        };

        return $this->made(
            $id,
            $fuse !== null ? 'fuse' : ($tapped !== null ? 'tap' : 'way'),
            $words.($amps === null ? '' : ', '.Shown::amps($amps)),
            $this->source($id),
            $fuse?->distanceM,
        );
    }

    private function terminal(Supply $supply): Pull
    {
        return $this->made(
            $supply->id,
            $supply->isDriver() ? 'mains' : 'terminal',
            $supply->isDriver()
                ? 'Switch '.
                    Words::within($supply->label).
                    ' off at its mains switch; its mains side is for a licensed electrician'
                : 'Take off the negative terminal of '.Words::within($supply->label).', rings and tools off first',
            $supply->label,
            0.0,
        );
    }

    private function made(string $id, string $kind, string $words, string $source, ?float $distance): Pull
    {
        [$panels, $fasteners, $minutes] = $this->reach->to($id);

        return new Pull(
            $id,
            $kind,
            $words,
            $source,
            $distance,
            $panels,
            $fasteners,
            $minutes,
            Pictures::of($this->build->document, $id)[0] ?? null,
        );
    }

    /** What a fuse hangs on. */
    private function source(string $id): string
    {
        $way = $this->build->ways[$id] ?? null;
        $device = $this->build->devices[$id] ?? null;
        $of = $device instanceof FuseTapDevice ? $this->build->ways[$device->way()]->fedBy : $way?->fedBy;
        $lead = $this->analysis->fuses[$id]->lead ?? null;
        foreach ($lead === null ? [] : array_merge([], ...$this->build->leads[$lead]->cores) as $pin) {
            $first = ($this->analysis->paths->feed((string) $pin) ?? [])[0] ?? null;
            $of ??= $first === null ? null : explode('.', $first->from)[0];
        }

        return $this->build->supplies[$of ?? '']->label ?? ($this->build->mainSupply()->label ?? '');
    }
}
