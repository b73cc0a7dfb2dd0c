<?php

declare(strict_types=1);

namespace BenchGlow\Lists;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Analysis\FuseFigures;
use BenchGlow\Build\Device\Device;
use BenchGlow\Build\Device\FuseTapDevice;
use BenchGlow\Build\Device\JointDevice;
use BenchGlow\Build\Light;
use BenchGlow\Harness\HostLoad;
use BenchGlow\Light\Colour;
use BenchGlow\Scene\Scene;

/** What follows from the build and is never stored: translation, spare capacity, distances, counts, colours (build-file.md, "Derived"). */
final readonly class Lists
{
    /** Light of a filament against its volts: about the 3.4th power, the usual lamp exponent. */
    private const FILAMENT = 3.4;

    public function __construct(private Analysis $analysis)
    {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'translation' => $this->translation(),
            'spare' => $this->spare(),
            'distance' => $this->distance(),
            'counts' => $this->counts(),
            'to_insulate' => PartsList::toInsulate($this->analysis),
        ];
    }

    /**
     * Host wire, kit lead, own wire, function: known by terminal, never by the colour of a pigtail.
     *
     * @return list<array{host: string, lead: string, wire: string, colour: string|null, to: string, function: string}>
     */
    public function translation(): array
    {
        $rows = [];
        $index = $this->analysis->build->index;
        foreach ($this->analysis->build->leads as $id => $lead) {
            foreach ($lead->cores as $c => [$from, $to]) {
                $colours = $index->item($id)->texts('colours');
                $ends = [(string) $from, (string) $to];
                $host = array_values(
                    array_filter(
                        $ends,
                        fn (string $p): bool => in_array(
                            $index->sections[explode('.', $p)[0]] ?? '',
                            ['host.wires', 'host.ways', 'supplies'],
                            true,
                        ),
                    ),
                );
                if ($host === []) {
                    continue;
                }
                $other = $ends[0] === $host[0] ? $ends[1] : $ends[0];
                $rows[] = [
                    'host' => $host[0],
                    'lead' => "{$id}.".($c + 1),
                    'wire' => $this->analysis->leads[$id]->wire->label(),
                    'colour' => $colours[$c] ?? null,
                    'to' => $other,
                    'function' => $this->purpose($host[0]),
                ];
            }
        }

        return $rows;
    }

    private function purpose(string $pin): string
    {
        $id = explode('.', $pin)[0];
        $item = $this->analysis->build->index->item($id);

        return $item->text('label', str_ends_with($pin, '.minus') ? 'return' : $item->text('kind', $id));
    }

    /**
     * What a donor may still take: 0.75 of its fuse less what runs through it at most (electrics.md 5).
     *
     * @return list<array{donor: string, fuse_a: float|null, through_a: float, spare_a: float|null}>
     */
    public function spare(): array
    {
        $rows = [];
        $build = $this->analysis->build;
        foreach (['.fuse' => $build->ways, '.source' => $build->wires] as $branch => $donors) {
            foreach ($donors as $item) {
                $fuse = $item->fuseA;
                $through = $this->analysis->peakA($item->id.$branch);
                $rows[] = [
                    'donor' => $item->id,
                    'fuse_a' => $fuse,
                    'through_a' => $through,
                    'spare_a' => $fuse === null ? null : 0.75 * $fuse - $through,
                ];
            }
        }

        return $rows;
    }

    /**
     * Metres of wire from the nearest plus to each light and fuse.
     *
     * @return array<string, float>
     */
    public function distance(): array
    {
        $metres = array_map(fn (FuseFigures $f): float => $f->distanceM, $this->analysis->fuses);
        foreach ($this->analysis->build->lights as $light) {
            $least = INF;
            foreach ($this->analysis->harness->wiredPins($light->id) as $pin) {
                $least = min($least, $this->analysis->paths->metresFromPlus($pin) ?? INF);
            }
            if (is_finite($least)) {
                $metres[$light->id] = $least;
            }
        }

        return $metres;
    }

    /** @return array{leads_in_one_terminal: array<string, int>, taps: int, bundles: array<string, int>} terminals with more than one lead, taps, leads by stretch */
    public function counts(): array
    {
        $pins = [];
        $bundles = [];
        foreach ($this->analysis->build->leads as $lead) {
            foreach (array_merge(...$lead->cores) as $pin) {
                if ($pin !== null) {
                    $pins[$pin] = ($pins[$pin] ?? 0) + 1;
                }
            }
            foreach ($lead->route as $route) {
                $bundles[$route] = ($bundles[$route] ?? 0) + 1;
            }
        }
        $taps = count(
            array_filter(
                $this->analysis->build->devices,
                fn (Device $d): bool => ($d instanceof JointDevice && $d->isTap()) || $d instanceof FuseTapDevice,
            ),
        );

        return [
            'leads_in_one_terminal' => array_filter($pins, fn (int $n): bool => $n > 1),
            'taps' => $taps,
            'bundles' => $bundles,
        ];
    }

    /** Colour of a unit of a light in a state, host lamps behind the same lens mixed in; null: nothing glows. */
    public function colour(Light $light, Scene $scene, int $unit = 0): ?Colour
    {
        $parts = [];
        foreach ($scene->lit->lights[$light->id] ?? [] as $name => $emitter) {
            $parts[] = [$emitter->colour, ($emitter->flux[$unit] ?? 0.0) * $this->lumens($light, $name)];
        }
        foreach ($this->analysis->bodies->loads as $key => $load) {
            if ($load->mixesInto === $light->id) {
                $parts[] = [$load->colour, $load->lumens * $this->share($scene, $key, $load)];
            }
        }

        return Colour::mix($parts);
    }

    private function share(Scene $scene, string $key, HostLoad $load): float
    {
        return $load->kind === 'led'
            ? abs($scene->lit->amps[$key] ?? 0.0) / $load->ratedA
            : (abs((float) $scene->lit->between($load->from, $load->to)) / $load->atV) ** self::FILAMENT;
    }

    /** Lumens of one unit at full light. */
    private function lumens(Light $light, string $emitter): float
    {
        foreach (
            $light->kind === 'strip' ? $light->part->objects('channels') : $light->part->objects('inside') as $item
        ) {
            if ($item->text('id') === $emitter) {
                return $light->kind === 'strip'
                    ? $item->number('lm_per_m') * $light->strip()->pitchM()
                    : $item->number('lm', 1.0);
            }
        }

        return $light->part->number('lm', 1.0);
    }
}
