<?php

declare(strict_types=1);

namespace BenchGlow\Steps\Rule;

use BenchGlow\Steps\Before;
use BenchGlow\Steps\StepList;

final class CutEnd implements Before
{
    public function id(): string
    {
        return 'cut.end';
    }

    public function because(): string
    {
        return 'a wire is measured, cut and labelled before its ends are closed';
    }

    public function pairs(StepList $steps): iterable
    {
        foreach ($steps->job->assemblies->pieces as $key => $piece) {
            $lead = $piece->lead->id;
            $cut = $steps->get("cut:{$key}");
            $measure = $steps->get("measure:{$lead}");
            if ($cut !== null && $measure !== null) {
                yield [$measure, $cut];
            }
            foreach ($piece->ends() as [$core, $end, $pin]) {
                $at = "{$lead}.{$core}.".['from', 'to'][$end];
                $join = $pin === null ? null : $steps->get("join:{$pin}");
                $ends = ["flag:{$at}", "pull:{$at}", "land:{$at}"];
                $last = $cut;
                foreach ([...array_map($steps->get(...), $ends), $join] as $then) {
                    if ($then === null) {
                        continue;
                    }
                    if ($last !== null) {
                        yield [$last, $then];
                    }
                    $last = $then;
                }
            }
            if ($cut === null) {
                continue;
            }
            foreach ($steps->about($lead, 'holder') as $holder) {
                yield [$cut, $holder];
            }
        }
    }
}
