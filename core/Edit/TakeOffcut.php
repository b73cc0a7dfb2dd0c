<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Names;
use BenchGlow\Format\BadBuild;

/** Takes an offcut of the bench for this build, or lays it back. */
final readonly class TakeOffcut implements Edit
{
    /** @param  string  $offcut  as the bench calls it */
    public function __construct(
        public string $offcut,
        public string $part,
        public float $lengthM,
        public bool $back = false,
    ) {
    }

    public function says(Names $names): string
    {
        return $names->said($this->part, $this->back ? 'offcut laid back' : "an offcut of {$this->lengthM} m taken");
    }

    public function apply(Draft $draft): void
    {
        $kept = [];
        $there = false;
        foreach ($draft->document->fields()->object('work')->objects('offcuts') as $row) {
            $same = $row->text('offcut') === $this->offcut;
            $there = $there || $same;
            if (! $same || ! $this->back) {
                $kept[] = $row->data;
            }
        }
        if ($there !== $this->back) {
            throw BadBuild::at(
                '/offcut',
                $this->back ? 'this build holds no such offcut.' : 'this build holds that offcut already.',
            );
        }
        if (! $this->back) {
            $kept[] = ['offcut' => $this->offcut, 'part' => $this->part, 'length_m' => $this->lengthM];
        }
        $draft->put(['work', 'offcuts'], $kept);
    }
}
