<?php

declare(strict_types=1);

namespace App\Stations\HandOver;

use App\Frame\Frame;
use App\Models\Share;
use App\Store\Bench;
use App\Store\Seals;
use App\Store\Shares;
use App\Support\WallClock;
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

        if ($gap->kind === 'no_fuse_photo') {
            return $this->frame->url(['c' => $circuit, 'leaf' => Leaf::Sheet->value]);
        }

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

    /** @return list<array{id: int, what: string, until: string, opened: list<string>, picks: list<string>, ended: bool}> */
    public function shares(): array
    {
        return array_map(
            fn (Share $s): array => [
                'id' => $s->id,
                'what' => Shares::WHAT[$s->what] ?? $s->what,
                'until' => WallClock::of($s->expires_at)->format('j F Y H:i'),
                'opened' => array_map(
                    fn (string $at): string => WallClock::of($at)->format('j F H:i'),
                    Shares::openings($s),
                ),
                'picks' => array_merge([], ...array_column(Shares::answers($s), 1)),
                'ended' => $s->revoked_at !== null || $s->expires_at <= Bench::now(),
            ],
            Shares::of($this->frame->build),
        );
    }

    public function isSound(): bool
    {
        return $this->page->last === null || Seals::isSound($this->page->last, $this->frame->build);
    }
}
