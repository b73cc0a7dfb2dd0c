<?php

declare(strict_types=1);

namespace BenchGlow\Prove;

use BenchGlow\Build\Document;
use BenchGlow\Format\Fields;

/**
 * What Build has marked of the same: its steps that prove something are these gates. Done there counts here and is not written
 * down a second time (probe-prove.md 12).
 */
final readonly class Marks
{
    /** Gate => verb of the step; with `:` the subject of the gate goes on. */
    private const STEP = [
        'baseline' => 'baseline:all',
        'baseline_after' => 'host_again:all',
        'part' => 'bench:',
        'contact' => 'trial:',
        'night' => 'night:',
    ];

    /** The same by circuit. */
    private const OF_CIRCUIT = [
        'short' => 'shorts:',
        'ground' => 'open_test:',
        'state' => 'open_test:',
        'timed' => 'open_test:',
        'colour' => 'open_test:',
        'closed' => 'closed_test:',
    ];

    /** @param  array<string, Fields>  $done  step => its last mark */
    private function __construct(private array $done)
    {
    }

    public static function of(Document $document): self
    {
        $done = [];
        foreach ($document->fields()->object('work')->objects('done') as $row) {
            $done[$row->text('step')] = $row;
        }

        return new self($done);
    }

    public function outcome(Gate $gate): ?Outcome
    {
        $row = $this->done[self::step($gate)] ?? null;
        if ($row === null) {
            return null;
        }
        $result = $row->text('result', 'done');

        return new Outcome(
            $gate->key,
            $result === 'done' ? 'as_it_should' : $result,
            $row->text('on'),
            why: $row->text('note'),
            by: $row->text('by'),
        );
    }

    /** The step of Build that proves the same; '' where none does. */
    public static function step(Gate $gate): string
    {
        $of = self::STEP[$gate->kind] ?? '';
        $subject = $gate->subject();

        return match (true) {
            isset(self::OF_CIRCUIT[$gate->kind]) => self::OF_CIRCUIT[$gate->kind].$gate->circuit,
            $gate->kind === 'use' => 'use:all',
            $of === '' => '',
            default => str_ends_with($of, ':') ? $of.$subject : $of,
        };
    }
}
