<?php

declare(strict_types=1);

namespace BenchGlow\Steps;

use BenchGlow\Steps\Verb as V;

/** Every verb, in the order in which a job is read; equal acts keep it. */
final class Verbs
{
    /** @var list<class-string<Verb>> */
    public const ALL = [
        V\Baseline::class,
        V\Kit::class,
        V\Bench::class,
        V\Assemble::class,
        V\Measure::class,
        V\Cut::class,
        V\Flag::class,
        V\Holder::class,
        V\PullEnd::class,
        V\Sleeve::class,
        V\Join::class,
        V\Pull::class,
        V\Seal::class,
        V\Plug::class,
        V\Loom::class,
        V\Open::class,
        V\Unplug::class,
        V\Mark::class,
        V\Look::class,
        V\Drill::class,
        V\Dress::class,
        V\Trial::class,
        V\Dry::class,
        V\Clean::class,
        V\Stick::class,
        V\Fix::class,
        V\Run::class,
        V\FarEnd::class,
        V\Tie::class,
        V\Relief::class,
        V\Couple::class,
        V\Ground::class,
        V\Land::class,
        V\Tap::class,
        V\Photo::class,
        V\Shorts::class,
        V\Fuse::class,
        V\Pair::class,
        V\Set::class,
        V\OpenTest::class,
        V\Close::class,
        V\Tighten::class,
        V\Reset::class,
        V\ClosedTest::class,
        V\HostAgain::class,
        V\Night::class,
        V\Tidy::class,
        V\UseIt::class,
        V\Own::class,
    ];

    /** Verbs a planned change of power has. */
    public const POWER = ['dead', 'live'];

    /** @return list<string> */
    public static function keys(): array
    {
        return array_values(
            array_unique([
                ...array_map(fn (string $c): string => (new $c())->key(), self::ALL),
                ...self::POWER,
                'record',
            ]),
        );
    }
}
