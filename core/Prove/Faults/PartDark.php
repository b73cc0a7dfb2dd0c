<?php

declare(strict_types=1);

namespace BenchGlow\Prove\Faults;

use BenchGlow\Build\Light;
use BenchGlow\Prove\Fault;
use BenchGlow\Prove\FaultKind;
use BenchGlow\Prove\Overlay;
use BenchGlow\Prove\Works;

/** A strip of which a part is dark: one unit of it, or all behind a rail that is broken. */
final class PartDark implements FaultKind
{
    private const UNIT = 3.0;

    private const BROKEN = 1.0;

    private const AFTER = ['quarter' => 0.25, 'half' => 0.5, 'three quarters' => 0.75];

    public function key(): string
    {
        return 'segment';
    }

    public function faults(Works $works): array
    {
        $faults = [];
        foreach ($works->fedAtStart() as $id) {
            $light = $works->build->lights[$id];
            $units = $light->fit()->units;
            // The unit that is dark takes nothing: to the rails it is as if the strip were one shorter.
            $units > 1
                ? ($faults[] = self::fault(
                    $light,
                    'unit',
                    $units - 1,
                    false,
                    "One cut unit of {$light->label} is dark",
                    self::UNIT,
                ))
                : null;
            $known = [];
            foreach (self::AFTER as $how => $share) {
                $lit = (int) round($share * $units);
                if ($lit < 1 || $lit >= $units || isset($known[$lit])) {
                    continue;
                }
                $known[$lit] = true;
                $says =
                    "A rail of {$light->label} is broken after ".($how === 'quarter' ? 'a quarter' : $how).' of it';
                $faults[] = self::fault($light, strtr($how, ' ', '_'), $lit, true, $says, self::BROKEN);
            }
        }

        return $faults;
    }

    private static function fault(
        Light $light,
        string $how,
        int $units,
        bool $isCut,
        string $says,
        float $weight,
    ): Fault {
        return new Fault(
            "segment:{$light->id}@{$how}",
            'segment',
            [$light->id],
            $says,
            $weight,
            new Overlay(
                written: [[$light->id, 'wanted_m', $units * $light->strip()->pitchM()]],
                partly: [$light->id => $isCut],
            ),
        );
    }
}
