<?php

declare(strict_types=1);

namespace BenchGlow\Layout;

use BenchGlow\Format\Fields;

/** A thing that is worked on, with its outline, its datum and what is put on it (layout-harness.md 1, 3). */
final readonly class Piece
{
    /** Pilot drill of a tapped hole: thread less pitch, mm (ISO 724). */
    private const TAPPED = ['M3' => 2.5, 'M4' => 3.3, 'M5' => 4.2, 'M6' => 5.0];

    /** @param  list<Mark>  $marks */
    private function __construct(
        public string $id,
        public string $label,
        public Outline $outline,
        public float $thicknessMm,
        public string $material,
        public ?float $softensC,
        public bool $loaded,
        public string $datum,
        public float $datumM,
        public array $marks,
    ) {
    }

    public static function of(Fields $f): self
    {
        $marks = array_map(Mark::of(...), $f->objects('marks'));

        return new self(
            $f->text('id'),
            $f->text('label', $f->text('id')),
            Shapes::outline($f->object('outline')),
            $f->number('thickness_mm'),
            $f->text('material', 'plastic'),
            $f->numberOrNull('softens_c'),
            $f->flag('loaded'),
            $f->text('datum', 'left'),
            $f->number('datum_m'),
            $marks,
        );
    }

    /** Where its datum stands from the left edge, m. */
    public function datumAt(): float
    {
        [$left, , $right] = $this->outline->bounds();

        return match ($this->datum) {
            'right' => $right,
            'centre' => ($left + $right) / 2,
            'line' => $this->datumM,
            default => $left,
        };
    }

    /** Metres of a mark from the left edge. */
    public function leftM(Mark $mark): float
    {
        return $this->datumAt() + ($this->datum === 'right' ? -1 : 1) * $mark->atM[0];
    }

    /** A stop on the drill: through the sheet and 3 mm. */
    public function collarMm(): float
    {
        return $this->thicknessMm + 3.0;
    }

    /** Drill of a mark, mm; of a thread its pilot. */
    public static function drillMm(Mark $mark): ?float
    {
        return self::TAPPED[$mark->thread] ?? $mark->drillMm;
    }

    /** Melts or softens within 15 K of so many degrees, or of what its material stands where nothing is said. */
    public function standsC(): float
    {
        return $this->softensC ??
            ([
                'plastic' => 80.0,
                'composite' => 90.0,
                'wood' => 100.0,
                'fabric' => 90.0,
                'rubber' => 90.0,
            ][$this->material] ??
                200.0);
    }
}
