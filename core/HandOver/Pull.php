<?php

declare(strict_types=1);

namespace BenchGlow\HandOver;

/** One thing that is pulled, taken off or switched off, and how it is got at. */
final readonly class Pull
{
    /**
     * @param  string  $kind  fuse · tap · way · terminal · mains
     * @param  string  $words  "Pull fuse F1, 5 A"
     * @param  string  $source  what it is on: "House bank"
     * @param  float|null  $distanceM  along the wire from its source
     * @param  list<string>  $panels  what comes off before it, the outermost first
     * @param  string|null  $photo  sha256 of the picture of it
     */
    public function __construct(
        public string $id,
        public string $kind,
        public string $words,
        public string $source,
        public ?float $distanceM,
        public array $panels,
        public int $fasteners,
        public float $minutes,
        public ?string $photo,
    ) {
    }

    /** "saddle, then tube tray: 10 fasteners, 9 min"; "in reach" where nothing comes off */
    public function path(): string
    {
        if ($this->panels === []) {
            return 'in reach';
        }
        $more = $this->fasteners === 0 ? '' : ": {$this->fasteners} fasteners";

        return implode(', then ', $this->panels)."{$more}, ".max(1, (int) round($this->minutes)).' min';
    }
}
