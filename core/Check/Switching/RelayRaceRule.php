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

/** Relays whose order of moving decides what glows (solving.md D2). */
final class RelayRaceRule implements Rule
{
    public function id(): string
    {
        return 'relay.race';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->scenes() as $scene) {
            foreach ($scene->remarks as $remark) {
                if ($remark->is(RemarkKind::Race)) {
                    $who = array_map(fn (string $s): string => explode('.', $s)[0], $remark->senses);
                    sort($who);
                    $findings[$who[0]] ??= new Finding(
                        $this->id(),
                        Severity::Warning,
                        ($analysis->build->devices[$who[0]] ?? null)?->circuit(),
                        $who[0],
                        Words::first(Situation::said($analysis, $scene->inputs)).
                            ', it depends on which of `'.
                            implode('`, `', array_unique($who)).
                            '` moves first. Let one of them decide: feed the other from its contact only.',
                    );
                }
            }
        }

        return array_values($findings);
    }
}
