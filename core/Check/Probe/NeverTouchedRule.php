<?php

declare(strict_types=1);

namespace BenchGlow\Check\Probe;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\ReadsBenchFacts;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\Disconnect;
use BenchGlow\Probe\Judged;
use BenchGlow\Probe\Tables;

/** A lead hangs on a wire that what is seen or read of it says to leave alone. */
final class NeverTouchedRule implements ReadsBenchFacts, Rule
{
    public function id(): string
    {
        return 'probe.never_touched';
    }

    public function check(Analysis $analysis): array
    {
        $probing = Probed::of($analysis);
        $findings = [];
        foreach ($probing === null ? [] : Probed::tapped($analysis, $probing) as [$judged, $tap]) {
            if ($judged->certainty === Judged::NEVER || $judged->tap === 'never') {
                $findings[$tap->id()] ??= new Finding(
                    $this->id(),
                    Severity::Danger,
                    $tap->circuit,
                    $tap->id(),
                    "The build hangs on {$judged->wire->words()}, which is ".
                        Tables::words($judged->name).
                        ($judged->name === 'electronics' ? '. ' : ' wiring. ').
                        'It is never tapped: take the wire off and use another signal.',
                    $tap->lead === null ? null : 'Take it off',
                    $tap->lead === null ? null : new Disconnect($tap->lead),
                );
            }
        }

        return array_values($findings);
    }
}
