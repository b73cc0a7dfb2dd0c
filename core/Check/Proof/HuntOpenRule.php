<?php

declare(strict_types=1);

namespace BenchGlow\Check\Proof;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\ReadsProof;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Prove\Outcomes;
use BenchGlow\Quantity\Words;

/** What is wrong is being looked for. */
final class HuntOpenRule implements ReadsProof, Rule
{
    public function id(): string
    {
        return 'hunt.open';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ((new Outcomes($analysis->build->document))->hunts as $hunt) {
            if (! $hunt->isOpen()) {
                continue;
            }
            $seen = count($hunt->saw) + count($hunt->readings);
            $findings[] = new Finding(
                $this->id(),
                Severity::Warning,
                $hunt->circuit,
                $hunt->circuit,
                'What is wrong with '.
                    Words::within($analysis->build->label($hunt->circuit)).
                    ' is not found yet; '.
                    ($seen === 0 ? 'nothing is looked at so far.' : Words::count($seen, 'answer').' so far.'),
            );
        }

        return $findings;
    }
}
