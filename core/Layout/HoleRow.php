<?php

declare(strict_types=1);

namespace BenchGlow\Layout;

use BenchGlow\Build\Light;
use BenchGlow\Format\Fields;

/** Holes in a row from edge to edge of a flat (layout-harness.md 3). Millimetres; x from the left edge of the front. */
final readonly class HoleRow
{
    /** Legs of an LED that still reach its neighbour, mm. */
    public const LEG_MM = 17.0;

    /**
     * @param  list<float>  $atMm  middles of the holes, from the front's left
     * @param  float|null  $webMm  between two holes; null where there is one
     * @param  float  $endMm  from the end of the flat to the first hole
     * @param  float|null  $edgeMm  from the long edge to the hole; null where it is not known
     */
    private function __construct(
        public float $lengthMm,
        public float $widthMm,
        public array $atMm,
        public float $pitchMm,
        public float $bodyMm,
        public float $drillMm,
        public ?string $ease,
        public ?float $webMm,
        public float $endMm,
        public ?float $edgeMm,
        public float $flangeMm,
        public ?float $outMm,
        public int $perString,
        private float $edgeAtMm,
        public float $unevenMm = 0.0,
    ) {
    }

    public static function of(Fields $f, Fields $part, ?Light $light = null): self
    {
        $body = $part->number('diameter_mm', $f->number('hole_mm', 5.0));
        [$drill, $ease] = self::drill($body, $f->text('fit', 'nominal'), $f->numberOrNull('hole_mm'));
        $count = $f->has('count') ? $f->integer('count', 1) : $light?->count() ?? 1;
        $length = 1000 * $f->number('length_m');
        $at = self::places($length, 1000 * $f->number('margin_m'), $count, $f->numberOrNull('pitch_m'));
        $pitch = count($at) > 1 ? $at[1] - $at[0] : 0.0;
        $edge = $f->numberOrNull('edge_mm');
        $height = $part->numberOrNull('height_mm');
        $width = $f->number('width_mm', 2 * (float) $edge);

        return new self(
            $length,
            $width,
            $at,
            $pitch,
            $body,
            $drill,
            $ease,
            count($at) > 1 ? $pitch - $drill : null,
            ($at[0] ?? 0.0) - $drill / 2,
            $edge === null ? null : $edge - $drill / 2,
            $part->number('flange_mm', $body + 0.8),
            $height === null || ! $f->has('wall_mm') ? null : $height - $f->number('wall_mm'),
            $light?->fields->integer('per_string', 1) ?? 1,
            $edge ?? $width / 2,
            max(0.0, $f->number('wall_to_mm') - $f->number('wall_mm', $f->number('wall_to_mm'))),
        );
    }

    /** A wall more uneven than this is ground to its thinnest, mm. */
    private const UNEVEN_MM = 0.5;

    /** "the LEDs stand 3.4 mm out of the wall; the wall is uneven by 0.8 mm: grind it to its thinnest" */
    public function wallWords(): string
    {
        $mm = fn (float $v): string => rtrim(rtrim(number_format($v, 1, '.', ''), '0'), '.').' mm';
        $said = [];
        if ($this->outMm !== null) {
            $said[] =
                $this->outMm >= 0.0
                    ? "the LEDs stand {$mm($this->outMm)} out of the wall"
                    : "the LEDs end {$mm(-$this->outMm)} inside the wall";
        }
        if ($this->unevenMm > self::UNEVEN_MM + 1e-9) {
            $said[] = "the wall is uneven by {$mm($this->unevenMm)}: grind it to its thinnest";
        }

        return implode('; ', $said);
    }

    /**
     * With a pitch as many as fit and the row in the middle, else the count spread from margin to margin; one in the middle.
     *
     * @return list<float>
     */
    private static function places(float $length, float $margin, int $count, ?float $pitchM): array
    {
        $usable = max(0.0, $length - 2 * $margin);
        if ($pitchM !== null && $pitchM > 0.0) {
            $pitch = 1000 * $pitchM;
            $n = min(10_000, (int) floor($usable / $pitch + 1e-9) + 1);
            $from = ($length - ($n - 1) * $pitch) / 2;

            return array_map(fn (int $i): float => $from + $i * $pitch, range(0, $n - 1));
        }
        if ($count <= 1) {
            return [$length / 2];
        }
        $pitch = $usable / ($count - 1);

        return array_map(fn (int $i): float => $margin + $i * $pitch, range(0, $count - 1));
    }

    /**
     * @param  float|null  $stated  what the maker of a bezel says, or what was chosen
     * @return array{float, string|null} drill, and what is left to the file
     */
    private static function drill(float $body, string $fit, ?float $stated): array
    {
        $up = ceil($body * 10 - 1e-6) / 10;
        $down = max(0.1, (ceil($body * 10 - 1e-6) - 1) / 10);

        return match ($fit) {
            'bezel' => [$stated ?? $up, null],
            'tight' => [$down, 'ease it by '.number_format($body - $down, 2, '.', '').' mm'],
            default => [$stated ?? $up, null],
        };
    }

    /** The least web that the setting asks for: holes in wood may stand nearer. */
    public function leastWebMm(float $leastWeb, string $material): float
    {
        return $this->drillMm * $leastWeb * ($material === 'wood' ? 0.5 : 1.0);
    }

    /** Least of all that is left standing, mm. */
    public function thinnestMm(): float
    {
        return min($this->webMm ?? INF, $this->endMm, $this->edgeMm ?? INF);
    }

    /** Whether the flange finds room on the flat, with 1 mm beside it. */
    public function flangeFits(): bool
    {
        return $this->widthMm <= 0.0 || $this->flangeMm + 1.0 <= $this->widthMm;
    }

    /**
     * Holes as they are seen from a side, numbered from the front's left either way.
     *
     * @return list<array{n: int, x: float, y: float, string: int, plus: int, bridge: bool}> mm; plus: 1 its leg to the right, −1 to the left
     */
    public function seen(bool $back): array
    {
        $all = [];
        foreach ($this->atMm as $i => $x) {
            $string = intdiv($i, max(1, $this->perString));
            $last = $i + 1 === count($this->atMm) || intdiv($i + 1, max(1, $this->perString)) !== $string;
            $all[] = [
                'n' => $i + 1,
                'x' => $back ? $this->lengthMm - $x : $x,
                'y' => $this->edgeAtMm,
                'string' => $string + 1,
                'plus' => $back ? 1 : -1,
                'bridge' => ! $last && $this->pitchMm + 3.0 > self::LEG_MM,
            ];
        }

        return $all;
    }

    public function mirrored(): self
    {
        $at = array_reverse(array_map(fn (float $x): float => $this->lengthMm - $x, $this->atMm));

        return new self(
            $this->lengthMm,
            $this->widthMm,
            $at,
            $this->pitchMm,
            $this->bodyMm,
            $this->drillMm,
            $this->ease,
            $this->webMm,
            ($at[0] ?? 0.0) - $this->drillMm / 2,
            $this->edgeMm,
            $this->flangeMm,
            $this->outMm,
            $this->perString,
            $this->edgeAtMm,
            $this->unevenMm,
        );
    }
}
