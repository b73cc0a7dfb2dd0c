<?php

declare(strict_types=1);

namespace BenchGlow\Prove;

/** Something that was seen or measured in one state, and how well a suspicion explains it (probe-prove.md 14). */
final readonly class Observation
{
    private const SLIP = 0.012;

    /** Flat over so many volts. */
    private const RANGE_V = 15.0;

    private const NOISE_V = 0.06;

    private const NOISE = 0.012;

    /** Of what a joint with ohms takes off, so much to either side. */
    private const DEGREE = 0.35;

    /** Half of what a meter's word is worth, so that densities and words go together. */
    private const WINDOW_V = 0.12;

    private const NOISE_SHARE_A = 0.03;

    private const NOISE_A = 0.02;

    private const WINDOW_A = 0.08;

    /** Flat over so many amps. */
    private const RANGE_A = 5.0;

    /** Lognormal; below the least a meter tells no difference. */
    private const NOISE_OHM = 0.2;

    private const LEAST_OHM = 0.5;

    private const SAME = 0.95;

    private const MIXED = 0.12;

    private const OTHER = 0.012;

    private const WANDERS = 0.35;

    private const NOTHING = 0.45;

    private const FUSE = 0.98;

    /** Mixed up by the eye. */
    private const SHADES = ['dim', 'right', 'bright'];

    /**
     * @param  string  $kind  look · volts · amps · ohms · fuse
     * @param  string  $at  emitter, pin or fuse
     * @param  float|null  $value  volts against the supply's minus
     * @param  string|null  $word  look; wandering; blown, whole
     */
    public function __construct(
        public string $kind,
        public int $state,
        public string $at,
        public ?float $value,
        public ?string $word,
    ) {
    }

    /**
     * How likely it is where a suspicion is true.
     *
     * @param  Seen|null  $right  what the same state shows where nothing is wrong: how bad a bad joint is nobody knows, so what it
     *                            takes off is spread; null: taken as it is simulated
     */
    public function given(Suspect $suspect, ?Seen $right = null): float
    {
        return match ($this->kind) {
            'look' => self::look($suspect->seen[$this->state]->looks[$this->at] ?? 'right', (string) $this->word),
            'fuse' => $this->fuse($suspect),
            'amps' => $this->amps($suspect, $right),
            default => self::volts(
                $suspect->seen[$this->state],
                $this->at,
                $this->value,
                $suspect->isOfDegree() ? $right : null,
            ),
        };
    }

    /** Where it is something nobody thought of. */
    public function elsewise(): float
    {
        return match ($this->kind) {
            'volts' => self::WINDOW_V / self::RANGE_V,
            'amps' => self::WINDOW_A / self::RANGE_A,
            default => 1.0 / 5,
        };
    }

    public static function look(string $predicted, string $said): float
    {
        return match (true) {
            $predicted === $said => self::SAME,
            in_array($predicted, self::SHADES, true) && in_array($said, self::SHADES, true) => self::MIXED,
            // A dark half is often told as dim.
            $predicted === 'partly' && $said === 'dim' => self::MIXED,
            default => self::OTHER,
        };
    }

    private static function volts(Seen $seen, string $pin, ?float $value, ?Seen $right): float
    {
        $predicted = $seen->volts[$pin] ?? null;
        if ($predicted === null) {
            return match (true) {
                $value === null => self::WANDERS,
                abs($value) < self::NOISE_V => self::NOTHING,
                default => ((1 - self::WANDERS - self::NOTHING) * self::WINDOW_V) / self::RANGE_V,
            };
        }
        if ($value === null) {
            return self::SLIP / 2;
        }
        $off = self::DEGREE * abs($predicted - ($right->volts[$pin] ?? $predicted));
        $sd = sqrt(self::NOISE_V ** 2 + (self::NOISE * $predicted) ** 2 + $off ** 2);
        $bell = exp(-0.5 * (($value - $predicted) / $sd) ** 2) / ($sd * sqrt(2 * M_PI));

        return self::WINDOW_V * ((1 - self::SLIP) * $bell + self::SLIP / self::RANGE_V);
    }

    private function amps(Suspect $suspect, ?Seen $right): float
    {
        $predicted = $suspect->seen[$this->state]->amps[$this->at] ?? 0.0;
        $off = $suspect->isOfDegree() ? self::DEGREE * abs($predicted - ($right->amps[$this->at] ?? $predicted)) : 0.0;
        $sd = sqrt((self::NOISE_SHARE_A * $predicted + self::NOISE_A) ** 2 + $off ** 2);
        $bell = exp(-0.5 * (((float) $this->value - $predicted) / $sd) ** 2) / ($sd * sqrt(2 * M_PI));

        return self::WINDOW_A * ((1 - self::SLIP) * $bell + self::SLIP / self::RANGE_A);
    }

    /** Ohms behind a fuse, given what a suspicion would leave there; null: open. */
    public function ohms(?float $predicted): float
    {
        if ($this->value === null || $predicted === null) {
            return ($this->value === null) === ($predicted === null) ? self::SAME : self::OTHER;
        }
        $apart = log(max(self::LEAST_OHM, $this->value) / max(self::LEAST_OHM, $predicted)) / self::NOISE_OHM;

        return (self::SAME - self::OTHER) * exp(-0.5 * $apart ** 2) + self::OTHER;
    }

    private function fuse(Suspect $suspect): float
    {
        $says = $suspect->isGone($this->at) === ($this->word === 'blown');

        return $says ? self::FUSE : 1 - self::FUSE;
    }
}
