<?php

declare(strict_types=1);

namespace BenchGlow\Lists;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Analysis\LeadFigures;
use BenchGlow\Build\Build;
use BenchGlow\Build\Device\JointDevice;
use BenchGlow\Build\Lead;
use BenchGlow\Loom\Bundle;
use BenchGlow\Loom\Colours;
use BenchGlow\Loom\Ends;
use BenchGlow\Loom\Joint;
use BenchGlow\Loom\Joints;
use BenchGlow\Loom\Labels;
use BenchGlow\Loom\Loom;
use BenchGlow\Loom\PlugLines;
use BenchGlow\Loom\Tubes;

/**
 * The loom as it is made: stretches, wires with both ends, joints, plugs, grounds, holes.
 *
 * @phpstan-type Tube array{supplied_mm: float, recovered_mm: float, lined: bool, length_mm: int}
 * @phpstan-type WireEnd array{pin: string|null, end: string|null, strip_mm: int, terminal: string|null, tube: Tube|null, pull_n: int|null, label: string}
 * @phpstan-type WireRow array{lead: string, core: int, colour: string, wire: string, length_m: float|null, length_from: string, way: list<string>, ends: list<WireEnd>}
 */
final class LoomList
{
    public readonly Build $build;

    public readonly Loom $loom;

    public readonly Colours $colours;

    public readonly Joints $joints;

    public readonly PlugLines $plugs;

    public readonly Labels $labels;

    /** @var array<string, list<float>> outsides by stretch */
    private array $outsides = [];

    /** @var array<string, float|null> sleeve by stretch */
    private array $sleeves = [];

    public function __construct(public readonly Analysis $analysis)
    {
        $this->build = $analysis->build;
        $this->loom = Loom::of($this->build);
        $this->colours = new Colours($this->build, $this->loom);
        $this->joints = new Joints(
            $this->build,
            $this->loom,
            array_map(fn (LeadFigures $l): float => $l->wire->areaMm2, $analysis->leads),
        );
        $this->plugs = new PlugLines($this->build, $this->loom);
        $this->labels = new Labels($this->build);
    }

    /** Copper of a lead, chosen or recommended, mm². */
    public function areaMm2(Lead $lead): float
    {
        return $this->analysis->leads[$lead->id]->wire->areaMm2;
    }

    /** @return list<float> outside of what lies in a stretch, mm */
    public function outsides(string $stretch): array
    {
        if (isset($this->outsides[$stretch])) {
            return $this->outsides[$stretch];
        }
        $mm = [];
        foreach ($this->loom->stretches[$stretch]->leads as $id) {
            $lead = $this->build->leads[$id];
            array_push($mm, ...$this->loom->outsides($lead, $this->areaMm2($lead)));
        }

        return $this->outsides[$stretch] = $mm;
    }

    public function bundleMm(string $stretch): float
    {
        return Bundle::around($this->outsides($stretch));
    }

    /** The sleeve round a stretch, mm: the stated one, else the least that takes the fullest stretch of its loom. */
    public function sleeveMm(string $stretch): ?float
    {
        if (! array_key_exists($stretch, $this->sleeves)) {
            $this->sleeves[$stretch] = $this->sleeved($stretch);
        }

        return $this->sleeves[$stretch];
    }

    private function sleeved(string $stretch): ?float
    {
        $route = $this->loom->stretches[$stretch]->route;
        if ($route->sleeveMm !== null) {
            return $route->sleeveMm;
        }
        $least = 0.0;
        foreach ($this->loom->stretches as $id => $other) {
            if ($id !== $stretch && ($route->loom === null || $other->route->loom !== $route->loom)) {
                continue;
            }
            $mm = $this->outsides((string) $id);
            $fits = Bundle::sleeve($mm, $this->build->settings->bundleFill, $this->grows((string) $id));
            if ($mm !== [] && $fits === null) {
                return null;
            }
            $least = max($least, (float) $fits);
        }

        return $least > 0.0 ? $least : null;
    }

    public function fill(string $stretch): ?float
    {
        $sleeve = $this->sleeveMm($stretch);

        return $sleeve === null ? null : Bundle::fill($this->outsides($stretch), $sleeve);
    }

    /** Whether something at the end of one of its leads was promised to grow. */
    private function grows(string $stretch): bool
    {
        foreach ($this->loom->stretches[$stretch]->leads as $id) {
            foreach (array_merge(...$this->build->leads[$id]->cores) as $pin) {
                $device = $pin === null ? null : $this->build->devices[$pin] ?? null;
                if ($device instanceof JointDevice && $device->spareA() > 0.0) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @return list<array<string, mixed>> */
    public function stretches(): array
    {
        $rows = [];
        foreach ($this->loom->stretches as $id => $stretch) {
            $fill = $this->fill((string) $id);
            $rows[] = [
                'id' => (string) $id,
                'from' => $stretch->route->from,
                'to' => $stretch->route->to,
                'length_m' => $stretch->route->lengthM === null && $stretch->route->hinge === null ? null : $stretch->lengthM,
                'leads' => $stretch->leads,
                'cores' => $stretch->cores,
                'loaded' => $this->analysis->loaded[$id] ?? 0,
                'bundle_mm' => round($this->bundleMm((string) $id), 3),
                'sleeve_mm' => $this->sleeveMm((string) $id),
                'fill' => $fill === null ? null : round($fill, 4),
                'ambient_c' => $stretch->zone->ambientC,
            ];
        }

        return $rows;
    }

    /** @return list<WireRow> a row per core */
    public function wires(): array
    {
        $rows = [];
        foreach ($this->build->leads as $id => $lead) {
            foreach (array_keys($lead->cores) as $n) {
                $rows[] = $this->wire($lead, (int) $n + 1);
            }
        }

        return $rows;
    }

    /** @return WireRow */
    public function wire(Lead $lead, int $core): array
    {
        $laid = $this->loom->leads[$lead->id];

        return [
            'lead' => $lead->id,
            'core' => $core,
            'colour' => $this->colours->all[$lead->id][$core - 1],
            'wire' => $lead->wire ?? $this->analysis->leads[$lead->id]->wire->label(),
            'length_m' => $laid->lengthM,
            'length_from' => $laid->from,
            'way' => $laid->stretches ?? [],
            'ends' => [$this->end($lead, $core, 0), $this->end($lead, $core, 1)],
        ];
    }

    /** @return WireEnd */
    public function end(Lead $lead, int $core, int $end): array
    {
        $pin = $lead->cores[$core - 1][$end];
        $at = $lead->endOf($core, $end);
        $style = $lead->ends[$at];
        $area = $this->areaMm2($lead);
        $terminal = Ends::terminal($this->build, $lead, $at, $area);

        return [
            'pin' => $pin,
            'end' => $style === '' ? null : $style,
            'strip_mm' => Ends::stripMm($style, $pin === null),
            'terminal' => $terminal === '' ? null : $terminal,
            'tube' => $this->tube($lead, $style, $pin),
            'pull_n' => Ends::pullN($style, $area),
            'label' => $this->labels->words($lead, $core, $end),
        ];
    }

    /** @return Tube|null over an end that is soldered to something; a joint has its own */
    private function tube(Lead $lead, string $style, ?string $pin): ?array
    {
        if ($style !== 'solder' || $pin === null || isset($this->joints->all[$pin])) {
            return null;
        }
        $wet = ($this->build->places[(string) $this->loom->places->of($pin)]->wet ?? 'dry') !== 'dry';
        $area = $this->areaMm2($lead);
        $fit = Tubes::fits(Tubes::jointMm($area), [$this->loom->coreMm($lead, $area)], $wet)[0] ?? null;

        return $fit === null ? null : [...$fit, 'length_mm' => Tubes::lengthMm(15.0)];
    }

    /** @return list<array<string, mixed>> */
    public function joints(): array
    {
        return array_map(
            fn (Joint $j): array => [
                'id' => $j->id,
                'place' => $j->place,
                'style' => $j->style,
                'joint_mm' => round($j->jointMm, 3),
                'tube' => $j->tube(),
                'seal' => $j->seal,
            ],
            array_values($this->joints->all),
        );
    }

    /** @return list<array{id: string, plug: string, stretch: string|null, way_m: float, stretch_m: float, lead: string, carrier: string|null}> */
    public function plugs(): array
    {
        $rows = [];
        foreach ($this->build->leads as $id => $lead) {
            foreach ($lead->inline as $thing) {
                if ($thing->kind === 'plug') {
                    [$stretch, $m] = $this->loom->inLine($lead, $thing);
                    $rows[] = [
                        'id' => $thing->id,
                        'plug' => $thing->plug,
                        'stretch' => $stretch,
                        'way_m' => round($m, 3),
                        'stretch_m' => round($this->loom->inStretch($lead, $thing)[1], 3),
                        'lead' => (string) $id,
                        'carrier' => $this->plugs->crosses($stretch),
                    ];
                }
            }
        }

        return $rows;
    }

    /** @return list<array{id: string, place: string|null, rings: int}> */
    public function grounds(): array
    {
        $rows = [];
        foreach (array_keys($this->build->grounds) as $id) {
            $rows[] = [
                'id' => (string) $id,
                'place' => $this->loom->places->of((string) $id),
                'rings' => $this->ringsAt((string) $id),
            ];
        }

        return $rows;
    }

    /** How many leads end on a pin. */
    public function ringsAt(string $pin): int
    {
        return count(
            array_filter($this->build->leads, fn (Lead $l): bool => in_array($pin, array_merge(...$l->cores), true)),
        );
    }

    /** @return list<array{id: string, for: string, bundle_mm: float, guard: string}> */
    public function holes(): array
    {
        $rows = [];
        foreach ($this->build->holes as $id => $hole) {
            $rows[] = [
                'id' => (string) $id,
                'for' => $hole->for,
                'bundle_mm' => round($this->throughMm($hole->for), 3),
                'guard' => $hole->edge,
            ];
        }

        return $rows;
    }

    /** Thickness of what goes through a hole, mm. */
    public function throughMm(string $for): float
    {
        if (isset($this->loom->stretches[$for])) {
            return $this->bundleMm($for);
        }
        $mm = [];
        foreach ($this->build->leads as $id => $lead) {
            $ends = array_map(fn (?string $p): string => explode('.', (string) $p)[0], array_merge(...$lead->cores));
            if ($id === $for || in_array($for, $ends, true)) {
                array_push($mm, ...$this->loom->outsides($lead, $this->areaMm2($lead)));
            }
        }

        return Bundle::around($mm);
    }

    /** @return list<string> things with wires that sit nowhere yet */
    public function unplaced(): array
    {
        $all = [];
        foreach ($this->loom->unlaid() as $id) {
            foreach (array_merge(...$this->build->leads[$id]->cores) as $pin) {
                if ($pin !== null && $this->loom->places->of($pin) === null) {
                    $all[explode('.', $pin)[0]] = true;
                }
            }
        }

        return array_map(strval(...), array_keys($all));
    }

    /** Metres of wire to cut in all. */
    public function metres(): float
    {
        $sum = 0.0;
        foreach ($this->loom->leads as $id => $laid) {
            $sheathed = $this->build->part($this->build->leads[$id]->wire)->fields->integer('cores', 1) > 1;
            $sum += (float) $laid->lengthM * ($sheathed ? 1 : count($this->build->leads[$id]->cores));
        }

        return $sum;
    }
}
