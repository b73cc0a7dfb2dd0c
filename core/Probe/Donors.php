<?php

declare(strict_types=1);

namespace BenchGlow\Probe;

use BenchGlow\Build\HostWay;
use BenchGlow\Build\HostWire;
use BenchGlow\Build\When;
use BenchGlow\Loom\Loom;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;

/** What the build may be fed from, the best first, each with its reason (probe-prove.md 8). */
final readonly class Donors
{
    /** What is better to hang on, the best first. */
    private const KINDS = ['spare_way', 'panel_channel', 'fuse_way', 'bus_stud', 'outlet', 'post'];

    /** States of what the wish and a feed go by that are looked at. */
    private const MOST_STATES = 4096;

    /** @param  float  $amps  the build draws at its worst, solved */
    private function __construct(private Probing $probing, private float $amps)
    {
    }

    /** @return list<Donor> */
    public static function of(Probing $probing, float $amps): array
    {
        $all = new self($probing, $amps);
        $donors = [...array_map($all->way(...), $probing->build->ways), ...array_map($all->wire(...), $all->feeds())];
        $donors = array_values($donors);
        usort($donors, fn (Donor $a, Donor $b): int => $a->rank <=> $b->rank);

        return $donors;
    }

    /** @return array<string, HostWire> wires of the host that feed: always live, keyed, outlets, and lamp wires */
    private function feeds(): array
    {
        return array_filter($this->probing->build->wires, fn (HostWire $w): bool => $w->positive && ! $w->flashes());
    }

    private function way(HostWay $way): Donor
    {
        $spare = FuseWay::of($this->probing, $way)->spareA;
        $permitted = $way->comfort;

        return $this->donor(
            $way->id,
            $way->label,
            $permitted ? '' : 'not a comfort way: leave it alone',
            $way->liveWhen,
            $spare,
            (int) array_search($way->kind, self::KINDS, true),
        );
    }

    private function wire(HostWire $wire): Donor
    {
        $spare = $wire->fuseA === null ? null : max(0.0, 0.75 * $wire->fuseA);

        return $this->donor(
            $wire->id,
            $wire->label,
            $wire->tap === 'allowed' ? '' : ($wire->tap === 'never' ? 'never tapped' : 'ask before tapping it'),
            $wire->liveWhen,
            $spare,
            count(self::KINDS),
        );
    }

    /** @param  array<array-key, mixed>|null  $live */
    private function donor(string $id, string $label, string $barred, ?array $live, ?float $spareA, int $kind): Donor
    {
        [$always, $only] = $this->whenWanted($live);
        $enough = $spareA === null ? null : $spareA >= $this->amps;
        $metres = $this->addedM($id);
        $reasons = [
            $barred !== '' ? $barred : 'comfort',
            $always ? ($only ? 'live exactly when wanted' : 'live whenever wanted') : 'not live whenever it is wanted',
            match ($enough) {
                null => 'what it can spare is not known',
                true => Shown::amps($spareA).' left for '.Shown::amps($this->amps),
                false => 'only '.Shown::amps($spareA).' left for '.Shown::amps($this->amps),
            },
            ...$metres === null ? [] : [Shown::plain($metres, 1).' m of wire more'],
        ];

        return new Donor(
            $id,
            Words::first($label),
            $barred === '' && $always && $enough !== false,
            $spareA,
            implode(', ', $reasons),
            [
                (int) ($barred !== ''),
                (int) ! $always,
                $enough === true ? 0 : ($enough === null ? 1 : 2),
                (int) ! $only,
                $kind,
                // Where a way is not known it counts as the longest.
                $metres === null ? PHP_INT_MAX : (int) round($metres * 1000),
                $id,
            ],
        );
    }

    /** Along the stretches to the nearest thing of the build that is fed, m; null where no way is known. */
    private function addedM(string $id): ?float
    {
        $build = $this->probing->build;
        $loom = Loom::of($build);
        $from = $loom->places->of($id);
        $least = null;
        if ($from === null) {
            return null;
        }
        foreach (array_keys([...$build->devices, ...$build->lights]) as $thing) {
            $to = $loom->places->of((string) $thing);
            $metres = $to === null || $to === $from ? null : $loom->paths->metres($from, $to);
            $least = $metres === null ? $least : min($least ?? INF, $metres);
        }

        return $least;
    }

    /**
     * Live in every state something is wished in, and in no other.
     *
     * @param  array<array-key, mixed>|null  $live
     * @return array{bool, bool}
     */
    private function whenWanted(?array $live): array
    {
        $build = $this->probing->build;
        $wishes = [];
        foreach ($build->circuits as $circuit) {
            $wishes[] = $circuit->wished();
        }
        $wish = new When(['any' => array_values(array_filter($wishes))]);
        $feed = new When($live ?? ['all' => []]);
        $rest = $build->restPositions();
        $states = [[]];
        foreach (array_unique([...$wish->inputs(), ...$feed->inputs()]) as $input) {
            $next = [];
            foreach ($states as $state) {
                foreach ($build->positions($input) as $position) {
                    $next[] = [...$state, $input => $position];
                }
            }
            if (count($next) > self::MOST_STATES) {
                return [$live === null, false];
            }
            $states = $next;
        }
        $always = $only = true;
        foreach ($states as $state) {
            $wanted = $wishes === [] || $wish->holds([...$rest, ...$state], $rest);
            $isLive = $feed->holds([...$rest, ...$state], $rest);
            $always = $always && (! $wanted || $isLive);
            $only = $only && ($wanted || ! $isLive);
        }

        return [$always, $only];
    }
}
