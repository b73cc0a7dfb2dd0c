<?php

declare(strict_types=1);

namespace BenchGlow\Story;

/** What one solved pattern of positions gave to a day: how long it lasted and what it drew. */
final readonly class Share
{
    /**
     * @param  array<string, string>  $positions  inputs away from rest that act on the build
     * @param  list<string>  $dead  timed host wires whose time was over
     * @param  string  $supply  min · nominal · max, as the battery stood; empty: nothing left in it, nothing solved
     * @param  float  $amps  from the main supply
     */
    public function __construct(
        public array $positions,
        public array $dead,
        public string $supply,
        public bool $lit,
        public float $amps,
        public float $seconds,
    ) {
    }

    public function key(): string
    {
        $positions = $this->positions;
        ksort($positions);

        return $this->supply.' '.json_encode([$positions, $this->dead]);
    }

    public function joined(?self $other): self
    {
        return $other === null
            ? $this
            : new self(
                $this->positions,
                $this->dead,
                $this->supply,
                $this->lit,
                $this->amps,
                $this->seconds + $other->seconds,
            );
    }

    public function ampHours(): float
    {
        return ($this->amps * $this->seconds) / 3600.0;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'inputs' => (object) $this->positions,
            'timed_out' => $this->dead,
            'supply' => $this->supply,
            'lit' => $this->lit,
            'amps' => $this->amps,
            'seconds' => $this->seconds,
            'amp_hours' => $this->ampHours(),
        ];
    }
}
