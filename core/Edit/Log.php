<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Document;
use BenchGlow\Build\Names;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\WorkFields;

/** An entry of the log: a mistake with its cause, a note, what was left so for now. */
final readonly class Log implements Commutes, Edit
{
    /**
     * @param  string  $kind  note · mistake · left · failed …
     * @param  string|null  $step  key of the step it happened in
     * @param  string|null  $cause  of a mistake
     */
    public function __construct(
        public string $kind,
        public string $on,
        public string $text = '',
        public ?string $step = null,
        public ?string $cause = null,
        public ?float $minutes = null,
    ) {
    }

    public function says(Names $names): string
    {
        $cause = $this->cause === null ? '' : str_replace('_', ' ', $this->cause);
        $what = trim(($cause === '' ? '' : $cause).($cause !== '' && $this->text !== '' ? ': ' : '').$this->text);

        return mb_strimwidth(ucfirst($this->kind).($what === '' ? '' : ", {$what}"), 0, 120, '…');
    }

    public function holdsOn(Document $seen, Document $head): bool
    {
        return true;
    }

    public function apply(Draft $draft): void
    {
        if (! in_array($this->kind, WorkFields::LOG, true)) {
            throw BadBuild::at('/kind', 'expected one of '.implode(', ', WorkFields::LOG).'.');
        }
        if ($this->kind === 'mistake' && ! in_array($this->cause, WorkFields::CAUSES, true)) {
            throw BadBuild::at('/cause', 'a mistake has a cause of the list.');
        }
        $entry = array_filter(
            [
                'id' => $draft->name('entry'),
                'on' => $this->on,
                'kind' => $this->kind,
                'text' => $this->text === '' ? null : $this->text,
                'step' => $this->step,
                'cause' => $this->cause,
                'minutes' => $this->minutes,
            ],
            fn (mixed $v): bool => $v !== null,
        );
        $draft->put(['log'], [...$draft->list(['log']), $entry]);
    }
}
