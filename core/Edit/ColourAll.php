<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Build;
use BenchGlow\Build\Names;
use BenchGlow\Loom\Colours;
use BenchGlow\Loom\Loom;

/** Writes the colours that follow from the plan into every lead, so that they stay when the plan changes. */
final readonly class ColourAll implements Edit
{
    /** @param  bool  $anew  stated colours of own wires too */
    public function __construct(public bool $anew = false)
    {
    }

    public function says(Names $names): string
    {
        return 'Coloured every wire by the plan';
    }

    public function apply(Draft $draft): void
    {
        $document = $draft->document;
        if ($this->anew) {
            foreach ($document->fields()->objects('leads') as $n => $lead) {
                $draft->put(['leads', $n], array_diff_key($lead->data, ['colours' => 1]));
            }
            $document = $draft->finished();
        }
        $build = Build::of($document);
        $colours = new Colours($build, Loom::of($build));
        foreach ($document->fields()->objects('leads') as $n => $lead) {
            $draft->put(['leads', $n, 'colours'], $colours->all[$lead->text('id')]);
        }
    }
}
