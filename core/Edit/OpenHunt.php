<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Names;
use BenchGlow\Format\BadBuild;

/** Something is not as it should be: the search begins. */
final readonly class OpenHunt implements Edit
{
    /** @param  list<string>  $readings  ids of the log that belong to it */
    public function __construct(public string $circuit, public string $on, public array $readings = [])
    {
    }

    public function says(Names $names): string
    {
        return $names->said($this->circuit, 'looked for what is wrong');
    }

    public function apply(Draft $draft): void
    {
        if (($draft->index->sections[$this->circuit] ?? '') !== 'circuits') {
            throw BadBuild::at('/circuit', 'expected a circuit of this build.');
        }
        $lights = array_filter(
            $draft->document->fields()->objects('lights'),
            fn ($light): bool => $light->text('circuit') === $this->circuit,
        );
        if ($lights === []) {
            throw BadBuild::at('/circuit', 'this circuit has no light, so nothing can be dark.');
        }
        foreach ($draft->document->fields()->objects('faults') as $hunt) {
            if ($hunt->text('circuit') === $this->circuit && ! $hunt->has('found') && ! $hunt->has('mended_on')) {
                throw BadBuild::at('/circuit', 'one hunt is open in this circuit already; finish it first.');
            }
        }
        $draft->put(
            ['faults'],
            [
                ...$draft->list(['faults']),
                [
                    'id' => $draft->number('h'),
                    'circuit' => $this->circuit,
                    'opened_on' => $this->on,
                    ...$this->readings === [] ? [] : ['readings' => $this->readings],
                ],
            ],
        );
    }
}
