<?php

declare(strict_types=1);

namespace App\Stations\Probe;

use App\Frame\Frame;
use BenchGlow\Build\Build;
use BenchGlow\Build\Document;

/** A build on the bench. */
final readonly class AtBuild implements Standpoint
{
    public function __construct(private Frame $frame)
    {
    }

    public function document(): Document
    {
        return $this->frame->document;
    }

    public function build(): Build
    {
        return $this->frame->analysis->build;
    }

    public function own(string $field): string
    {
        return $this->frame->own($field);
    }

    public function thrown(): array
    {
        return $this->frame->thrown();
    }

    public function url(array $change): string
    {
        return $this->frame->url($change);
    }

    public function name(string $id): string
    {
        return $this->frame->names()->name($id);
    }

    public function keeps(array $change): string
    {
        return $this->frame->toEditAt($change);
    }

    public function pins(): array
    {
        $pins = [];
        foreach ($this->frame->pins() as $n => $finding) {
            foreach ($finding->places() as $place) {
                $pins[$place] ??= [$n + 1, $finding->severity->value];
            }
        }

        return $pins;
    }

    public function amps(): float
    {
        $amps = 0.0;
        foreach (array_keys($this->frame->analysis->build->circuits) as $circuit) {
            $amps = max($amps, $this->frame->flags->amps($circuit));
        }

        return $amps;
    }
}
