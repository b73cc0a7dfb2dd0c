<?php

declare(strict_types=1);

namespace BenchGlow\AsBuilt;

use BenchGlow\Build\Document;
use BenchGlow\Quantity\Words;

/** Who did the work, as marks and gates were signed. */
final class Hands
{
    /** "Done by Ina: 34 steps, 3 gates; Jon: 2 steps."; '' where nobody signed. */
    public static function words(Document $document): string
    {
        $fields = $document->fields();
        $all = [];
        foreach (['step' => $fields->object('work')->objects('done'), 'gate' => $fields->objects('gates')] as $of => $rows) {
            foreach ($rows as $row) {
                $by = $row->text('by');
                if ($by !== '') {
                    $all[$by][$of] = ($all[$by][$of] ?? 0) + 1;
                }
            }
        }
        ksort($all);
        $said = [];
        foreach ($all as $by => $counts) {
            $counted = [];
            foreach ($counts as $of => $count) {
                $counted[] = Words::count($count, $of);
            }
            $said[] = "{$by}: ".implode(', ', $counted);
        }

        return $said === [] ? '' : 'Done by '.implode('; ', $said).'.';
    }
}
