<?php

declare(strict_types=1);

namespace BenchGlow\Build;

use BenchGlow\Format\Fields;

/** A stretch that leads run along. */
final readonly class Route
{
    /** @param  list<string>  $hazards  hot · moving · sharp · wet · fuel · pinch */
    private function __construct(
        public string $id,
        public string $label,
        public ?float $lengthM,
        public string $zone,
        public ?float $ambientC,
        public array $hazards,
    ) {
    }

    public static function of(Fields $f): self
    {
        return new self(
            $f->text('id'),
            $f->text('label', $f->text('id')),
            $f->numberOrNull('length_m'),
            $f->text('zone'),
            $f->numberOrNull('ambient_c'),
            $f->texts('hazards'),
        );
    }

    public function is(string $hazard): bool
    {
        return in_array($hazard, $this->hazards, true);
    }
}
