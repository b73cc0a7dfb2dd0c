<?php

declare(strict_types=1);

namespace BenchGlow\Build;

use BenchGlow\Format\Fields;

/** A fuse way, channel, stud or outlet of the host. */
final readonly class HostWay
{
    /** @param  array<array-key, mixed>|null  $liveWhen  over inputs; null: always */
    private function __construct(
        public string $id,
        public string $label,
        public string $kind,
        public bool $comfort,
        public ?float $fuseA,
        public ?float $boxMaxA,
        public ?float $loadA,
        public ?array $liveWhen,
        public string $fedBy,
    ) {
    }

    public static function of(Fields $f): self
    {
        return new self(
            $f->text('id'),
            $f->text('label', $f->text('id')),
            $f->text('kind'),
            $f->flag('comfort', true),
            $f->numberOrNull('fuse_a'),
            $f->numberOrNull('box_max_a'),
            $f->numberOrNull('load_a'),
            $f->has('live_when') ? $f->object('live_when')->data : null,
            $f->text('fed_by'),
        );
    }

    /** A bare point: it has no fuse and one side only. */
    public function isPoint(): bool
    {
        return in_array($this->kind, ['post', 'bus_stud'], true);
    }

    /** Something can be hung on its fuse or channel. */
    public function takesLoads(): bool
    {
        return in_array($this->kind, ['fuse_way', 'spare_way', 'panel_channel'], true);
    }

    /** @return list<string> */
    public function pins(): array
    {
        return $this->isPoint() ? ['line'] : ['line', 'load'];
    }
}
