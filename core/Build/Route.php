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
        public ?string $from,
        public ?string $to,
        public string $fixing,
        public string $access,
        public string $sleeve,
        public ?float $sleeveMm,
        public bool $endsClosed,
        public ?float $spacingM,
        public ?float $heatGapM,
        public string $pull,
        public ?float $minutes,
        public bool $dripLoop,
        public ?string $loom,
        public ?Hinge $hinge,
        public ?string $reach,
        private string $ownLabel,
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
            $f->textOrNull('from'),
            $f->textOrNull('to'),
            $f->text('fixing'),
            $f->text('access', 'open'),
            $f->text('sleeve', 'none'),
            $f->numberOrNull('sleeve_mm'),
            $f->flag('ends_closed'),
            $f->numberOrNull('spacing_m'),
            $f->numberOrNull('heat_gap_m'),
            $f->text('pull', 'open'),
            $f->numberOrNull('minutes'),
            $f->flag('drip_loop'),
            $f->textOrNull('loom'),
            $f->has('hinge') ? Hinge::of($f->object('hinge')) : null,
            $f->textOrNull('reach'),
            $f->flag('unnamed') ? '' : $f->text('label'),
        );
    }

    /** Whether somebody gave it a name. */
    public function isNamed(): bool
    {
        return $this->ownLabel !== '';
    }

    public function moves(): bool
    {
        return $this->zone === 'hinge' || $this->is('moving') || $this->hinge !== null;
    }

    /** The place at its other end. */
    public function over(string $place): ?string
    {
        return match ($place) {
            $this->from => $this->to,
            $this->to => $this->from,
            default => null,
        };
    }

    public function is(string $hazard): bool
    {
        return in_array($hazard, $this->hazards, true);
    }
}
