<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Document;
use BenchGlow\Build\Names;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\WorkFields;

/** An entry of the log: a mistake with its cause, a note, what was left so for now. */
final readonly class Log implements Commutes, Edit, Signable
{
    /**
     * @param  string  $kind  note · mistake · left · failed …
     * @param  string|null  $step  key of the step it happened in
     * @param  string|null  $cause  of a mistake
     * @param  string|null  $photo  sha256 of a picture that was kept
     * @param  list<string>  $about  what it is of
     * @param  float|null  $value  how far off, with its unit: too short by 0.08 m
     */
    public function __construct(
        public string $kind,
        public string $on,
        public string $text = '',
        public ?string $step = null,
        public ?string $cause = null,
        public ?float $minutes = null,
        public ?string $photo = null,
        public array $about = [],
        public ?float $value = null,
        public ?string $unit = null,
        public ?float $useH = null,
        public ?float $useKm = null,
        public string $weather = '',
        public ?string $by = null,
    ) {
    }

    public function says(Names $names): string
    {
        $cause = $this->cause === null ? '' : str_replace('_', ' ', $this->cause);
        $what = trim(($cause === '' ? '' : $cause).($cause !== '' && $this->text !== '' ? ': ' : '').$this->text);

        $kind = $this->photo === null ? $this->kind : 'picture';

        return mb_strimwidth(ucfirst($kind).($what === '' ? '' : ", {$what}"), 0, 120, '…');
    }

    public function signed(string $by): static
    {
        return new self(
            $this->kind,
            $this->on,
            $this->text,
            $this->step,
            $this->cause,
            $this->minutes,
            $this->photo,
            $this->about,
            $this->value,
            $this->unit,
            $this->useH,
            $this->useKm,
            $this->weather,
            $this->by ?? $by,
        );
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
        if ($this->photo !== null && preg_match('/^[0-9a-f]{64}$/', $this->photo) !== 1) {
            throw BadBuild::at('/photo', 'expected a picture that was kept.');
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
                'photo' => $this->photo,
                'about' => $this->about === [] ? null : $this->about,
                'value' => $this->value,
                'unit' => $this->unit,
                'use_h' => $this->useH,
                'use_km' => $this->useKm,
                'weather' => $this->weather === '' ? null : $this->weather,
                'by' => $this->by,
            ],
            fn (mixed $v): bool => $v !== null,
        );
        $draft->put(['log'], [...$draft->list(['log']), $entry]);
    }
}
