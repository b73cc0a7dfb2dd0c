<?php

declare(strict_types=1);

namespace App\Solving;

/** Who looks on while the worker solves: told how far it is, about twice a second. */
final class Watch
{
    private const EVERY_S = 0.4;

    /** @var (callable(float): void)|null */
    private static $told = null;

    private static float $next = 0.0;

    /**
     * @param  callable(float): void  $told
     * @param  callable(): void  $do
     */
    public static function with(callable $told, callable $do): void
    {
        self::$told = $told;
        self::$next = 0.0;
        try {
            $do();
        } finally {
            self::$told = null;
        }
    }

    public static function at(float $share): void
    {
        if (self::$told !== null && microtime(true) >= self::$next) {
            self::$next = microtime(true) + self::EVERY_S;
            (self::$told)($share);
        }
    }
}
