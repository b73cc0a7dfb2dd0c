<?php

declare(strict_types=1);

namespace BenchGlow\Check;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;

/** A coil between its pull-in and its drop-out volts (solving.md D4). */
final class CoilUnderDrivenRule implements Rule
{
    public function id(): string
    {
        return 'coil.under_driven';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->scenes() as $scene) {
            foreach ($scene->remarks as $remark) {
                if (preg_match('/^coil under-driven: ((\\w+)\\.\\w+) at ([\\d.]+) V$/', $remark, $m) === 1) {
                    $sense = $analysis->bodies->senses[$m[1]];
                    $findings[$m[2]] ??= new Finding(
                        $this->id(),
                        Severity::Warning,
                        ($analysis->build->devices[$m[2]] ?? null)?->textOrNull('circuit'),
                        $m[2],
                        Words::first(Situation::said($analysis, $scene->inputs)).
                            ", the coil of `{$m[2]}` gets ".
                            Shown::volts((float) $m[3]).
                            ' at the '.
                            ['min' => 'low', 'nominal' => 'normal', 'max' => 'high'][$scene->supply].
                            ' supply; it pulls in at '.
                            Shown::volts($sense->pullInV).
                            ' and lets go at '.
                            Shown::volts($sense->dropOutV).
                            '. Feed it straight, or take a solid-state switch.',
                    );
                }
            }
        }

        return array_values($findings);
    }
}
