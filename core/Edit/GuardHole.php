<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Names;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\Words;

/** A guard in the hole that a stretch begins with: in the one that is there, else in a new one. */
final readonly class GuardHole implements Edit
{
    /**
     * @param  string  $for  stretch, or the hole itself
     * @param  string  $edge  grommet · gland · sealed · sleeve
     */
    public function __construct(
        public string $for,
        public string $edge = 'grommet',
        public string $in = '',
        public ?float $mm = null,
    ) {
    }

    public function says(Names $names): string
    {
        return Words::first($names->said($this->for, "guarded by a {$this->edge}"));
    }

    public function apply(Draft $draft): void
    {
        $draft->known($this->for);
        if ($draft->index->sections[$this->for] === 'holes') {
            $draft->put([...$draft->index->paths[$this->for], 'edge'], $this->edge);

            return;
        }
        foreach ($draft->document->fields()->objects('holes') as $n => $hole) {
            if ($hole->text('for') === $this->for) {
                $draft->put(['holes', $n, 'edge'], $this->edge);

                return;
            }
        }
        if ($this->mm === null || $this->in === '') {
            throw BadBuild::at('/mm', 'a new hole says how wide it is and what it is in.');
        }
        $draft->data['holes'] = [
            ...$draft->list(['holes']),
            (new Fields([
                'id' => $draft->name('hole'),
                'for' => $this->for,
                'in' => $this->in,
                'mm' => $this->mm,
                'edge' => $this->edge,
            ]))->data,
        ];
    }
}
