<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Names;
use BenchGlow\Format\BadBuild;

/** A place more, with the stretch that leads to it. */
final readonly class AddPlace implements Edit
{
    /**
     * @param  string|null  $beside  the place it is reached from
     * @param  string|null  $thing  what sits there
     * @param  string|null  $carrier  what it leaves or moves with
     */
    public function __construct(
        public string $label,
        public ?string $beside = null,
        public ?float $lengthM = null,
        public ?string $thing = null,
        public ?string $carrier = null,
    ) {
    }

    public function says(Names $names): string
    {
        return "Added the place {$this->label}";
    }

    public function apply(Draft $draft): void
    {
        $place = $draft->name('place');
        $draft->data['places'] = [
            ...$draft->list(['places']),
            ['id' => $place, 'label' => $this->label, ...$this->carrier === null ? [] : ['carrier' => $this->carrier]],
        ];
        if ($this->beside !== null) {
            if (($draft->index->sections[$this->beside] ?? '') !== 'places') {
                throw BadBuild::at('/beside', 'it is reached from a place of this build.');
            }
            $draft->data['routes'] = [
                ...$draft->list(['routes']),
                [
                    'id' => $draft->name('way_'.(count($draft->list(['routes'])) + 1)),
                    'from' => $this->beside,
                    'to' => $place,
                    'length_m' => $this->lengthM,
                ],
            ];
        }
        if ($this->thing !== null) {
            $draft->known($this->thing);
            $draft->put([...$draft->index->paths[$this->thing], 'place'], $place);
        }
    }
}
