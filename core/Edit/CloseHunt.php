<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Names;
use BenchGlow\Format\BadBuild;

/** What it was, and that it is mended; or that it was given up, with a note. */
final readonly class CloseHunt implements Edit
{
    /**
     * @param  string|null  $found  key of the fault; null: something else, or given up
     * @param  string  $words  what was found, for the history
     */
    public function __construct(
        public string $hunt,
        public string $on,
        public ?string $found = null,
        public string $note = '',
        public string $words = '',
    ) {
    }

    public function says(Names $names): string
    {
        return $this->words === '' ? 'The hunt is over' : mb_strimwidth("Mended: {$this->words}", 0, 120, '…');
    }

    public function apply(Draft $draft): void
    {
        $at = Hunts::at($draft, $this->hunt);
        if ($this->found === null && trim($this->note) === '') {
            throw BadBuild::at('/note', 'expected what it was, or why the search ends.');
        }
        $row = $draft->list(['faults'])[$at];
        $row = is_array($row) ? $row : [];
        $row += ['mended_on' => $this->on];
        $row += $this->found === null ? [] : ['found' => $this->found];
        $row += trim($this->note) === '' ? [] : ['note' => trim($this->note)];
        $draft->put(['faults', $at], $row);
    }
}
