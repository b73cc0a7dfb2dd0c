<?php

declare(strict_types=1);

namespace BenchGlow\Layout;

use BenchGlow\Format\Fields;

/** Something put on a piece: a line, a hole, a cut (layout-harness.md 3). */
final readonly class Mark
{
    /** What comes out on the other side, so that one looks there first. */
    private const THROUGH = ['hole', 'cut', 'slot', 'drain'];

    /** As good as it has to be where nothing is said, mm. */
    private const ACCURACY = [
        'hole' => 1.0,
        'drain' => 1.0,
        'slot' => 1.0,
        'centre' => 0.5,
        'line' => 1.0,
        'cut' => 1.0,
    ];

    /**
     * @param  array{float, float}  $atM  from the datum, and from the upper edge
     * @param  array{float, float}|null  $toM
     */
    private function __construct(
        public string $id,
        public string $kind,
        public array $atM,
        public ?array $toM,
        public ?float $drillMm,
        public ?float $depthMm,
        public string $thread,
        public float $accuracyMm,
        public string $coveredBy,
        public bool $looked,
    ) {
    }

    public static function of(Fields $f): self
    {
        $kind = $f->text('kind');
        $point = fn (string $field): ?array => count($f->items($field)) === 2
            ? array_map(fn (mixed $v): float => is_numeric($v) ? (float) $v : 0.0, $f->items($field))
            : null;
        $covered = $f->text('covered_by');
        // A cut that is covered may be as rough as its cover is wide.
        $usual = $kind === 'cut' && $covered !== '' ? 3.0 : self::ACCURACY[$kind] ?? 1.0;
        /** @var array{float, float} $at */
        $at = $point('at_m') ?? [0.0, 0.0];
        /** @var array{float, float}|null $to */
        $to = $point('to_m');

        return new self(
            $f->text('id'),
            $kind,
            $at,
            $to,
            $f->numberOrNull('drill_mm'),
            $f->numberOrNull('depth_mm'),
            $f->text('thread'),
            $f->number('accuracy_mm', $usual),
            $covered,
            $f->flag('looked'),
        );
    }

    /** It goes through, and nobody has looked what lies behind. */
    public function isBlind(): bool
    {
        return in_array($this->kind, self::THROUGH, true) && $this->depthMm === null && ! $this->looked;
    }

    /** "within 3 mm, the bezel covers it" */
    public function accuracyWords(): string
    {
        $mm = rtrim(rtrim(number_format($this->accuracyMm, 2, '.', ''), '0'), '.');

        return "within {$mm} mm".($this->coveredBy === '' ? '' : ", {$this->coveredBy} covers it");
    }
}
