<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Names;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;

/** A circuit with its first light. */
final readonly class AddCircuit implements Edit
{
    /**
     * @param  Fields  $light  kind and size, as in the build file
     * @param  Fields  $part  of the catalogue or of the file
     * @param  string  $supply  '' for the first
     */
    public function __construct(
        public string $label,
        public Fields $light,
        public Fields $part,
        public string $supply = '',
    ) {
    }

    public function says(Names $names): string
    {
        return "{$this->label}: new circuit";
    }

    public function apply(Draft $draft): void
    {
        $label = trim($this->label);
        if ($label === '') {
            throw BadBuild::at('/label', 'a circuit needs a name, as "Galley shelf".');
        }
        $id = $draft->name($label);
        $draft->data['circuits'] = [
            ...$draft->list(['circuits']),
            ['id' => $id, 'flag' => CopyCircuit::freeFlag($draft, $label), 'label' => $label, 'wants' => []],
        ];
        $light = new Fields(['label' => $label, ...$this->light->data]);
        AddLight::put($draft, $id, $this->supply, $light, $this->part);
    }
}
