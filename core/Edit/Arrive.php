<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Document;
use BenchGlow\Build\Names;
use BenchGlow\Format\BadBuild;

/** A part that was on its way is here. */
final readonly class Arrive implements Commutes, Edit
{
    /** @param  string|null  $instead  it came in place of this part */
    public function __construct(public string $part, public string $on, public ?string $instead = null)
    {
    }

    public function says(Names $names): string
    {
        return $names->said(
            $this->part,
            'here'.($this->instead === null ? '' : ', in place of '.lcfirst($names->name($this->instead))),
        );
    }

    public function holdsOn(Document $seen, Document $head): bool
    {
        return SameSubjects::in($seen, $head, [$this->part]);
    }

    public function apply(Draft $draft): void
    {
        $draft->known($this->part);
        if ($draft->index->sections[$this->part] !== 'parts') {
            throw BadBuild::at('/part', 'expected a part of this build.');
        }
        $rows = $draft->list(['work', 'parts']);
        $at = count($rows);
        $row = ['part' => $this->part];
        foreach ($rows as $n => $one) {
            if (is_array($one) && ($one['part'] ?? null) === ($this->instead ?? $this->part)) {
                [$at, $row] = [$n, $one];
            }
        }
        $rows[$at] = [...$row, 'part' => $this->part, 'arrived_on' => $this->on];
        if ($this->instead !== null) {
            $rows[$at]['substitute_for'] = $this->instead;
        }
        $draft->put(['work', 'parts'], array_values($rows));
    }
}
