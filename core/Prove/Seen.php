<?php

declare(strict_types=1);

namespace BenchGlow\Prove;

/** What one fault shows in one state: a word per emitter, volts per pin against the supply's minus; null: it floats. */
final readonly class Seen
{
    /**
     * @param  array<string, string>  $looks  emitter => word
     * @param  array<string, float|null>  $volts
     * @param  bool  $steady  a reading can be taken
     * @param  list<string>  $gone  fuses that went with it
     * @param  array<string, float>  $amps  fuse => what it carries
     */
    public function __construct(
        public array $looks,
        public array $volts,
        public bool $steady,
        public array $gone = [],
        public array $amps = [],
    ) {
    }

    /** Whether the eye tells it from another. */
    public function looksLike(self $other): bool
    {
        return $this->looks === $other->looks;
    }

    /** Whether neither eye nor meter tells them apart. */
    public function isLike(self $other, float $withinV): bool
    {
        if ($this->looks !== $other->looks || $this->steady !== $other->steady || $this->gone !== $other->gone) {
            return false;
        }
        foreach ($this->volts as $pin => $v) {
            $w = $other->volts[$pin] ?? null;
            if (($v === null) !== ($w === null) || ($v !== null && $w !== null && abs($v - $w) > $withinV)) {
                return false;
            }
        }

        return true;
    }
}
