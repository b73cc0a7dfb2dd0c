<?php

declare(strict_types=1);

namespace BenchGlow\Check\Loom;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Lead;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Severity;
use BenchGlow\Loom\Ends;
use BenchGlow\Quantity\Words;

/** A terminal with all that is crimped or clamped into it (layout-harness.md 9). */
final readonly class Terminals
{
    /** Wires further apart in copper than this don't hold in one barrel. */
    private const RATIO = 3.0;

    private const MOST_WIRES = 2;

    /**
     * @param  float  $copper  mm² of all wires in it
     * @param  float  $least  that it grips
     * @param  float  $most  that it takes
     */
    private function __construct(
        public string $lead,
        public string $pin,
        public string $name,
        public float $copper,
        public float $least,
        public float $most,
        public int $wires,
        public int $mostWires,
        public bool $unlike,
    ) {
    }

    /** @return list<self> ends with a chosen terminal; wires on one pin with the same terminal share it */
    public static function of(Analysis $analysis): array
    {
        $build = $analysis->build;
        $shared = [];
        foreach ($build->leads as $lead) {
            foreach ([0, 1] as $end) {
                $part = $build->parts[(string) $lead->endParts[$end]] ?? null;
                if ($part === null || ! $part->fields->isA('terminal')) {
                    continue;
                }
                foreach ($lead->cores as $core) {
                    if ($core[$end] !== null) {
                        $shared["{$core[$end]}/{$lead->endParts[$end]}"][] = $lead;
                    }
                }
            }
        }
        $all = [];
        foreach ($shared as $key => $leads) {
            [$pin, $part] = explode('/', $key, 2);
            $all[] = self::one($analysis, $pin, $part, $leads);
        }

        return $all;
    }

    /** @param  non-empty-list<Lead>  $leads */
    private static function one(Analysis $analysis, string $pin, string $part, array $leads): self
    {
        $fields = $analysis->build->part($part)->fields;
        $areas = array_map(fn (Lead $l): float => $analysis->leads[$l->id]->wire->areaMm2, $leads);
        $band = array_map(fn (mixed $v): float => is_numeric($v) ? (float) $v : 0.0, $fields->items('accepts_mm2'));

        return new self(
            $leads[0]->id,
            $pin,
            $fields->text('label', Ends::terminal($analysis->build, $leads[0], 0, $areas[0])),
            array_sum($areas),
            $band[0] ?? 0.0,
            $band[1] ?? INF,
            count($areas),
            $fields->integer('max_wires', self::MOST_WIRES),
            max($areas) > self::RATIO * min($areas) + 1e-9,
        );
    }

    public function found(Analysis $analysis, string $rule, Severity $severity, string $words): Finding
    {
        return new Finding(
            $rule,
            $severity,
            $analysis->build->leads[$this->lead]->circuit,
            $this->lead,
            Words::first($this->name).
                ' on '.
                Words::within($analysis->build->leads[$this->lead]->label).
                " {$words}",
        );
    }
}
