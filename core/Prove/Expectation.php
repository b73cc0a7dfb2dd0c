<?php

declare(strict_types=1);

namespace BenchGlow\Prove;

/** What a look or a tip should show: a word, or a figure with its band (probe-prove.md 12). */
final readonly class Expectation
{
    private const OPEN_OHM = 1000.0;

    /** A floating end shows less than this to a meter that loads it. */
    private const FLOATS_V = 0.3;

    /**
     * @param  string  $what  volts · amps · ohms · seconds · look · contact
     * @param  string|null  $pin  where the red tip goes
     * @param  string|null  $black  where the black one goes; null: the first supply's minus
     * @param  float|null  $low  inside low to high it is right
     */
    public function __construct(
        public string $what,
        public ?string $pin = null,
        public ?string $black = null,
        public ?float $value = null,
        public ?float $low = null,
        public ?float $high = null,
        public ?string $word = null,
        public ?string $emitter = null,
    ) {
    }

    /** As it should be, a little off (to twice the band), or not as it should be. */
    public function judge(float $measured): string
    {
        $low = $this->low ?? -INF;
        $high = $this->high ?? INF;
        $half = is_finite($high - $low) ? ($high - $low) / 2 : 0.0;

        return match (true) {
            $measured >= $low && $measured <= $high => 'right',
            $measured >= $low - $half && $measured <= $high + $half => 'a little off',
            default => 'not as it should be',
        };
    }

    /** The same for what was read as a word: open, wandering; a figure where it is one. */
    public function judgeRead(?float $value, string $word): string
    {
        $right = fn (bool $is): string => $is ? 'right' : 'not as it should be';

        return match (true) {
            $this->word === 'open' => $right($word === 'open' || $value >= ($this->low ?? self::OPEN_OHM)),
            $this->word === 'wandering' => $right(
                $word === 'wandering' || ($value !== null && abs($value) < self::FLOATS_V),
            ),
            $value === null => $right($this->low !== null && $this->high === null && $word === 'open'),
            default => $this->judge($value),
        };
    }

    /** What an eye tells, a reading can't. */
    public function isMeasured(): bool
    {
        return $this->what !== 'look';
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return array_filter(
            [
                'pin' => $this->pin,
                'black' => $this->black,
                'what' => $this->what,
                'value' => $this->value,
                'low' => $this->low,
                'high' => $this->high,
                'word' => $this->word,
                'emitter' => $this->emitter,
            ],
            fn (mixed $v): bool => $v !== null,
        );
    }
}
