<?php

declare(strict_types=1);

namespace BenchGlow\Check;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Light;
use BenchGlow\Edit\Batch;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\SplitRun;
use BenchGlow\Edit\UseWay;
use BenchGlow\Ways\Section;
use BenchGlow\Ways\Sections;

/** An amplifier for what one controller can't give: the run in two, the second behind the amplifier on its own feed. */
final class Amplifying
{
    /** @return array{string, Edit}|null what the button says, and does; null: no strip in colours hangs there */
    public static function of(Analysis $analysis, string $circuit): ?array
    {
        $strips = array_values(
            array_filter(
                $analysis->build->lightsOf($circuit),
                fn (Light $l): bool => $l->kind === 'strip' && $l->strip()->channels() >= 3,
            ),
        );
        $switched = Sections::of($analysis->build->document, $circuit)->section(Section::SWITCHING) !== null;
        if ($strips === [] || $switched) {
            // The amplifier's own feed would have to be switched along; that is a choice, no repair.
            return null;
        }
        $amplifier = new UseWay($circuit, 'colour_amplifier');

        return count($strips) > 1
            ? ['Put an amplifier in', $amplifier]
            : ['Make two runs, with an amplifier', new Batch([new SplitRun($strips[0]->id), $amplifier])];
    }
}
