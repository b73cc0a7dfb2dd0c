<?php

declare(strict_types=1);

namespace BenchGlow\Lists;

use BenchGlow\Analysis\Analysis;
use BenchGlow\Format\Fields;
use BenchGlow\Sizing\Ready;

/** Which circuit can be made from when, by the parts it waits for (layout-harness.md 13). */
final readonly class ReadyList
{
    /** @var array<string, string|null> part => the day it is there */
    public array $days;

    /** @var array<string, string> part => what it is called */
    public array $names;

    /** @param  string  $today  2026-05-02, from the caller */
    public function __construct(private Analysis $analysis, private string $today)
    {
        $days = $names = [];
        $work = [];
        foreach ($analysis->build->document->fields()->object('work')->objects('parts') as $row) {
            $work[$row->text('part')] = $row;
        }
        foreach ($analysis->build->parts as $id => $part) {
            $row = $work[$id] ?? new Fields([]);
            $pack = $part->fields->object('pack');
            // What nobody keeps a date of lies on the bench.
            $silent = ! isset($work[$id]) && ! $pack->has('lead_days');
            $names[$id] = $part->label ?: (string) $id;
            $days[$id] = Ready::day(
                $today,
                $silent || ($row->has('have') && $row->number('have') >= $row->number('need', 1.0)),
                $row->textOrNull('arrived_on'),
                $row->textOrNull('due_on'),
                $row->textOrNull('ordered_on'),
                $pack->integerOrNull('lead_days'),
            );
        }
        $this->days = $days;
        $this->names = $names;
    }

    /** @return array<string, Ready> by circuit */
    public function circuits(): array
    {
        $needed = $this->neededBy();
        $all = [];
        foreach (array_keys($this->analysis->build->circuits) as $circuit) {
            $all[$circuit] = Ready::of($this->daysOf((string) $circuit), $this->today, $needed);
        }

        return $all;
    }

    /** @return array<string, string|null> */
    private function daysOf(string $circuit): array
    {
        $build = $this->analysis->build;
        $parts = [];
        foreach (['lights', 'devices', 'leads'] as $section) {
            foreach ($build->document->fields()->objects($section) as $item) {
                if ($item->text('circuit') === $circuit) {
                    foreach (['part', 'wire'] as $field) {
                        $parts[$item->text($field)] = true;
                    }
                }
            }
        }

        return array_intersect_key($this->days, $parts);
    }

    /** The day the brief says all is needed by, where it reads as one. */
    public function neededBy(): ?string
    {
        foreach ($this->analysis->build->facts as $fact) {
            if (
                $fact->kind === 'needed_by' &&
                preg_match('/\d{4}-\d{2}-\d{2}/', "{$fact->value} {$fact->where}", $found) === 1
            ) {
                return $found[0];
            }
        }

        return null;
    }
}
