<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Names;
use BenchGlow\Format\BadBuild;
use BenchGlow\Layout\NoOutline;
use BenchGlow\Layout\SvgOutline;

/** The outline of a drawing made elsewhere: only its path data is kept. */
final readonly class ImportOutline implements Edit
{
    /**
     * @param  string  $svg  the text of the file
     * @param  float|null  $widthM  how wide it is, where the file does not say
     */
    public function __construct(public string $id, public string $svg, public ?float $widthM = null)
    {
    }

    public function says(Names $names): string
    {
        return $names->said($this->id, 'outline taken from a file');
    }

    public function apply(Draft $draft): void
    {
        $draft->known($this->id);
        if (! in_array($draft->index->item($this->id)->text('kind'), ['panel', 'piece'], true)) {
            throw BadBuild::at('/id', 'only a panel or a piece has an outline.');
        }
        try {
            $read = SvgOutline::read($this->svg, $this->widthM === null ? null : 1000 * $this->widthM);
        } catch (NoOutline $e) {
            throw BadBuild::at('/svg', $e->getMessage());
        }
        $draft->put([...$draft->index->paths[$this->id], 'outline'], ['path' => $read['path']]);
    }
}
