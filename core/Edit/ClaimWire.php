<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Names;
use BenchGlow\Format\BadBuild;
use BenchGlow\Probe\Tables;

/** What somebody or something says a wire is: a diagram, a label, an owner. It never makes a name sure. */
final readonly class ClaimWire implements Edit
{
    /** @param  string|null  $says  a function; null takes what is said from there back */
    public function __construct(public string $wire, public ?string $says, public string $from = 'diagram')
    {
    }

    public function says(Names $names): string
    {
        $what = $this->says === null ? 'a claim taken back' : 'said to be '.Tables::words($this->says);

        return $names->said($this->wire, $what);
    }

    public function apply(Draft $draft): void
    {
        if (($draft->index->sections[$this->wire] ?? '') !== 'probe.wires') {
            throw BadBuild::at('/wire', 'that wire is not there any more.');
        }
        if ($this->says !== null && Tables::function($this->says) === null && Tables::merged($this->says) === '') {
            $known = array_map(fn ($f): string => $f->id, Tables::functions());
            throw BadBuild::at('/says', "no wire is a `{$this->says}`.".BadBuild::nearMiss($this->says, $known));
        }
        $claims = array_values(
            array_filter(
                (array) ($draft->index->item($this->wire)->data['claims'] ?? []),
                fn (mixed $c): bool => ! is_array($c) || ($c['from'] ?? '') !== $this->from,
            ),
        );
        if ($this->says !== null) {
            $claims[] = ['says' => $this->says, 'from' => $this->from];
        }
        $draft->put([...$draft->index->paths[$this->wire], 'claims'], $claims);
    }
}
