<?php

declare(strict_types=1);

namespace BenchGlow\Check\Probe;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Tap\Tap;
use BenchGlow\Probe\Judged;
use BenchGlow\Probe\Probing;

/** What the readings of a build say, for the rules that ask. */
final class Probed
{
    /** Null where nothing was probed. */
    public static function of(Analysis $analysis): ?Probing
    {
        $document = $analysis->build->document;

        return $document->fields()->object('probe')->objects('wires') === []
            ? null
            : Probing::of($document, $analysis->build);
    }

    /** @return list<array{Judged, Tap}> wires of the host that became something the build hangs on */
    public static function tapped(Analysis $analysis, Probing $probing): array
    {
        $became = [];
        foreach ($probing->judged as $judged) {
            if ($judged->wire->became !== null) {
                $became[$judged->wire->became] = $judged;
            }
        }
        $tapped = [];
        foreach (Tap::all($analysis) as $tap) {
            if (isset($became[$tap->id()])) {
                $tapped[] = [$became[$tap->id()], $tap];
            }
        }

        return $tapped;
    }
}
