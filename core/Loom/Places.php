<?php

declare(strict_types=1);

namespace BenchGlow\Loom;

use BenchGlow\Build\Build;
use BenchGlow\Build\Device\FuseTapDevice;
use BenchGlow\Build\Device\JointDevice;
use BenchGlow\Build\Device\PlugDevice;
use BenchGlow\Build\Lead;

/** Where each thing sits: as stated, or taken from what it hangs on (layout-harness.md 8, places). */
final class Places
{
    /** Rounds in which joints on joints settle. */
    private const ROUNDS = 6;

    /** @var array<string, string> thing => place */
    private array $all = [];

    /** @var array<string, string> those nobody stated */
    public array $taken = [];

    /** @var array<string, array<string, float>> thing => neighbour => metres of the shortest lead between */
    private array $next = [];

    public function __construct(private readonly Build $build, private readonly Ways $ways)
    {
        foreach (['supplies', 'ways', 'wires', 'grounds', 'devices', 'lights'] as $section) {
            foreach (array_keys($build->{$section}) as $id) {
                $place = $build->index->item((string) $id)->textOrNull('place');
                if ($place !== null && isset($build->places[$place])) {
                    $this->all[$id] = $place;
                }
            }
        }
        foreach ($build->leads as $lead) {
            $this->link($lead);
        }
        if ($build->places !== []) {
            $this->take();
        }
    }

    private function link(Lead $lead): void
    {
        foreach ($lead->cores as [$from, $to]) {
            if ($from === null || $to === null) {
                continue;
            }
            [$a, $b] = [explode('.', $from)[0], explode('.', $to)[0]];
            $m = $lead->lengthM ?? INF;
            $this->next[$a][$b] = min($this->next[$a][$b] ?? INF, $m);
            $this->next[$b][$a] = min($this->next[$b][$a] ?? INF, $m);
        }
    }

    private function take(): void
    {
        foreach ($this->build->devices as $id => $device) {
            $way = $device instanceof FuseTapDevice ? $this->all[$device->way()] ?? null : null;
            if ($way !== null && ! isset($this->all[$id])) {
                $this->put($id, $way);
            }
        }
        $open = array_values(
            array_filter(
                array_map(strval(...), array_keys([...$this->build->devices, ...$this->build->lights])),
                fn (string $id): bool => ! isset($this->all[$id]) &&
                    ! (($this->build->devices[$id] ?? null) instanceof PlugDevice),
            ),
        );
        $joints = array_values(
            array_filter($open, fn (string $id): bool => ($this->build->devices[$id] ?? null) instanceof JointDevice),
        );
        foreach ([...array_keys($this->build->supplies), ...array_keys($this->build->grounds)] as $id) {
            if (! isset($this->all[$id])) {
                $open[] = (string) $id;
            }
        }
        // A joint lies between what is known; then others sit with what is nearest; then joints again, until nothing moves.
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $before = $this->taken;
            foreach ($joints as $id) {
                $this->branch($id);
            }
            foreach (array_diff($open, $joints) as $id) {
                $this->beside($id);
            }
            if ($this->taken === $before) {
                return;
            }
        }
    }

    private function put(string $id, string $place): void
    {
        $this->all[$id] = $place;
        $this->taken[$id] = $place;
    }

    /** The place with the least summed way to its neighbours', ties nearest the source. */
    private function branch(string $id): void
    {
        $around = [];
        foreach (array_keys($this->next[$id] ?? []) as $neighbour) {
            if (isset($this->all[$neighbour])) {
                $around[] = $this->all[$neighbour];
            }
        }
        if ($around === []) {
            return;
        }
        $source = $this->source();
        $best = null;
        foreach (array_keys($this->build->places) as $place) {
            $sum = 0.0;
            foreach ($around as $from) {
                $sum += $this->ways->metres($from, (string) $place) ?? INF;
            }
            $rank = [round($sum, 9), $source === null ? 0.0 : $this->ways->metres($source, (string) $place) ?? INF];
            if (is_finite($sum) && ($best === null || $rank < $best[0])) {
                $best = [$rank, (string) $place];
            }
        }
        $this->put($id, $best[1] ?? $around[0]);
    }

    /** With the neighbour on its shortest lead. */
    private function beside(string $id): void
    {
        $best = null;
        foreach ($this->next[$id] ?? [] as $neighbour => $m) {
            if (isset($this->all[$neighbour]) && ($best === null || $m < $best[0])) {
                $best = [$m, $this->all[$neighbour]];
            }
        }
        if ($best !== null) {
            $this->put($id, $best[1]);
        }
    }

    private function source(): ?string
    {
        $main = $this->build->mainSupply();

        return $main === null ? null : $this->all[$main->id] ?? null;
    }

    /** Place of a pin; a strip's far end may sit elsewhere. Null where nobody knows. */
    public function of(string $pin): ?string
    {
        $parts = explode('.', $pin);
        $light = $this->build->lights[$parts[0]] ?? null;
        $end = ($parts[1] ?? '') === 'end' ? $light?->fields->textOrNull('end_place') : null;

        return $end ?? ($this->all[$parts[0]] ?? null);
    }

    /** @return array<string, string> thing => place */
    public function all(): array
    {
        return $this->all;
    }

    /** @return list<string> what sits at a place */
    public function at(string $place): array
    {
        return array_map(strval(...), array_keys($this->all, $place, true));
    }
}
