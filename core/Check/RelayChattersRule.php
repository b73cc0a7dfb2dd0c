<?php

declare(strict_types=1);

namespace BenchGlow\Check;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Quantity\Words;

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
            if (str_starts_with($scene->reason ?? '', 'oscillates: ')) {
                $k = explode('.', substr((string) $scene->reason, 12))[0];
                $findings[$k] ??= new Finding(
                    $this->id(),
                    Severity::Danger,
                    ($analysis->build->devices[$k] ?? null)?->textOrNull('circuit'),
                    $k,
                    Words::first(Situation::said($analysis, $scene->inputs)).
                        ", the relay `{$k}` chatters: its own contact cuts its coil. Feed the coil from before the contact.",
                );
            }
        }

        return array_values($findings);
    }
}
