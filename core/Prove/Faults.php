<?php

declare(strict_types=1);

namespace BenchGlow\Prove;

use BenchGlow\Prove\Faults as F;

/** Every kind of fault, in one order. */
final class Faults
{
    /** @var list<class-string<FaultKind>> */
    public const ALL = [
        F\Open::class,
        F\Resistance::class,
        F\FuseGone::class,
        F\Shorted::class,
        F\Crossed::class,
        F\Reversed::class,
        F\ContactWrong::class,
        F\RelayWrong::class,
        F\PinsTraded::class,
        F\ControllerWrong::class,
        F\HostWrong::class,
        F\WrongTap::class,
        F\OtherLeg::class,
        F\ValueWrong::class,
        F\PartDark::class,
        F\WrongPart::class,
        F\DiodeMissing::class,
        F\SupplyWrong::class,
    ];

    /** @return array<string, Fault> key => fault, each key once */
    public static function of(Works $works): array
    {
        $all = [];
        foreach (self::ALL as $class) {
            foreach ((new $class())->faults($works) as $fault) {
                $all[$fault->key] ??= $fault;
            }
        }

        return $all;
    }
}
