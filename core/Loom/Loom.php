<?php

declare(strict_types=1);

namespace BenchGlow\Loom;

use BenchGlow\Build\Build;
use BenchGlow\Build\Inline;
use BenchGlow\Build\Lead;
use BenchGlow\Build\Route;
use BenchGlow\Parts\Copper;
use WeakMap;

/** Where all wires go and how long they are: derived from places and stretches, never stored (layout-harness.md 8). */
final class Loom
{
    /** Counts where no wire is chosen, mm². */
    private const STAND_IN_MM2 = 1.0;

    /** A sheath adds this to the bundle of its cores, mm. */
    private const SHEATH_MM = 1.2;

    /** @var WeakMap<Build, self>|null */
    private static ?WeakMap $known = null;

    public readonly Places $places;

    public readonly Ways $paths;

    /** @var array<string, LeadWay> */
    public readonly array $leads;

    /** @var array<string, Stretch> */
    public readonly array $stretches;

    private function __construct(private readonly Build $build)
    {
        $this->paths = new Ways($build);
        $this->places = new Places($build, $this->paths);
        $ways = [];
        foreach ($build->leads as $id => $lead) {
            $ways[$id] = $this->way($lead);
        }
        $in = [];
        foreach ($ways as $id => [$stretches]) {
            foreach ($stretches ?? [] as $stretch) {
                $in[$stretch][] = (string) $id;
            }
        }
        $stretches = [];
        foreach ($build->routes as $id => $route) {
            $stretches[$id] = $this->stretch($route, $in[$id] ?? []);
        }
        $this->stretches = $stretches;
        $slack = new Slack($build);
        $leads = [];
        foreach ($build->leads as $id => $lead) {
            $leads[$id] = $this->laid($lead, $slack, ...$ways[$id]);
        }
        $this->leads = $leads;
    }

    public static function of(Build $build): self
    {
        /** @var WeakMap<Build, self> $known */
        $known = self::$known ??= new WeakMap();

        return $known[$build] ??= new self($build);
    }

    /** @return array{list<string>|null, bool, array{string|null, string|null}} stretches, whether they are stated, places of its ends */
    private function way(Lead $lead): array
    {
        $core = [null, null];
        foreach ($lead->cores as $one) {
            if ($one[0] !== null && $one[1] !== null) {
                $core = $one;
                break;
            }
        }
        $ends = [
            $core[0] === null ? null : $this->places->of($core[0]),
            $core[1] === null ? null : $this->places->of($core[1]),
        ];
        if ($lead->route !== []) {
            return [$lead->route, true, $ends];
        }

        if ($core === [null, null]) {
            return $this->capped($lead);
        }

        return $ends[0] === null || $ends[1] === null
            ? [null, false, $ends]
            : [$this->paths->between($ends[0], $ends[1]), false, $ends];
    }

    /**
     * A lead of spare cores stays where it hangs.
     *
     * @return array{list<string>|null, bool, array{string|null, string|null}}
     */
    private function capped(Lead $lead): array
    {
        foreach (array_merge(...$lead->cores) as $pin) {
            $place = $pin === null ? null : $this->places->of($pin);
            if ($place !== null) {
                return [[], false, [$place, $place]];
            }
        }

        return [null, false, [null, null]];
    }

    /** @param  list<string>  $leads */
    private function stretch(Route $route, array $leads): Stretch
    {
        $cores = 0;
        $mm = [];
        foreach ($leads as $id) {
            $lead = $this->build->leads[$id];
            $cores += count($lead->cores);
            array_push($mm, ...$this->outsides($lead));
        }
        $need = $route->hinge?->needM(Bundle::around($mm)) ?? 0.0;

        return new Stretch($route, Zone::of($route), $leads, $cores, $mm, max((float) $route->lengthM, $need));
    }

    /**
     * Outside of what of a lead lies side by side, mm.
     *
     * @param  float|null  $areaMm2  of a wire that is not chosen
     * @return list<float>
     */
    public function outsides(Lead $lead, ?float $areaMm2 = null): array
    {
        $part = $this->build->part($lead->wire)->fields;
        $sheathed = $part->integer('cores', 1);
        if ($sheathed > 1) {
            $own = $this->coreMm($lead, $areaMm2);

            return [
                $part->numberOrNull('sheath_mm') ?? Bundle::around(array_fill(0, $sheathed, $own)) + self::SHEATH_MM,
            ];
        }

        return array_fill(0, count($lead->cores), $this->coreMm($lead, $areaMm2));
    }

    /** Outside of one core, mm. */
    public function coreMm(Lead $lead, ?float $areaMm2 = null): float
    {
        $part = $this->build->part($lead->wire)->fields;

        return $part->numberOrNull('outside_mm') ?? Copper::outsideMm($this->areaMm2($lead, $areaMm2));
    }

    public function areaMm2(Lead $lead, ?float $areaMm2 = null): float
    {
        return $this->build->part($lead->wire)->fields->number('area_mm2', $areaMm2 ?? self::STAND_IN_MM2);
    }

    /**
     * @param  list<string>|null  $stretches
     * @param  array{string|null, string|null}  $ends
     */
    private function laid(Lead $lead, Slack $slack, ?array $stretches, bool $stated, array $ends): LeadWay
    {
        $way = 0.0;
        foreach ($stretches ?? [] as $id) {
            $way += $this->stretches[$id]->lengthM ?? 0.0;
        }
        $endM = [$slack->endM($lead, 0, $ends[0]), $slack->endM($lead, 1, $ends[1])];
        $settings = $this->build->settings;
        $raw =
            $stretches === null
                ? null
                : $way * (1 + $settings->laidSlack) + $endM[0] + $endM[1] + Slack::inLineM($lead);
        $laid = new LeadWay(
            $lead->id,
            $stretches,
            $stated,
            $way,
            $raw,
            $endM,
            $ends,
            $lead->lengthM === null ? 'derived' : ($lead->lengthFrom ?: 'stated'),
            $lead->lengthM,
        );

        return $lead->lengthM !== null || $raw === null
            ? $laid
            : new LeadWay(
                $lead->id,
                $stretches,
                $stated,
                $way,
                $raw,
                $endM,
                $ends,
                'derived',
                $laid->derivedM($settings->roundM),
            );
    }

    /** Its own measured length, else the derived one; 0 only where there is no way. */
    public function lengthM(string $lead): float
    {
        return $this->leads[$lead]->lengthM ?? 0.0;
    }

    /**
     * Where something in line lies.
     *
     * @return array{string|null, float} stretch, and metres along the whole way from its "from" end
     */
    public function inLine(Lead $lead, Inline $thing): array
    {
        $laid = $this->leads[$lead->id];
        $m = max(0.0, ($thing->atM - $laid->endM[0]) / (1 + $this->build->settings->laidSlack));
        $end = 0.0;
        $last = null;
        foreach ($laid->stretches ?? [] as $id) {
            $end += $this->stretches[$id]->lengthM ?? 0.0;
            $last = $id;
            if ($m <= $end + 1e-9) {
                return [$id, $m];
            }
        }

        return [$last, min($m, $end)];
    }

    /**
     * The same, with metres inside the stretch from its own first place.
     *
     * @return array{string|null, float}
     */
    public function inStretch(Lead $lead, Inline $thing): array
    {
        [$stretch, $m] = $this->inLine($lead, $thing);
        $at = $this->leads[$lead->id]->ends[0];
        foreach ($this->leads[$lead->id]->stretches ?? [] as $id) {
            $laid = $this->stretches[$id];
            if ($id === $stretch) {
                $forward = $at === null || $laid->route->to !== $at;

                return [$stretch, $forward ? $m : max(0.0, $laid->lengthM - $m)];
            }
            $m = max(0.0, $m - $laid->lengthM);
            $at = $at === null ? null : $laid->route->over($at);
        }

        return [$stretch, $m];
    }

    /** @return array{string, float}|null the thickest stretch and its bundle in mm; null where nothing lies anywhere */
    public function thickest(): ?array
    {
        $best = null;
        foreach ($this->stretches as $id => $stretch) {
            if ($stretch->leads !== [] && ($best === null || $stretch->bundleMm() > $best[1])) {
                $best = [(string) $id, $stretch->bundleMm()];
            }
        }

        return $best;
    }

    /** @return list<string> leads that have no way, though some are laid */
    public function unlaid(): array
    {
        return array_keys(array_filter($this->leads, fn (LeadWay $l): bool => $l->stretches === null));
    }
}
