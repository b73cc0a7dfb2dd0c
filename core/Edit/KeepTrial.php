<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Names;
use BenchGlow\Format\BadBuild;

/** A try of a sensor at one place of its travel: made or not. */
final readonly class KeepTrial implements Edit
{
    /** @param  string  $held  hand · tape · fixed */
    public function __construct(
        public string $id,
        public float $at,
        public bool $made,
        public string $held = 'tape',
        public string $on = '',
    ) {
    }

    public function says(Names $names): string
    {
        return $names->said($this->id, 'tried: '.($this->made ? 'made' : 'not made'));
    }

    public function apply(Draft $draft): void
    {
        $draft->known($this->id);
        $sensor = $draft->index->item($this->id);
        if (! $sensor->isA('sensor')) {
            throw BadBuild::at('/id', 'a trial is kept with a sensor.');
        }
        [$a, $b] = [$sensor->number('shut'), $sensor->number('open')];
        if ($this->at < min($a, $b) - 1e-9 || $this->at > max($a, $b) + 1e-9) {
            throw BadBuild::at(
                '/at',
                'expected a place inside the travel, from '.min($a, $b).' to '.max($a, $b).'.',
            );
        }
        $path = [...$draft->index->paths[$this->id], 'trials'];
        $trial = ['at' => $this->at, 'made' => $this->made, 'held' => $this->held];
        $draft->put($path, [...$draft->list($path), $this->on === '' ? $trial : [...$trial, 'on' => $this->on]]);
    }
}
