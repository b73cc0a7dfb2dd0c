<?php

declare(strict_types=1);

namespace BenchGlow\Steps;

use BenchGlow\Build\Build;
use BenchGlow\Build\Device\FuseTapDevice;
use BenchGlow\Build\Device\JointDevice;
use BenchGlow\Build\Lead;

/** What an end is made as: as stated, else as what it ends on asks for (build-handover.md 4). */
final class EndStyle
{
    private const SCREWED = ['terminal', 'screw', 'bus_bar'];

    public static function of(Build $build, Lead $lead, int $core, int $end): string
    {
        $stated = $lead->ends[$lead->endOf($core, $end)];

        return $stated !== '' ? $stated : self::byPin($build, $lead->cores[$core - 1][$end] ?? null);
    }

    public static function byPin(Build $build, ?string $pin): string
    {
        if ($pin === null) {
            return 'spare';
        }
        $thing = explode('.', $pin)[0];
        $device = $build->devices[$thing] ?? null;

        return match (true) {
            isset($build->lights[$thing]) => 'solder',
            isset($build->supplies[$thing]), isset($build->grounds[$thing]) => 'ring',
            isset($build->wires[$thing]) => 'idc_tap',
            $device instanceof JointDevice => self::joint($device),
            $device instanceof FuseTapDevice => 'crimp',
            default => 'spade',
        };
    }

    private static function joint(JointDevice $joint): string
    {
        return in_array($joint->style(), self::SCREWED, true) ? 'screw' : ($joint->style() ?: 'solder');
    }

    /** Whether pieces that end on it are one on the bench. */
    public static function holdsTogether(JointDevice $joint): bool
    {
        return in_array($joint->style() ?: 'solder', ['solder', 'crimp'], true);
    }
}
