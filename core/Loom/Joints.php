<?php

declare(strict_types=1);

namespace BenchGlow\Loom;

use BenchGlow\Build\Build;
use BenchGlow\Build\Device\JointDevice;
use BenchGlow\Build\Lead;

/** Joints, and which kind is right where (layout-harness.md 9). */
final class Joints
{
    /** Kinds with when each is right; the reasons stand in order of how good it is. */
    public const KINDS = [
        'solder' => ['Hidden and still, 0.1 to 4 mm²', 'An iron; the tube goes on first, the cooler wire is held.'],
        'crimp' => [
            'Moves, gets wet, is to be opened again; 0.25 to 6 mm²',
            'The jaw of its barrel, insulated or bare.',
        ],
        'idc_tap' => ['Quick, dry, still; run and branch both in its range', 'Pliers, closed and latched.'],
        'terminal' => ['Cupboards, many wires', 'A driver; a ferrule where it shakes.'],
        'screw' => ['Cupboards, many wires', 'A driver; a ferrule where it shakes.'],
        'bus_bar' => ['At the source, rings on studs', 'A spanner; its own mounting screws stay as they are.'],
    ];

    private const DRY = ['dry' => 'none', 'damp' => 'lined_tube', 'wet' => 'lined_tube'];

    /** @var array<string, Joint> */
    public readonly array $all;

    /** @param  array<string, float>  $areas  copper of leads whose wire is not chosen, mm² */
    public function __construct(
        private readonly Build $build,
        private readonly Loom $loom,
        private readonly array $areas = [],
    ) {
        $wires = [];
        foreach ($build->leads as $id => $lead) {
            foreach ($lead->cores as $n => $core) {
                foreach ($core as $pin) {
                    if ($pin !== null && ($build->devices[$pin] ?? null) instanceof JointDevice) {
                        $wires[$pin][] = [(string) $id, $n + 1];
                    }
                }
            }
        }
        $all = [];
        foreach ($wires as $id => $ends) {
            $device = $build->devices[$id];
            if ($device instanceof JointDevice) {
                $all[$id] = $this->joint($device, $ends);
            }
        }
        $this->all = $all;
    }

    private function area(Lead $lead): float
    {
        return $this->areas[$lead->id] ?? $this->loom->areaMm2($lead);
    }

    /** @param  list<array{string, int}>  $wires */
    private function joint(JointDevice $device, array $wires): Joint
    {
        $leads = array_map(fn (array $w): Lead => $this->build->leads[$w[0]], $wires);
        $copper = array_sum(array_map($this->area(...), $leads));
        $source = $this->sourceSide($device->id(), $wires);
        $sides = [[], []];
        foreach ($leads as $n => $lead) {
            $sides[$n === $source ? 0 : 1][] = $this->loom->coreMm($lead, $this->area($lead));
        }
        $sides = [Bundle::around($sides[0]), Bundle::around($sides[1])];
        $place = $this->loom->places->of($device->id());
        $wet = $this->wetness($device->id(), $place, $leads);
        $joint = Tubes::jointMm($copper);

        return new Joint(
            $device->id(),
            $place,
            $device->style() ?: 'solder',
            $wires,
            $joint,
            $sides,
            Tubes::fits($joint, array_values(array_filter($sides)), $wet !== 'dry'),
            $wet,
            $device->seal() ?? self::DRY[$wet],
            $this->moves($place, $leads),
            ($this->build->places[(string) $place]->access ?? 'open') === 'buried',
        );
    }

    /**
     * The wire toward the source: the one with the shortest way from its far end to a supply.
     *
     * @param  list<array{string, int}>  $wires
     */
    private function sourceSide(string $joint, array $wires): int
    {
        $supply = $this->build->mainSupply();
        $from = $supply === null ? null : $this->loom->places->of($supply->id);
        $best = [INF, 0];
        foreach ($wires as $n => [$id, $core]) {
            [$a, $b] = $this->build->leads[$id]->cores[$core - 1];
            $far = $a === $joint ? $b : $a;
            $owner = explode('.', (string) $far)[0];
            $place = $far === null ? null : $this->loom->places->of($far);
            $m = match (true) {
                isset($this->build->supplies[$owner]), isset($this->build->grounds[$owner]) => -1.0,
                $from === null || $place === null => INF,
                default => $this->loom->paths->metres($from, $place) ?? INF,
            };
            // What feeds comes before lights where the ways are equal.
            $m += isset($this->build->lights[$owner]) ? 1e-6 : 0.0;
            $best = $m < $best[0] ? [$m, $n] : $best;
        }

        return $best[1];
    }

    /**
     * The wettest of its place and of what lies around it.
     *
     * @param  list<Lead>  $leads
     */
    private function wetness(string $id, ?string $place, array $leads): string
    {
        $wet = $this->build->places[(string) $place]->wet ?? 'dry';
        foreach ($leads as $lead) {
            foreach ($this->touching($place, $lead) as $stretch) {
                // Its place says how dry it is; only a stretch with no places around it speaks for the joint.
                $wet = $place === null ? Zone::wetter($wet, $stretch->zone->wet) : $wet;
            }
        }

        return $wet;
    }

    /**
     * Whether all that it hangs in moves: a joint at a place that stays still may lie still.
     *
     * @param  list<Lead>  $leads
     */
    private function moves(?string $place, array $leads): bool
    {
        $moving = $still = 0;
        foreach ($leads as $lead) {
            foreach ($this->touching($place, $lead) as $stretch) {
                $stretch->route->moves() ? $moving++ : $still++;
            }
        }

        return $moving > 0 && ($place === null || $still === 0);
    }

    /** @return list<Stretch> stretches of a lead's way that end at a place; all of them where nobody knows it */
    private function touching(?string $place, Lead $lead): array
    {
        $all = array_map(
            fn (string $s): ?Stretch => $this->loom->stretches[$s] ?? null,
            $this->loom->leads[$lead->id]->stretches ?? [],
        );

        return array_values(
            array_filter(
                $all,
                fn (?Stretch $s): bool => $s !== null &&
                    ($place === null ||
                        $s->route->from === null ||
                        in_array($place, [$s->route->from, $s->route->to], true)),
            ),
        );
    }

    /**
     * Kinds side by side: whether each is right here, and why.
     *
     * @return list<array{style: string, fits: bool, why: string, tool: string}>
     */
    public function kinds(Joint $joint): array
    {
        $areas = array_map(fn (array $w): float => $this->area($this->build->leads[$w[0]]), $joint->wires);
        $copper = array_sum($areas);
        $all = [];
        foreach (self::KINDS as $style => [$right, $tool]) {
            $not = match (true) {
                $style === 'solder' && $joint->moves => 'It moves there: solder breaks at its edge.',
                $style === 'idc_tap' && $joint->wet !== 'dry' => "It is {$joint->wet} there: a tap lets water in.",
                $style === 'idc_tap' && $areas !== [] && min($areas) < 0.2 => 'A wire is thinner than a tap takes.',
                $style === 'idc_tap' && count($areas) > 3 => 'More than one branch for a tap.',
                $style === 'crimp' && $copper > 6.0 => 'More copper than a barrel takes.',
                in_array($style, ['terminal', 'screw'], true) && $joint->wet === 'wet' => 'It is wet there: it wants a box.',
                default => '',
            };
            $all[] = [
                'style' => $style,
                'fits' => $not === '',
                'why' => $not === '' ? "{$right}." : $not,
                'tool' => $tool,
            ];
        }

        return $all;
    }
}
