<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Names;
use BenchGlow\Format\BadBuild;
use BenchGlow\Quantity\Words;

/** A panel of the host that comes off. */
final readonly class AddPanel implements Edit
{
    /**
     * @param  list<string>  $gives  places, stretches, lamps that are reached only with it off
     * @param  list<string>  $behind  panels that come off before it
     * @param  string  $off  how it comes off
     */
    public function __construct(
        public string $label,
        public array $gives = [],
        public array $behind = [],
        public string $off = '',
        public ?string $wire = null,
        public bool $unplug = false,
        public bool $neededToUse = false,
        public string $fragile = '',
    ) {
    }

    public function says(Names $names): string
    {
        return 'Comes off: '.Words::within($this->label);
    }

    public function apply(Draft $draft): void
    {
        if (trim($this->label) === '') {
            throw BadBuild::at('/label', 'what is it called?');
        }
        $panel = [
            'id' => $draft->name($this->label),
            'label' => $this->label,
            'behind' => $this->behind,
            'gives' => $this->gives,
            'off' => $this->off,
            'fragile' => $this->fragile,
            'wire' => $this->wire,
            'unplug' => $this->unplug,
            'needed_to_use' => $this->neededToUse,
        ];
        $kept = array_filter($panel, fn (mixed $v): bool => $v !== [] && $v !== '' && $v !== null && $v !== false);
        $draft->put(['host', 'panels'], [...$draft->list(['host', 'panels']), $kept]);
    }
}
