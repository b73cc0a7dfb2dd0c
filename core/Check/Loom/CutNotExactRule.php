<?php

declare(strict_types=1);

namespace BenchGlow\Check\Loom;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Lists\CutLists;
use BenchGlow\Quantity\Words;

/** A cut plan that may take a reel more than needed (layout-harness.md 13). */
final class CutNotExactRule implements Rule
{
    public function id(): string
    {
        return 'cut.not_exact';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ((new CutLists([$analysis], []))->large() as $cuts) {
            $more = (int) $cuts->buy->packs - $cuts->plan->bound;
            if (! $cuts->plan->exact && $more > 0) {
                $findings[] = new Finding(
                    $this->id(),
                    Severity::Note,
                    null,
                    explode('.', $cuts->pieces[0]->for)[0],
                    Words::first($cuts->sold->label).
                        ': '.
                        count($cuts->pieces).
                        ' pieces out of '.
                        $cuts->buy->packs.
                        ' reels, '.
                        $cuts->words().
                        '.',
                );
            }
        }

        return $findings;
    }
}
