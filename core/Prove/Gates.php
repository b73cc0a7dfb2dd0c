<?php

declare(strict_types=1);

namespace BenchGlow\Prove;

use BenchGlow\Prove\Gates as G;

/** The chain of gates of a circuit, in the order in which it is proven: before the power, at first power, closed, in use. */
final class Gates
{
    /** @var list<class-string<GateKind>> */
    public const ALL = [
        G\Baseline::class,
        G\Part::class,
        G\Contact::class,
        G\Core::class,
        G\ShortAway::class,
        G\Polarity::class,
        G\FirstPower::class,
        G\Ground::class,
        G\State::class,
        G\Timed::class,
        G\Colour::class,
        G\Effect::class,
        G\Standing::class,
        G\BaselineAfter::class,
        G\Closed::class,
        G\Night::class,
        G\InUse::class,
    ];

    /** @return list<Gate> each key once */
    public static function of(Proving $proving): array
    {
        $all = [];
        foreach (self::ALL as $class) {
            foreach ((new $class())->gates($proving) as $gate) {
                $all[$gate->key] ??= $gate->under($proving->works->facts($gate->kind, $gate->subject()));
            }
        }

        return array_values($all);
    }
}
