<?php

declare(strict_types=1);

namespace BenchGlow\Check\Work;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\ReadsWork;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\KeepPart;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;

/** Fewer lie there than the job needs, and none is on its way. */
final class KitShortRule implements ReadsWork, Rule
{
    public function id(): string
    {
        return 'build.kit_short';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        foreach ($analysis->build->document->fields()->object('work')->objects('parts') as $row) {
            [$need, $have] = [$row->integer('need'), $row->numberOrNull('have')];
            $comes = $row->text('due_on') !== '' && $row->text('arrived_on') === '';
            if ($have === null || $have >= $need || $comes) {
                continue;
            }
            $findings[] = new Finding(
                $this->id(),
                Severity::Warning,
                null,
                $row->text('part'),
                Words::first($analysis->build->label($row->text('part'))).
                    ': '.
                    Shown::plain($have, 2).
                    " of {$need} there, and no more on the way.",
                'They are all here',
                new KeepPart($row->text('part'), (float) $need),
            );
        }

        return $findings;
    }
}
