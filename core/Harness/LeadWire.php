<?php

declare(strict_types=1);

namespace BenchGlow\Harness;

use BenchGlow\Build\Build;
use BenchGlow\Build\Lead;
use BenchGlow\Loom\Loom;
use BenchGlow\Loom\Stretch;
use BenchGlow\Parts\Copper;
use BenchGlow\Quantity\Gauge;

/** The conductor of a lead in its place: size, temperature, company. */
final readonly class LeadWire
{
    /** Copper of a lead without a route (solving.md, readings). */
    private const AMBIENT_C = 30.0;

    public function __construct(
        public float $areaMm2,
        public ?int $awg,
        public float $insulationC,
        public string $material,
        public float $ambientC,
        public float $meanC,
        public int $bundle,
        public bool $moves,
        public bool $chosen,
        public float $leastMm2 = 0.5,
        public ?int $strands = null,
    ) {
    }

    /**
     * The part chosen for the lead, or $standIn where it follows the recommendation.
     *
     * @param  int  $bundle  wires that warm each other where it lies
     */
    public static function of(Build $build, Lead $lead, ?Gauge $standIn, int $bundle = 1): self
    {
        $loom = Loom::of($build);
        $stretches = array_map(
            fn (string $r): ?Stretch => $loom->stretches[$r] ?? null,
            $loom->leads[$lead->id]->stretches ?? [],
        );
        $ambients = array_map(fn (?Stretch $s): float => $s->zone->ambientC ?? self::AMBIENT_C, $stretches);
        $part = $lead->wire === null ? null : ($build->parts[$lead->wire] ?? null)?->fields;
        $area = $part?->number('area_mm2') ?? ($standIn->areaMm2 ?? 1.0);
        $awg = $part === null ? $standIn?->awg : ($part->has('awg') ? $part->integer('awg') : null);

        return new self(
            $area,
            $awg,
            $part?->number('insulation_c', Copper::INSULATION_C) ?? Copper::INSULATION_C,
            $part?->text('material', 'copper') ?? 'copper',
            $ambients === [] ? self::AMBIENT_C : max($ambients),
            self::mean($ambients, array_map(fn (?Stretch $s): float => $s->lengthM ?? 0.0, $stretches)),
            $bundle,
            array_filter($stretches, self::bends(...)) !== [],
            $part !== null,
            Copper::leastMm2($build->document->fields()->text('place'), count($lead->cores)),
            $part?->integerOrNull('strands'),
        );
    }

    public function thickenedTo(float $areaMm2): self
    {
        return new self(
            $areaMm2,
            null,
            $this->insulationC,
            $this->material,
            $this->ambientC,
            $this->meanC,
            $this->bundle,
            $this->moves,
            $this->chosen,
            $this->leastMm2,
            $this->strands,
        );
    }

    public function beside(int $bundle): self
    {
        return new self(
            $this->areaMm2,
            $this->awg,
            $this->insulationC,
            $this->material,
            $this->ambientC,
            $this->meanC,
            $bundle,
            $this->moves,
            $this->chosen,
            $this->leastMm2,
            $this->strands,
        );
    }

    public function ohmPerM(): float
    {
        return Copper::ohmPerM($this->areaMm2, $this->meanC, $this->material);
    }

    public function allowedA(): float
    {
        return Copper::allowedA($this->areaMm2, $this->insulationC, $this->ambientC, $this->bundle);
    }

    /** The largest fuse it may lie behind: what it bears there, and never more than its copper's ceiling (electrics.md 11 a). */
    public function fuseA(): float
    {
        return min($this->allowedA(), Copper::ceilingA($this->areaMm2));
    }

    public function label(): string
    {
        return ($this->awg !== null ? Gauge::awg($this->awg) : Gauge::mm2($this->areaMm2))->label();
    }

    /**
     * By the lengths, where they are known.
     *
     * @param  list<float>  $ambients
     * @param  list<float>  $lengths
     */
    private static function mean(array $ambients, array $lengths): float
    {
        $known = array_sum($lengths);

        return match (true) {
            $ambients === [] => self::AMBIENT_C,
            $known > 0.0 => array_sum(array_map(fn (float $c, float $m): float => $c * $m, $ambients, $lengths)) /
                $known,
            default => array_sum($ambients) / count($ambients),
        };
    }

    private static function bends(?Stretch $stretch): bool
    {
        return $stretch !== null && ($stretch->route->moves() || $stretch->route->zone === 'floor');
    }
}
