<?php

declare(strict_types=1);

namespace BenchGlow\Check\Price;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Check\Finding;
use BenchGlow\Check\ReadsHandOver;
use BenchGlow\Check\Rule;
use BenchGlow\Check\Severity;
use BenchGlow\Cost\Options;
use BenchGlow\Edit\RemoveItem;
use BenchGlow\Format\BadBuild;

/** An option of the quote changes something that is not there any more. */
final class OptionStaleRule implements ReadsHandOver, Rule
{
    public function id(): string
    {
        return 'quote.option_stale';
    }

    public function check(Analysis $analysis): array
    {
        $document = $analysis->build->document;
        $findings = [];
        foreach ($document->fields()->object('quote')->objects('options') as $option) {
            $edit = $option->textOrNull('edit');
            if ($edit === null || $option->flag('chosen')) {
                continue;
            }
            try {
                Options::with($document, $edit);
            } catch (BadBuild) {
                $findings[] = new Finding(
                    $this->id(),
                    Severity::Warning,
                    null,
                    $option->text('id'),
                    "The option “{$option->text(
                        'label',
                    )}” does not fit the build any more: what it changes is gone, or another.",
                    'Take the option out',
                    new RemoveItem($option->text('id')),
                );
            }
        }

        return $findings;
    }
}
