<?php

declare(strict_types=1);

namespace App\Stations\HandOver;

use App\Frame\Frame;
use App\Store\Seals;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Severity;
use BenchGlow\HandOver\Gap;
use BenchGlow\HandOver\Missing;

/** The seal: what is missing first, worst first; then to whom, and what goes with it. */
final readonly class SealLeaf
{
    /** @var list<Gap> */
    public array $gaps;

    public function __construct(private Frame $frame, private HandOverPage $page)
    {
        $dangers = array_map(
            fn (Finding $f): Gap => new Gap(
                'danger',
                'danger',
                $f->subject,
                $frame->names()->sentence($f->message),
                'circuit',
                'Look at it',
            ),
            array_values(
                array_filter(
                    $frame->review->open(),
                    fn (Finding $f): bool => $f->severity === Severity::Danger &&
                        ! str_starts_with($f->rule, 'handover.'),
                ),
            ),
        );
        $this->gaps = [...$dangers, ...Missing::of($frame->analysis)];
    }

    public function mayBeSealed(): bool
    {
        return array_filter($this->gaps, fn (Gap $g): bool => $g->severity === 'danger') === [];
    }

    /** Where a gap is cleared. */
    public function url(Gap $gap): string
    {
        $circuit = isset($this->frame->analysis->build->circuits[$gap->subject])
            ? $gap->subject
            : $this->frame->analysis->build->leads[$this->frame->analysis->fuses[$gap->subject]->lead ?? '']->circuit ??
                $this->frame->circuit?->id;

        return $this->frame->url([
            'station' => $gap->station,
            'c' => $circuit,
            'leaf' => $gap->station === 'handover' ? Leaf::Seal->value : null,
        ]).($gap->station === 'handover' ? '#settings' : '');
    }

    public function next(): string
    {
        return Seals::next($this->frame->build);
    }

    /** "8245 bbf3 965e 8aa9" */
    public function hash(): string
    {
        return implode(' ', str_split(substr($this->frame->document->hash(), 0, 16), 4));
    }

    public function isSound(): bool
    {
        return $this->page->last === null || Seals::isSound($this->page->last, $this->frame->build);
    }
}
