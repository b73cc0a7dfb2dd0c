<?php

declare(strict_types=1);

namespace BenchGlow\Prove;

/** What a look or a tip should show: a word, or a figure with its band (probe-prove.md 12). */
final readonly class Expectation
{
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
