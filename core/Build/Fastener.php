<?php

declare(strict_types=1);

namespace BenchGlow\Build;

use BenchGlow\Format\Fields;

/** What holds a panel: so many of a kind and size, and where they are now. */
final readonly class Fastener
{
    /** Holds something a life hangs on; marked, it is left alone. */
    private const FORBIDDEN = ['seat belt', 'seat-belt', 'steering', 'brake', 'fuel', 'suspension', 'restraint'];

    /** Said as a size: thread and length in mm. */
    private const METRIC = '/^M(\d+(?:\.\d+)?)(?:\s*x\s*(\d+(?:\.\d+)?))?$/i';

    /** @param  list<string>  $only  versions of the host that have it */
    private function __construct(
        public string $id,
        public string $where,
        public string $panel,
        public string $kind,
        public int $count,
        public string $size,
        public bool $washer,
        public bool $hidden,
        public bool $singleUse,
        public string $bag,
        public bool $off,
        public bool $back,
        public ?float $lengthMm,
        public string $drive,
        public ?float $torqueNm,
        public bool $critical,
        public int $lost,
        public ?string $replacedBy,
        public array $only,
    ) {
    }

    public static function of(Fields $f): self
    {
        return new self(
            $f->text('id'),
            $f->text('where'),
            $f->text('panel'),
            $f->text('kind', 'screw'),
            $f->integer('count', 1),
            $f->text('size'),
            $f->flag('washer'),
            $f->flag('hidden'),
            $f->flag('single_use'),
            $f->text('bag'),
            $f->flag('off'),
            $f->flag('back'),
            $f->numberOrNull('length_mm'),
            $f->text('drive'),
            $f->numberOrNull('torque_nm'),
            $f->flag('critical'),
            $f->integer('lost'),
            $f->textOrNull('replaced_by'),
            $f->texts('only'),
        );
    }

    /** "M5x16 screw", without how many. */
    public function named(): string
    {
        return trim("{$this->size} ".str_replace('_', ' ', $this->kind));
    }

    /** Diameter of the thread, mm; null where the size does not say. */
    public function threadMm(): ?float
    {
        return preg_match(self::METRIC, trim($this->size), $m) === 1 ? (float) $m[1] : $this->inchMm();
    }

    /** "push rivet 6.5" says its hole, "no 8 x 3/4" its gauge. */
    private function inchMm(): ?float
    {
        return match (true) {
            preg_match('/^no\s*(\d+)/i', $this->size, $m) === 1 => round((0.06 + 0.013 * (float) $m[1]) * 25.4, 2),
            preg_match('/(\d+(?:\.\d+)?)\s*$/', $this->size, $m) === 1 => (float) $m[1],
            default => null,
        };
    }

    /** As stated, else as the size says, mm. */
    public function longMm(): ?float
    {
        if ($this->lengthMm !== null) {
            return $this->lengthMm;
        }
        if (preg_match(self::METRIC, trim($this->size), $m) === 1) {
            return isset($m[2]) ? (float) $m[2] : null;
        }

        return preg_match('/^no\s*\d+\s*x\s*(?:(\d+)\s+)?(\d+)\/(\d+)$/i', trim($this->size), $m) === 1
            ? ((float) $m[1] + (float) $m[2] / max(1.0, (float) $m[3])) * 25.4
            : null;
    }

    public function isForbidden(): bool
    {
        $words = strtolower("{$this->where} {$this->panel} {$this->kind}");

        return array_filter(self::FORBIDDEN, fn (string $w): bool => str_contains($words, $w)) !== [];
    }

    /** "4 bolts M5x16 with washers" */
    public function words(): string
    {
        return "{$this->count} × ".
            trim(str_replace('_', ' ', $this->kind)." {$this->size}").
            ($this->washer ? ', with washers' : '');
    }
}
