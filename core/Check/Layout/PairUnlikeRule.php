<?php

declare(strict_types=1);

namespace BenchGlow\Check\Layout;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\ReadsLayouts;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Edit\SetField;
use BenchGlow\Quantity\Words;

/** Two of a pair that do not mirror each other (layout-harness.md 2). */
final class PairUnlikeRule implements ReadsLayouts, Rule
{
    public function id(): string
    {
        return 'pair.unlike';
    }

    public function check(Analysis $analysis): array
    {
        $findings = [];
        $all = LaidOut::all($analysis);
        foreach ($all as $laid) {
            $of = $laid->light()?->fields->textOrNull('mirror_of');
            foreach ($of === null || $laid->fields->has('mirror_of') ? [] : $all as $other) {
                if ($other->kind === $laid->kind && $other->light()?->id === $of) {
                    $findings[] = LaidOut::found(
                        $this->id(),
                        Severity::Note,
                        $laid,
                        Words::first($laid->label).
                            ' is one of a pair and is not laid as the mirror of '.
                            Words::within($other->label).
                            '.',
                        'Mirror it',
                        new SetField($laid->id, 'mirror_of', $other->id),
                    );
                }
            }
        }

        return $findings;
    }
}
