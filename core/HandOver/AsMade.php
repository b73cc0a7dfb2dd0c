<?php

declare(strict_types=1);

namespace BenchGlow\HandOver;

use BenchGlow\Build\Document;
use BenchGlow\Format\Fields;

/** What the marks of the work say of how it was really made: lengths as cut, fuses as they are in. */
final readonly class AsMade
{
    /** @var array<string, Fields> step => its last mark */
    private array $done;

    public function __construct(Document $document)
    {
        $done = [];
        foreach ($document->fields()->object('work')->objects('done') as $row) {
            $done[$row->text('step')] = $row;
        }
        $this->done = $done;
    }

    /** Metres a lead was cut to, all its pieces between plugs together; null where nobody cut it yet. */
    public function cutM(string $lead): ?float
    {
        $sum = null;
        foreach ($this->done as $step => $mark) {
            if (preg_match('/^cut:'.preg_quote($lead, '/').'(\.\d+)?$/', (string) $step) === 1) {
                $own = $mark->object('as')->numberOrNull('length_m');
                $sum = $own === null ? $sum : ($sum ?? 0.0) + $own;
            }
        }

        return $sum;
    }

    public function fuseA(string $fuse): ?float
    {
        return ($this->done["fuse:{$fuse}"] ?? null)?->object('as')->numberOrNull('amps');
    }
}
