<?php

declare(strict_types=1);

namespace BenchGlow\Check;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Edit\Batch;
use BenchGlow\Edit\Edit;
use BenchGlow\Quantity\Words;

/** Findings that say the same of several things stand as one, with its places and one act that mends them all. */
final class Together
{
    /**
     * @param  list<Finding>  $findings
     * @return list<Finding> in the order of the first of each
     */
    public static function of(Analysis $analysis, array $findings): array
    {
        $groups = [];
        foreach ($findings as $finding) {
            $groups[self::likeness($analysis, $finding)][] = $finding;
        }

        return array_map(
            fn (array $group): Finding => count($group) === 1 ? $group[0] : self::one($analysis, $group),
            array_values($groups),
        );
    }

    /** What findings have in common that say the same: everything but the name of their subject. */
    private static function likeness(Analysis $analysis, Finding $finding): string
    {
        $name = self::name($analysis, $finding->subject);
        $said =
            $finding->many ??
            str_replace(
                [$name, Words::within($name), Words::first($name), "`{$finding->subject}`"],
                '#',
                $finding->message,
            );

        // Without a name in it, or with another one, the sentence is about more than its subject.
        return $finding->many === null && ! str_contains($said, '#')
            ? "{$finding->rule} {$finding->subject} {$finding->message}"
            : "{$finding->rule} {$finding->severity->value} {$said}";
    }

    private static function name(Analysis $analysis, string $subject): string
    {
        return $analysis->build->label($subject);
    }

    /** @param  non-empty-list<Finding>  $group */
    private static function one(Analysis $analysis, array $group): Finding
    {
        $names = array_map(fn (Finding $f): string => Words::within(self::name($analysis, $f->subject)), $group);
        $first = $group[0];
        $others = self::listed(array_slice($names, 1));
        $edits = array_values(array_filter(array_map(fn (Finding $f): ?Edit => $f->edit, $group)));
        $mends = count($edits) === count($group);

        return $first->together(
            array_slice($group, 1),
            $first->many === null
                ? "{$first->message} The same goes for {$others}."
                : count($group)." {$first->many} They are ".self::listed($names).'.',
            $mends ? "{$first->fix}, at all ".count($group) : null,
            $mends ? new Batch($edits) : null,
        );
    }

    /** @param  list<string>  $names */
    private static function listed(array $names): string
    {
        $last = array_pop($names);

        return $names === [] ? (string) $last : implode(', ', $names)." and {$last}";
    }
}
