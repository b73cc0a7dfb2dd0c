<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Names;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Format\ProofFields;

/** How a light looks in one situation, for a hunt. */
final readonly class See implements Edit
{
    /**
     * @param  string  $emitter  as wants name it
     * @param  string  $look  dark · ghost · dim · right · bright · wrong_colour · flickers
     * @param  Fields  $with  input => position
     */
    public function __construct(
        public string $hunt,
        public string $emitter,
        public string $look,
        public string $on,
        public Fields $with = new Fields([]),
    ) {
    }

    public function says(Names $names): string
    {
        return $names->name(explode('.', $this->emitter)[0]).': '.str_replace('_', ' ', $this->look);
    }

    public function apply(Draft $draft): void
    {
        if (! in_array($this->look, ProofFields::LOOKS, true)) {
            throw BadBuild::at('/look', 'expected one of '.implode(', ', ProofFields::LOOKS).'.');
        }
        $at = Hunts::at($draft, $this->hunt);
        $saw = ['emitter' => $this->emitter, 'look' => $this->look, 'on' => $this->on];
        $saw += $this->with->data === [] ? [] : ['with' => $this->with->data];
        $draft->put(['faults', $at, 'saw'], [...$draft->list(['faults', $at, 'saw']), $saw]);
    }
}
