<?php

declare(strict_types=1);

namespace BenchGlow\Edit;

use BenchGlow\Build\Document;
use BenchGlow\Build\Names;
use BenchGlow\Format\BadBuild;

/** A gate that is passed over, with its reason: it counts, and the sheet says why. */
final readonly class SkipGate implements Commutes, Edit
{
    public function __construct(
        public string $gate,
        public string $why,
        public string $on,
        public string $facts = '',
        public string $words = 'A gate',
    ) {
    }

    public function says(Names $names): string
    {
        return mb_strimwidth("Passed over, {$this->why}: ".lcfirst($this->words), 0, 120, '…');
    }

    public function holdsOn(Document $seen, Document $head): bool
    {
        return true;
    }

    public function apply(Draft $draft): void
    {
        KeepGate::keyed($this->gate);
        if (trim($this->why) === '') {
            throw BadBuild::at('/why', 'expected why it is passed over; the sheet says it.');
        }
        KeepGate::put($draft, [
            'gate' => $this->gate,
            'on' => $this->on,
            'result' => 'skipped',
            ...$this->facts === '' ? [] : ['facts' => $this->facts],
            'why' => trim($this->why),
        ]);
    }
}
