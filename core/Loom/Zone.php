<?php

declare(strict_types=1);

namespace BenchGlow\Loom;

use BenchGlow\Build\Route;

/** What a zone asks of what lies in it (layout-harness.md 8, zones). */
final readonly class Zone
{
    /** Heat, what insulation bears, sleeve, fixing, wetness. */
    private const ALL = [
        'cabin' => [40.0, 70.0, 'none', 0.3, 'dry'],
        'cupboard' => [40.0, 70.0, 'none', 0.3, 'dry'],
        'sealed_panel' => [60.0, 90.0, 'none', 0.2, 'dry'],
        'floor' => [40.0, 80.0, 'split', 0.25, 'damp'],
        'roof' => [60.0, 90.0, 'braided', 0.3, 'dry'],
        'outside' => [50.0, 80.0, 'split', 0.2, 'wet'],
        'hinge' => [40.0, 80.0, 'braided', null, 'damp'],
        'engine' => [85.0, 105.0, 'heat', 0.15, 'wet'],
    ];

    /** Nearer than this to what is hot. */
    public const HOT_GAP_M = 0.15;

    private const HOT_C = 125.0;

    private const WETNESS = ['dry' => 0, 'damp' => 1, 'wet' => 2];

    /** A wire that moves has at least so many strands. */
    public const STRANDS = 19;

    /** Thinnest single wire laid anywhere, mm². */
    public const THINNEST_MM2 = 0.5;

    /**
     * @param  float  $insulationC  what a wire's insulation bears at least
     * @param  string  $sleeve  what is laid round it there
     * @param  float|null  $everyM  how often it is fixed; null: at both sides
     */
    private function __construct(
        public float $ambientC,
        public float $insulationC,
        public string $sleeve,
        public ?float $everyM,
        public string $wet,
    ) {
    }

    public static function of(Route $route): self
    {
        [$ambient, $bears, $sleeve, $every, $wet] = self::ALL[$route->zone] ?? [30.0, 70.0, 'none', 0.3, 'dry'];
        $near = $route->is('hot') && ($route->heatGapM ?? 0.0) < self::HOT_GAP_M;

        return new self(
            $route->ambientC ?? $ambient,
            $near ? self::HOT_C : $bears,
            $route->moves() ? 'braided' : $sleeve,
            $every,
            $route->is('wet') ? 'wet' : $wet,
        );
    }

    public static function wetter(string $a, string $b): string
    {
        return self::WETNESS[$a] >= self::WETNESS[$b] ? $a : $b;
    }
}
