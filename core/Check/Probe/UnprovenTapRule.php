<?php

declare(strict_types=1);

namespace BenchGlow\Check\Probe;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\ReadsBenchFacts;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Probe\Judged;
use BenchGlow\Probe\Tables;
use BenchGlow\Quantity\Words;

/** The build hangs on a wire whose name is not sure by its readings. */
final class UnprovenTapRule implements ReadsBenchFacts, Rule
{
    public function id(): string
    {
        return 'probe.unproven_tap';
    }

    public function check(Analysis $analysis): array
    {
        $probing = Probed::of($analysis);
        $findings = [];
        foreach ($probing === null ? [] : Probed::tapped($analysis, $probing) as [$judged, $tap]) {
            if ($judged->isSure() || $judged->certainty === Judged::NEVER || $judged->tap === 'never') {
                continue;
            }
            $findings[$tap->id()] ??= new Finding(
                $this->id(),
                Severity::Warning,
                $tap->circuit,
                $tap->id(),
                Words::first($judged->wire->words()).
                    ' is used as '.
                    Tables::words($judged->wire->named[0] ?? $judged->name).
                    ", and its readings say {$judged->words()}, {$judged->certainty}. Probe it before it is tapped.",
            );
        }

        return array_values($findings);
    }
}
