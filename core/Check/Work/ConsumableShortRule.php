<?php

declare(strict_types=1);

namespace BenchGlow\Check\Work;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\ReadsWork;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\CountStock;
use BenchGlow\Quantity\Words;
use BenchGlow\Steps\Kit;
use BenchGlow\Steps\Stock;

/** Solder, tube, ties: less is left than the rest of the job uses up. */
final class ConsumableShortRule implements ReadsWork, Rule
{
    public function id(): string
    {
        return 'build.consumable_short';
    }

    public function check(Analysis $analysis): array
    {
        if ($analysis->build->document->fields()->object('work')->objects('stock') === []) {
            return [];
        }
        $seen = WorkSeen::of($analysis);
        $findings = [];
        foreach (Stock::of($seen->steps, $seen->done) as $what => $stock) {
            if ($stock->left === null || $stock->left >= $stock->needed - 1e-9) {
                continue;
            }
            $findings[] = new Finding(
                $this->id(),
                Severity::Warning,
                null,
                'build',
                Words::first(Kit::words($what, $stock->needed)).
                    ' to the end of the job; '.
                    Kit::much($what, $stock->left).
                    ' left.',
                'There is enough now',
                new CountStock($what, $stock->needed),
            );
        }

        return $findings;
    }
}
