<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Names;
use BenchGlow\Format\BadBuild;

/** The length of a lead as it was laid along its way and read, or as it came; null: derived again. */
final readonly class StringLength implements Edit
{
    private const FROM = ['strung' => 'strung', 'supplied' => 'as it came', 'guess' => 'guessed', '' => 'stated'];

    /** @param  string  $from  strung · supplied · guess; empty: stated */
    public function __construct(public string $id, public ?float $lengthM, public string $from = 'strung')
    {
    }

    public function says(Names $names): string
    {
        return $names->said(
            $this->id,
            $this->lengthM === null ? 'length by its way' : "{$this->lengthM} m, ".(self::FROM[$this->from] ?? ''),
        );
    }

    public function apply(Draft $draft): void
    {
        $draft->known($this->id);
        $lead = $draft->index->item($this->id);
        foreach ($this->lengthM === null ? [] : $lead->objects('inline') as $thing) {
            if ($thing->number('at_m') > $this->lengthM) {
                $at = $thing->number('at_m');
                throw BadBuild::at(
                    '/length_m',
                    "the length: something is set into it at {$at} m; expected no less than that.",
                );
            }
        }
        $path = $draft->index->paths[$this->id];
        $data = array_diff_key($lead->data, ['length_from' => 1]);
        $draft->put($path, [
            ...$data,
            'length_m' => $this->lengthM,
            ...$this->lengthM === null || $this->from === '' ? [] : ['length_from' => $this->from],
            ...$this->from === 'supplied' && $this->lengthM !== null ? ['supplied_m' => $this->lengthM] : [],
        ]);
    }
}
