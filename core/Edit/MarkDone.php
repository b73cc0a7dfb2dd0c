<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Names;
use BenchGlow\Format\BadBuild;

/** A step of work that was done, as its key says: pull:feed.1.to. Once is enough. */
final readonly class MarkDone implements Edit
{
    private const RESULTS = ['done', 'as_it_should', 'not_as_it_should', 'skipped'];

    /** @param  string  $words  what was done, for the history: "held, GS 3.1 at the stud" */
    public function __construct(
        public string $step,
        public string $on,
        public string $words,
        public string $result = 'as_it_should',
    ) {
    }

    public function says(Names $names): string
    {
        return mb_strimwidth(ucfirst($this->words), 0, 120, '…');
    }

    public function apply(Draft $draft): void
    {
        if ($this->step === '' || ! in_array($this->result, self::RESULTS, true)) {
            throw BadBuild::at('/result', 'expected one of '.implode(', ', self::RESULTS).'.');
        }
        $kept = array_filter(
            $draft->list(['work', 'done']),
            fn (mixed $row): bool => ! is_array($row) || ($row['step'] ?? '') !== $this->step,
        );
        $draft->put(
            ['work', 'done'],
            [...array_values($kept), ['step' => $this->step, 'on' => $this->on, 'result' => $this->result]],
        );
    }
}
