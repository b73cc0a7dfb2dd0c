<?php

declare(strict_types=1);

namespace BenchGlow\Drawing;

use BenchGlow\Check\Finding;
use BenchGlow\Check\Severity;
use BenchGlow\Prove\FaultTable;
use BenchGlow\Prove\Suspect;

/** The circuit while something in it is looked for: numbered places, the tips where they go, what is cleared as thin ink. */
final class HuntDrawing
{
    /** Beside the list of suspects. */
    public const WIDE = 428.0;

    /**
     * @param  list<Suspect>  $shown  numbered in this order
     * @param  list<Suspect>  $left  not ruled out: their wire stays copper
     * @param  array<string, string>  $tips  red and black
     * @param  array<string, string>  $with  inputs as they are thrown
     */
    public static function of(
        FaultTable $table,
        array $with,
        array $shown,
        array $left,
        array $tips,
        float $width = self::WIDE,
        bool $narrow = false,
    ): Drawing {
        $works = $table->works;
        $analysis = $works->analysis->at($with);
        $scheme = Scheme::of($analysis->build, $analysis->harness, $analysis->bodies, $works->circuit);
        $findings = array_map(
            fn (Suspect $s): Finding => new Finding(
                'hunt',
                Severity::Note,
                $works->circuit,
                self::place($s),
                $s->says(),
            ),
            $shown,
        );
        $drawing = $narrow
            ? CircuitDrawing::narrow($analysis, $works->circuit, 'nominal', $width, 'metric', $tips, $findings, $scheme)
            : CircuitDrawing::wide($analysis, $works->circuit, 'nominal', $width, 'metric', $tips, $findings, $scheme);
        $suspected = [];
        foreach ($left as $suspect) {
            foreach ($suspect->places() as $place) {
                foreach (self::pins($table, $place) as $pin) {
                    $suspected[(string) $scheme->net($pin)] = true;
                }
            }
        }
        $shapes = array_map(
            fn (Shape $s): Shape => $s->kind === 'wire' && $s->pin !== ''
                ? $s->stated(isset($suspected[(string) $scheme->net($s->pin)]) ? 'live' : 'cleared')
                : $s,
            $drawing->shapes,
        );

        return new Drawing($drawing->width, $drawing->height, $shapes, $drawing->title, $drawing->description);
    }

    /** Where its number stands: the thing its first place belongs to. */
    private static function place(Suspect $suspect): string
    {
        return explode('.', $suspect->places()[0] ?? '')[0];
    }

    /** @return list<string> pins at a place: its own, or the ends of a wire or thing */
    private static function pins(FaultTable $table, string $place): array
    {
        $pins = array_values(
            array_filter(
                $table->works->pins(),
                fn (string $pin): bool => $pin === $place || str_starts_with($pin, "{$place}."),
            ),
        );
        $wire = $table->works->harness->wires[$place] ?? null;

        return $wire === null ? $pins : [...$pins, $wire->from, $wire->to];
    }
}
