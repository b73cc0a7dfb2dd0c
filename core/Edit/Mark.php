<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Document;
use BenchGlow\Build\Names;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Format\WorkFields;

/** Steps of the work that are behind us, with the facts they were done under. The last mark of a step holds. */
final readonly class Mark implements Commutes, Edit, Signable
{
    /**
     * @param  list<string>  $steps  keys, as pull:feed.1.to
     * @param  string  $on  the moment, with its offset
     * @param  string  $words  what was done, for the history: "held, GS 3.1 at the stud"
     * @param  string  $result  done · as_it_should · not_as_it_should · skipped
     * @param  Fields|null  $as  step => facts
     */
    public function __construct(
        public array $steps,
        public string $on,
        public string $words,
        public string $result = 'done',
        public ?Fields $as = null,
        public ?string $by = null,
        public ?string $note = null,
        public ?float $minutes = null,
    ) {
    }

    public function says(Names $names): string
    {
        $said = match ($this->result) {
            'skipped' => 'Passed over: ',
            'not_as_it_should' => 'Not as it should: ',
            default => '',
        };

        return mb_strimwidth($said.($said === '' ? ucfirst($this->words) : lcfirst($this->words)), 0, 120, '…');
    }

    public function holdsOn(Document $seen, Document $head): bool
    {
        return SameSubjects::in($seen, $head, SameSubjects::ofSteps($this->steps));
    }

    public function apply(Draft $draft): void
    {
        if ($this->steps === [] || in_array('', $this->steps, true)) {
            throw BadBuild::at('/steps', 'expected the step that was done.');
        }
        if (! in_array($this->result, WorkFields::RESULTS, true)) {
            throw BadBuild::at('/result', 'expected one of '.implode(', ', WorkFields::RESULTS).'.');
        }
        $kept = array_filter(
            $draft->list(['work', 'done']),
            fn (mixed $row): bool => ! is_array($row) || ! in_array($row['step'] ?? '', $this->steps, true),
        );
        $draft->put(['work', 'done'], [...array_values($kept), ...array_map($this->row(...), $this->steps)]);
    }

    public function signed(string $by): static
    {
        return new self(
            $this->steps,
            $this->on,
            $this->words,
            $this->result,
            $this->as,
            $this->by ?? $by,
            $this->note,
            $this->minutes,
        );
    }

    /** @return array<string, mixed> */
    private function row(string $step): array
    {
        $as = $this->as?->object($step)->data ?? [];

        return array_filter(
            [
                'step' => $step,
                'on' => $this->on,
                'result' => $this->result,
                'as' => $as === [] ? null : $as,
                'by' => $this->by,
                'note' => $this->note,
                'minutes' => $this->minutes,
            ],
            fn (mixed $v): bool => $v !== null,
        );
    }
}
