<?php

declare(strict_types=1);

namespace App\Stations\Probe;

use BenchGlow\Drawing\Shape;
use BenchGlow\Probe\Judged;

/** One wire of the bundle as it is drawn. */
final readonly class WireRow
{
    /**
     * @param  float  $cx  middle of its cavity
     * @param  list<array{string, string, int}>  $plumbs  figure, condition, how often
     * @param  int  $older  readings that are not drawn
     * @param  Shape|null  $pin  number of what is found of it
     */
    public function __construct(
        public Judged $judged,
        public float $y,
        public float $cx,
        public float $cy,
        public bool $here,
        public array $plumbs,
        public string $url,
        public int $older,
        public ?Shape $pin,
    ) {
    }

    public function colour(): string
    {
        return Bundled::colour($this->judged->wire->colour);
    }

    public function tracer(): string
    {
        $tracer = $this->judged->wire->tracer ?? '';

        return $tracer === '' ? '' : Bundled::colour($tracer);
    }

    public function thick(): int
    {
        return $this->here ? 14 : 8;
    }

    /** From its cavity out and along its own line. */
    public function path(float $edge): string
    {
        return "M{$this->cx} {$this->cy}H{$edge}L".($edge + 40.0)." {$this->y}H".Bundled::END;
    }
}
