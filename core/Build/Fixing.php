<?php

declare(strict_types=1);

namespace BenchGlow\Build;

use BenchGlow\Format\Fields;

/** How a light or a device is held. */
final readonly class Fixing
{
    private const STUCK = ['tape', 'bond_tape', 'glue', 'hot_glue', 'hook_tape'];

    /** Seconds until it may be loaded, where nobody says. */
    private const CURE_S = [
        'tape' => 86_400.0,
        'bond_tape' => 259_200.0,
        'glue' => 86_400.0,
        'hot_glue' => 120.0,
        'hook_tape' => 86_400.0,
    ];

    private function __construct(
        public string $id,
        public string $of,
        public string $kind,
        public string $on,
        public int $count,
        public string $size,
        public string $prep,
        public float $holdS,
        public float $cureS,
        public bool $trial,
        public ?string $part,
    ) {
    }

    public static function of(Fields $f): self
    {
        $kind = $f->text('kind');

        return new self(
            $f->text('id'),
            $f->text('of'),
            $kind,
            $f->text('on'),
            $f->integer('count', 1),
            $f->text('size'),
            $f->text('prep', 'wipe'),
            $f->number('hold_s'),
            $f->numberOrNull('cure_s') ?? (self::CURE_S[$kind] ?? 0.0),
            $f->flag('trial'),
            $f->textOrNull('part'),
        );
    }

    /** What its kind takes until it may be loaded, s. */
    public static function usualCureS(string $kind): float
    {
        return self::CURE_S[$kind] ?? 0.0;
    }

    /** Whether it holds by a face that has to be clean. */
    public function isStuck(): bool
    {
        return in_array($this->kind, self::STUCK, true);
    }

    /** The same held by screws. */
    public function screwed(): self
    {
        return new self(
            $this->id,
            $this->of,
            'screw',
            $this->on,
            max(2, $this->count),
            $this->size,
            'none',
            0.0,
            0.0,
            $this->trial,
            $this->part,
        );
    }

    public function words(): string
    {
        return str_replace('_', ' ', $this->kind);
    }
}
