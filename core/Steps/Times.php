<?php

declare(strict_types=1);

namespace BenchGlow\Steps;

/** How long things take: what is usual, drawn to what this bench took (build-handover.md 7). */
final readonly class Times
{
    /** The usual counts as so many of one's own. */
    private const WEIGHT = 3.0;

    /** Spread of the usual, of the logarithm. */
    private const SPREAD = 0.5;

    public const REACH = ['bench' => 1.0, 'open' => 1.6, 'tight' => 3.0, 'overhead' => 2.0];

    /** Take as long wherever they are done. */
    private const SAME = [
        'kit',
        'baseline',
        'host_again',
        'open_test',
        'closed_test',
        'shorts',
        'night',
        'use',
        'tidy',
        'pair',
        'set',
        'reset',
        'live',
        'dead',
        'own',
    ];

    /** 90 % lie within so many spreads. */
    private const NINETY = 1.645;

    /** @param  array<string, list<float>>  $taken  verb and reach, as "join bench" => shares of the usual each took */
    public function __construct(private array $taken = [])
    {
    }

    /**
     * Likely minutes: exp((k ln m0 + Σ ln t) / (k + n)).
     *
     * @param  float  $usual  minutes on the bench
     */
    public function likely(string $verb, string $reach, float $usual): float
    {
        return $usual *
            (in_array($verb, self::SAME, true) ? 1.0 : self::REACH[$reach]) *
            exp($this->own($verb, $reach));
    }

    /** How far this bench is from what is usual, as a logarithm. */
    private function own(string $verb, string $reach): float
    {
        $own = $this->taken["{$verb} {$reach}"] ?? [];

        return $own === [] ? $this->pace() : array_sum(array_map(log(...), $own)) / (self::WEIGHT + count($own));
    }

    /** What is usual where this bench takes so long, min. */
    public function usual(string $verb, string $reach, float $likely): float
    {
        return $likely / exp($this->own($verb, $reach));
    }

    /** How many of one's own a figure rests on. */
    public function counted(string $verb, string $reach): int
    {
        return count($this->taken["{$verb} {$reach}"] ?? []);
    }

    /** @return array{float, float} low and high of likely minutes, 5 % and 95 % */
    public function range(string $verb, string $reach, float $likely): array
    {
        $spread = exp(self::NINETY * $this->spread($verb, $reach));

        return [$likely / $spread, $likely * $spread];
    }

    /** The usual's spread and one's own, pooled by their weights. */
    public function spread(string $verb, string $reach): float
    {
        $logs = array_map(log(...), $this->taken["{$verb} {$reach}"] ?? []);
        $n = count($logs);
        $mean = $n === 0 ? 0.0 : array_sum($logs) / $n;
        $square = array_sum(array_map(fn (float $l): float => ($l - $mean) ** 2, $logs));

        return sqrt((self::WEIGHT * self::SPREAD ** 2 + $square) / (self::WEIGHT + $n));
    }

    /** One's own pace over all verbs, as a logarithm: what was never timed goes by it. */
    private function pace(): float
    {
        $logs = array_map(log(...), array_merge(...array_values($this->taken)));

        return $logs === [] ? 0.0 : array_sum($logs) / (count($logs) + 2 * self::WEIGHT);
    }
}
