<?php

declare(strict_types=1);

namespace BenchGlow\Check\Switching;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Check\Situation;
use BenchGlow\Quantity\Words;
use BenchGlow\Scene\RemarkKind;

/** A relay whose contact cuts its own coil (solving.md D2). */
final class RelayChattersRule implements Rule
{
    public function id(): string
    {
        return 'relay.chatters';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->scenes() as $scene) {
            if ($scene->reason?->is(RemarkKind::Oscillates) === true) {
                $k = $scene->reason->devices()[0];
                $findings[$k] ??= new Finding(
                    $this->id(),
                    Severity::Danger,
                    ($analysis->build->devices[$k] ?? null)?->circuit(),
                    $k,
                    Words::first(Situation::said($analysis, $scene->inputs)).
                        ", the relay `{$k}` chatters: its own contact cuts its coil. Feed the coil from before the contact.",
                );
            }
        }

        return array_values($findings);
    }
}
