<?php

declare(strict_types=1);

namespace BenchGlow\Check;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Quantity\Words;

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
                if (
                    str_starts_with($remark, 'holds once pulled: ') &&
                    array_filter(
                        $scene->remarks,
                        fn (string $r): bool => str_starts_with($r, 'coil under-driven') || str_starts_with($r, 'race'),
                    ) === []
                ) {
                    $k = explode('.', substr($remark, 19))[0];
                    $findings[$k] ??= new Finding(
                        $this->id(),
                        Severity::Note,
                        ($analysis->build->devices[$k] ?? null)?->textOrNull('circuit'),
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
