<?php

declare(strict_types=1);

namespace BenchGlow\Build;

use BenchGlow\Format\Fields;

/** A wire that the host has already. */
final readonly class HostWire
{
    /**
     * @param  array<array-key, mixed>|null  $liveWhen  over inputs; null: always
     * @param  string  $behaviour  steady · flashing · timed · fading
     * @param  list<HostLamp>  $loads
     */
    private function __construct(
        public string $id,
        public string $label,
        public string $kind,
        public bool $positive,
        public ?array $liveWhen,
        public string $behaviour,
        public float $flashHz,
        public ?float $offAfterS,
        public string $fedBy,
        public ?string $way,
        public ?float $fuseA,
        public float $sourceOhm,
        public ?float $areaMm2,
        public ?float $maxA,
        public string $tap,
        public array $loads,
    ) {
    }

    public static function of(Fields $f): self
    {
        $behaviour = $f->object('behaviour');

        return new self(
            $f->text('id'),
            $f->text('label', $f->text('id')),
            $f->text('kind'),
            $f->text('polarity') === 'positive',
            $f->has('live_when') ? $f->object('live_when')->data : null,
            $behaviour->text('kind', 'steady'),
            $behaviour->number('hz', 1.5),
            $behaviour->numberOrNull('off_after_s'),
            $f->text('fed_by'),
            $f->textOrNull('way'),
            $f->numberOrNull('fuse_a'),
            $f->number('source_ohm', 0.05),
            $f->numberOrNull('area_mm2'),
            $f->numberOrNull('max_a'),
            $f->text('tap', 'allowed'),
            array_map(HostLamp::of(...), $f->objects('loads')),
        );
    }

    public function mayBeTapped(): bool
    {
        return $this->tap !== 'never';
    }

    /** @return array<array-key, mixed> when it is live, said even where that is always */
    public function live(): array
    {
        return $this->liveWhen ?? ['all' => []];
    }

    public function flashes(): bool
    {
        return $this->behaviour === 'flashing';
    }

    public function fades(): bool
    {
        return $this->behaviour === 'fading';
    }

    /** Goes dead some time after it came on. */
    public function isTimed(): bool
    {
        return $this->behaviour === 'timed';
    }
}
