<?php

declare(strict_types=1);

namespace BenchGlow\Check\Switching;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Check\Situation;
use BenchGlow\Quantity\Words;
use BenchGlow\Scene\Remark;
use BenchGlow\Scene\RemarkKind;

/** A relay that stays pulled once it has been (solving.md D3): wanted, or a hang. */
final class RelaySealInRule implements Rule
{
    public function id(): string
    {
        return 'relay.holds';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->scenes() as $scene) {
            foreach ($scene->remarks as $remark) {
                $doubtful = array_filter(
                    $scene->remarks,
                    fn (Remark $r): bool => $r->is(RemarkKind::UnderDriven) || $r->is(RemarkKind::Race),
                );
                if ($remark->is(RemarkKind::Holds) && $doubtful === []) {
                    $k = $remark->devices()[0];
                    $findings[$k] ??= new Finding(
                        $this->id(),
                        Severity::Note,
                        ($analysis->build->devices[$k] ?? null)?->circuit(),
                        $k,
                        Words::first(Situation::said($analysis, $scene->inputs)).
                            ", `{$k}` stays pulled once it has been: its own contact feeds its coil. Right for a latch; else it hangs until the feed goes.",
                    );
                }
            }
        }

        return array_values($findings);
    }
}
