<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Names;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;

/** One straight or corner of a strip's path: changed, put in, or taken out. */
final readonly class SetSegment implements Edit
{
    public const MOST = 200;

    /**
     * @param  int  $at  its place from 0; the number of segments to put it last
     * @param  Fields|null  $segment  null: it goes
     * @param  bool  $insert  before what stands there
     */
    public function __construct(
        public string $id,
        public int $at,
        public ?Fields $segment,
        public bool $insert = false,
    ) {
    }

    public function says(Names $names): string
    {
        $what = $this->segment?->has('corner') === true ? 'corner' : 'straight';

        return $names->said(
            $this->id,
            $this->segment === null ? 'a part of its path taken out' : "a {$what} of its path set",
        );
    }

    public function apply(Draft $draft): void
    {
        $draft->known($this->id);
        if (! $draft->index->item($this->id)->isA('strip_path')) {
            throw BadBuild::at('/id', 'only a strip\'s path has straights and corners.');
        }
        $path = [...$draft->index->paths[$this->id], 'segments'];
        $segments = $draft->list($path);
        if ($this->at < 0 || $this->at > count($segments) - ($this->segment === null ? 1 : 0)) {
            throw BadBuild::at('/at', 'the path has '.count($segments).' parts; there is none at this place.');
        }
        if ($this->segment !== null && $this->insert && count($segments) >= self::MOST) {
            throw BadBuild::at('/at', 'a path has at most '.self::MOST.' straights and corners.');
        }
        $given = $this->segment === null ? [] : [$this->segment->data];
        $old = $this->insert ? 0 : 1;
        $now = $old === 1 && isset($segments[$this->at]) && is_array($segments[$this->at]) ? $segments[$this->at] : [];
        if ($given !== [] && $old === 1) {
            $given = [array_filter([...$now, ...$given[0]], fn (mixed $v): bool => $v !== null)];
        }
        array_splice($segments, $this->at, $old, $given);
        $draft->put($path, $segments);
    }
}
