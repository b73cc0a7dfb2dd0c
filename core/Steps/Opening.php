<?php

declare(strict_types=1);

namespace BenchGlow\Steps;

use BenchGlow\Build\Build;
use BenchGlow\Build\Panel;

/** What it takes to get a panel off: its fasteners, and the minutes that is usual for. */
final readonly class Opening
{
    private const PANEL_MIN = 1.0;

    private const FASTENER_MIN = 0.5;

    private const WIRE_MIN = 3.0;

    public int $fasteners;

    public float $minutes;

    /** The bag its fasteners go into; '' where nobody said. */
    public string $bag;

    public function __construct(Build $build, Panel $panel)
    {
        $count = 0;
        $usual = self::PANEL_MIN;
        $bag = '';
        foreach ($build->fasteners as $fastener) {
            if ($fastener->panel === $panel->id) {
                $count += $fastener->count;
                $usual += self::FASTENER_MIN * $fastener->count * ($fastener->hidden ? 2 : 1);
                $bag = $bag ?: $fastener->bag;
            }
        }
        $this->fasteners = $count;
        $this->bag = $bag;
        $this->minutes = $panel->minutes ?? $usual + ($panel->wire === null ? 0.0 : self::WIRE_MIN);
    }
}
