<?php

declare(strict_types=1);

namespace BenchGlow\Sizing;

/** The values a fuse may have: at least load/0.75, at most what the thinnest wire behind it may carry (electrics.md 5). */
final readonly class FuseWindow
{
    public const BLADE_A = [1.0, 2.0, 3.0, 4.0, 5.0, 7.5, 10.0, 15.0, 20.0, 25.0, 30.0, 40.0];

    public const GLASS_A = [0.5, 1.0, 2.0, 3.0, 5.0, 10.0];

    private function __construct(public float $lowA, public float $highA, public ?float $recommendedA)
    {
    }

    public static function of(
        float $loadA,
        float $thinnestAllowedA,
        float $ambientC = 30.0,
        string $form = 'inline_blade',
    ): self {
        $low = $loadA / ($ambientC >= 60.0 ? 0.65 : 0.75);
        $values = array_filter(
            self::values($form),
            fn (float $a): bool => $a >= $low - 1e-9 && $a <= $thinnestAllowedA + 1e-9,
        );

        return new self($low, $thinnestAllowedA, $values === [] ? null : min($values));
    }

    /** @return list<float> */
    public static function values(string $form): array
    {
        return $form === 'inline_glass' ? self::GLASS_A : self::BLADE_A;
    }

    public static function smallestFor(float $loadA, float $ambientC = 30.0, string $form = 'inline_blade'): ?float
    {
        return self::of($loadA, INF, $ambientC, $form)->recommendedA;
    }

    /** What a value of the shelf would do here. */
    public function verdict(float $amps): string
    {
        return match (true) {
            $amps < $this->lowA - 1e-9 => 'opens in use',
            $amps > $this->highA + 1e-9 => 'the wire burns first',
            $amps === $this->recommendedA => 'first: smallest that stays closed',
            default => 'would do',
        };
    }
}
