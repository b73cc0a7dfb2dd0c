<?php

declare(strict_types=1);

namespace BenchGlow\Loom;

use BenchGlow\Build\Build;
use BenchGlow\Build\Lead;
use BenchGlow\Build\Place;

/** What a wire needs beyond its way: reach, make-up, loops, things in line (layout-harness.md 8, lengths). */
final readonly class Slack
{
    /** Wire an end uses up, for two tries, m. */
    private const MADE_UP_M = [
        'solder' => 0.04,
        'crimp' => 0.04,
        'ring' => 0.04,
        'spade' => 0.04,
        'screw' => 0.04,
        'plug' => 0.06,
        'idc_tap' => 0.04,
        'factory' => 0.0,
    ];

    private const UNDECIDED_M = 0.05;

    private const PLUG_M = 0.12;

    private const IN_LINE_M = 0.08;

    public function __construct(private Build $build)
    {
    }

    /**
     * Reach, make-up and loop of an end.
     *
     * @param  int  $end  0 from, 1 to
     */
    public function endM(Lead $lead, int $end, ?string $place): float
    {
        $at = $this->build->places[(string) $place] ?? null;

        return ($at->reachM ?? Place::REACH_M) + $this->madeUpM($lead, $end) + $this->loopM($lead, $end, $at);
    }

    private function madeUpM(Lead $lead, int $end): float
    {
        return $lead->madeUpM[$end] ?? (self::MADE_UP_M[$lead->ends[$end]] ?? self::UNDECIDED_M);
    }

    /** At each end on what leaves, at a lamp that is taped on, at a light behind a panel. */
    private function loopM(Lead $lead, int $end, ?Place $at): float
    {
        $pin = $lead->cores[0][$end] ?? null;
        $light = $pin === null ? null : $this->build->lights[explode('.', $pin)[0]] ?? null;
        $taped = $light !== null && $light->kind === 'module' && $light->fields->text('surface') !== '';
        $behind = $light !== null && $at !== null && $at->access !== 'open';

        return $at?->carrier !== null || $taped || $behind ? $lead->loopM ?? $this->build->settings->loopM : 0.0;
    }

    /** Things in line use up wire too. */
    public static function inLineM(Lead $lead): float
    {
        $plugs = $lead->plugs();

        return $plugs * self::PLUG_M + (count($lead->inline) - $plugs) * self::IN_LINE_M;
    }
}
