<?php

declare(strict_types=1);

namespace App\Stations\HandOver;

use App\Frame\Frame;
use App\Models\Revision;
use App\Store\Bench;
use App\Support\WallClock;
use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Document;
use BenchGlow\Build\Index;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Severity;
use BenchGlow\Cost\Cost;
use BenchGlow\Drawing\CircuitDrawing;
use BenchGlow\Drawing\Drawing;
use BenchGlow\HandOver\Change;
use BenchGlow\HandOver\Compare;

/** Two revisions beside each other: words by circuit, money, both drawings with numbered rings on what differs. */
final class ChangedLeaf
{
    private const SHOWN = 60;

    public readonly int $was;

    public readonly int $is;

    public readonly Compare $compare;

    private readonly Document $before;

    private readonly Document $after;

    private ?Analysis $analysisBefore = null;

    private ?Analysis $analysisAfter = null;

    public function __construct(private readonly Frame $frame, HandOverPage $page)
    {
        $first = Revision::query()->where('build_id', $frame->build->id)->min('no');
        $this->was = self::number($frame->own('was'), $page->last->no ?? (int) $first);
        $this->is = self::number($frame->own('is'), $frame->base);
        $bench = new Bench();
        $this->before = $bench->document($frame->build, $this->was);
        $this->after = $this->is === $frame->base ? $frame->document : $bench->document($frame->build, $this->is);
        $this->compare = new Compare($this->before, $this->after);
    }

    private static function number(string $said, int $otherwise): int
    {
        return ctype_digit($said) ? (int) $said : $otherwise;
    }

    /** @return array<int, string> revisions that can be chosen, seals first, the newest first */
    public function revisions(HandOverPage $page): array
    {
        $all = [];
        foreach (array_reverse($page->seals) as $seal) {
            $all[$seal->no] = "Seal {$seal->letter}, ".WallClock::of($seal->at)->format('j F Y');
        }
        $all[$this->frame->base] ??= 'Now';
        $rows = Revision::query()
            ->where('build_id', $this->frame->build->id)
            ->orderByDesc('no')
            ->limit(self::SHOWN)
            ->get(['no', 'what', 'at']);
        foreach ($rows as $row) {
            $all[$row->no] ??= "{$row->what}, ".WallClock::time($row->at);
        }

        return $all;
    }

    /** @return array<string, list<array{int|null, Change}>> circuit in words => its changes, with the number in the drawing */
    public function words(): array
    {
        $all = [];
        $numbers = $this->numbers();
        foreach ($this->compare->byCircuit() as $circuit => $changes) {
            $drawn = array_flip(array_map(fn (Finding $f): string => $f->subject, $numbers[$circuit] ?? []));
            $label =
                $this->after->fields()->objects('circuits') === [] || $circuit === ''
                    ? 'Of no one circuit'
                    : $this->label((string) $circuit);
            foreach ($changes as $change) {
                $at = $drawn[$change->subject] ?? null;
                $all[$label][] = [$at === null ? null : $at + 1, $change];
            }
        }

        return $all;
    }

    private function label(string $circuit): string
    {
        foreach ([$this->after, $this->before] as $document) {
            foreach ($document->fields()->objects('circuits') as $row) {
                if ($row->text('id') === $circuit) {
                    return $row->text('label');
                }
            }
        }

        return 'A circuit that is gone';
    }

    private function before(): Analysis
    {
        return $this->analysisBefore ??=
            $this->before->wiringHash() === $this->frame->document->wiringHash()
                ? $this->frame->analysis->told($this->before)
                : Analysis::of($this->before);
    }

    private function after(): Analysis
    {
        return $this->analysisAfter ??= match (true) {
            $this->after === $this->frame->document => $this->frame->analysis,
            $this->after->wiringHash() === $this->frame->document->wiringHash() => $this->frame->analysis->told(
                $this->after,
            ),
            default => Analysis::of($this->after),
        };
    }

    /** "It costs 12.00 EUR more." */
    public function money(): string
    {
        $was = new Cost($this->before());
        $by = (new Cost($this->after()))->net()->minus($was->net());

        return match (true) {
            $by->isZero() => 'It costs the same.',
            $by->isNegative() => "It costs {$was->currency->said($by->abs())} less.",
            default => "It costs {$was->currency->said($by)} more.",
        };
    }

    /**
     * Circuits of which something differs that is drawn: before over after, both with the same numbers.
     *
     * @return list<array{string, Drawing|null, Drawing|null}>
     */
    public function drawings(): array
    {
        $all = [];
        foreach ($this->numbers() as $circuit => $marks) {
            [$before, $after] = [$this->before(), $this->after()];
            $drawn = fn (Analysis $a): ?Drawing => isset($a->build->circuits[$circuit])
                ? CircuitDrawing::wide($a, $circuit, 'nominal', findings: $marks)
                : null;
            $all[] = [$this->label($circuit), $drawn($before), $drawn($after)];
        }

        return $all;
    }

    /** @return array<string, list<Finding>> circuit => a ring for each thing that differs, numbered as in the words */
    private function numbers(): array
    {
        $all = [];
        $wired = ['lights', 'devices', 'leads', 'leads.inline', 'circuits', 'circuits.wants', 'parts'];
        $sections = Index::of($this->after)->sections + Index::of($this->before)->sections;
        foreach ($this->compare->changes as $change) {
            if ($change->circuit !== null && in_array($sections[$change->subject] ?? '', $wired, true)) {
                $all[$change->circuit][$change->subject] ??= new Finding(
                    'changed',
                    Severity::Note,
                    $change->circuit,
                    $change->subject,
                    $change->words,
                );
            }
        }

        return array_map(array_values(...), $all);
    }
}
