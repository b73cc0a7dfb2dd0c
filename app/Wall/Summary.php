<?php

declare(strict_types=1);

namespace App\Wall;

use App\Stations\Standing;
use App\Stations\Stations;
use BenchGlow\Build\Document;
use BenchGlow\Build\Names;
use BenchGlow\Check\Review;
use BenchGlow\Drawing\LightRow;
use BenchGlow\Drawing\Svg;

/** What the wall shows of a build, small enough to be kept for hundreds of them. */
final readonly class Summary
{
    /** Circuits whose light is drawn. */
    private const ROWS = 5;

    /** Lamps drawn of one light. */
    private const LAMPS = 24;

    /**
     * @param  array<string, string>  $beads  station => bead
     * @param  array{severity: string, message: string}|null  $worst
     * @param  string  $picture  its lights, as SVG shapes
     */
    private function __construct(
        public string $title,
        public string $place,
        public int $circuits,
        public float $amps,
        public array $beads,
        public ?array $worst,
        public string $picture,
        public int $height,
    ) {
    }

    public static function of(Document $document, Review $review, bool $pinned, Stations $stations): self
    {
        $standing = new Standing($document, $review, $pinned);
        $beads = [];
        foreach ($stations->all() as $key => $station) {
            $beads[$key] = $station->bead($standing)->value;
        }
        $worst = $review->open()[0] ?? null;
        $circuits = count($review->analysis->build->circuits);

        return new self(
            $document->title(),
            str_replace('_', ' ', $document->fields()->text('place')),
            $circuits,
            $review->analysis->states['nominal']->totalA(),
            $beads,
            $worst === null
                ? null
                : ['severity' => $worst->severity->value, 'message' => Names::of($document)->sentence($worst->message)],
            self::picture($review),
            24 + 34 * max(1, min(self::ROWS, $circuits)),
        );
    }

    private static function picture(Review $review): string
    {
        $analysis = $review->analysis;
        $shapes = [];
        foreach (array_slice(array_keys($analysis->build->circuits), 0, self::ROWS) as $n => $circuit) {
            foreach (array_slice($analysis->build->lightsOf((string) $circuit), 0, 1) as $light) {
                $lit = $analysis->litState($light->id, 'nominal')->lights[$light->id] ?? [];
                array_push($shapes, ...LightRow::shapes($light, $lit, 14.0, 20.0 + 34 * $n, 272.0, 15.0, self::LAMPS));
            }
        }

        return Svg::shapes($shapes);
    }
}
