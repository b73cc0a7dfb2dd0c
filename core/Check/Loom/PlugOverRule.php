<?php

declare(strict_types=1);

namespace BenchGlow\Check\Loom;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;

/** All cores of a plug together near what one way bears: it warms (layout-harness.md 10). */
final class PlugOverRule implements Rule
{
    /** A way is not loaded above this for long. */
    private const SHARE = 0.8;

    public function id(): string
    {
        return 'plug.over';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->build->leads as $id => $lead) {
            foreach ($lead->inline as $thing) {
                $most =
                    $thing->kind === 'plug'
                        ? $analysis->build
                            ->part($analysis->build->devices[$thing->plug]->part->id)
                            ->fields->numberOrNull('max_a')
                        : null;
                $amps = $analysis->leads[$id]->amps;
                // Over its rating is another finding; here it has nothing left.
                if ($most !== null && $amps > self::SHARE * $most && $amps <= $most) {
                    $findings[] = new Finding(
                        $this->id(),
                        Severity::Warning,
                        $lead->circuit,
                        $thing->plug,
                        Words::first($analysis->build->label($thing->plug)).
                            ' carries '.
                            Shown::plain($amps, 1).
                            ' A in a way made for '.
                            Shown::plain($most, 1).
                            ' A: its pins warm. Take one made for more.',
                    );
                    break 2;
                }
            }
        }

        return $findings;
    }
}
