<?php

declare(strict_types=1);

namespace App\Stations\Build;

use App\Frame\Frame;
use App\Store\Plans;
use App\Support\WallClock;
use BenchGlow\Drawing\ActSvg;
use BenchGlow\Drawing\JobWire;
use BenchGlow\Edit\Choose;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\Park;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\Words;
use BenchGlow\Steps\Act;
use BenchGlow\Steps\Plan;
use BenchGlow\Steps\Planned;
use BenchGlow\Steps\Step;
use BenchGlow\Steps\Ways;

/** What the plate of Build shows: the act now, the job as one wire, what stands open. */
final class BuildPage
{
    public readonly Plan $plan;

    public readonly Standing $open;

    public readonly Pace $pace;

    public readonly BesideAct $beside;

    public readonly Sitting $sitting;

    public readonly LedgerRows $ledger;

    private readonly string $at;

    /** Acts that a page knows beyond the one it shows. */
    private const AHEAD = 60;

    /** Marks that are listed. */
    private const BEHIND = 40;

    public function __construct(public readonly Frame $frame)
    {
        $now = WallClock::now();
        $this->at = $now->format('Y-m-d\TH:iP');
        $this->plan = Plans::of($frame->analysis, $now);
        $this->open = new Standing($this->plan, $this->at);
        $this->pace = new Pace($frame->build, $this->plan);
        $this->beside = new BesideAct($this->plan, $this->pace->record);
        $this->sitting = new Sitting($this->plan, $frame->review);
        $this->ledger = new LedgerRows($this->plan->build);
    }

    public function isEmpty(): bool
    {
        return $this->plan->steps->job->build->leads === [] && $this->plan->build->panels === [];
    }

    /** The act that is looked at: the one asked for, else the first that may be done now. */
    public function now(): ?Planned
    {
        return $this->plan->find($this->frame->own('act')) ?? ($this->plan->acts[0] ?? null);
    }

    /** Its place among those that are left. */
    public function at(): int
    {
        $now = $this->now();

        return $now === null ? 0 : (int) array_search($now, $this->plan->acts, true);
    }

    public function look(int $by): ?string
    {
        $other = $this->plan->acts[$this->at() + $by] ?? null;

        return $other === null ? null : $this->url($other->act->key);
    }

    public function url(string $act): string
    {
        return $this->frame->url(['act' => $act]);
    }

    /** Acts behind us, as groups of marks. */
    public function doneCount(): int
    {
        return count($this->plan->done->keys);
    }

    public function drawing(Act $act): string
    {
        return ActSvg::of($this->plan, $act);
    }

    public function wire(): JobWire
    {
        return new JobWire($this->plan, $this->now()?->act->key);
    }

    /** "Now: the tube can't go on afterwards, and proven before it is hidden." */
    public function because(Planned $planned): string
    {
        $later = [];
        foreach ($planned->index === null ? [] : $this->plan->network->after[$planned->index] as $edge) {
            $later[$edge->rule] ??= $edge->because;
        }
        $said = array_slice(array_values($later), 0, 2);

        return $said === [] ? 'Nothing waits for it.' : 'Now: '.implode(', and ', $said).'.';
    }

    /** @return array<string, string> what goes with the mark: facts each step was done under, as they were seen */
    public function facts(Act $act): array
    {
        $as = [];
        foreach ($act->steps as $step) {
            if ($step->as !== []) {
                $as[$step->key] = $step->as;
            }
        }

        return [
            'usual' => json_encode($this->plan->usual($act->steps), JSON_THROW_ON_ERROR),
            'steps' => json_encode(array_map(fn (Step $s): string => $s->key, $act->steps), JSON_THROW_ON_ERROR),
            'as' => json_encode((object) $as, JSON_THROW_ON_ERROR),
            'words' => $act->title(),
        ];
    }

    /** JSON of the acts after this one, for a page that can't reach the bench: they are shown and marked all the same. */
    public function ahead(): string
    {
        $all = [];
        foreach (array_slice($this->plan->acts, $this->at() + 1, self::AHEAD) as $planned) {
            $act = $planned->act;
            $all[] = [
                'title' => $act->title(),
                'number' => $act->main->number ?? '',
                'of' => $act->main->numberOf,
                'because' => $this->because($planned),
                'cautions' => $act->cautions(),
                'presses' => $this->beside->lessons->presses($act),
                'with' => $this->facts($act),
            ];
        }

        return json_encode($all, JSON_THROW_ON_ERROR);
    }

    /** What was marked just now, where it may be taken back; '' otherwise. */
    public function justDone(?Fields $sent): string
    {
        return $sent?->text('op') === 'done' && $this->frame->moves->undo !== null ? $sent->text('words') : '';
    }

    /** What "Otherwise" asks for: a length, a drill; '' where only words tell it. */
    public function otherwise(Act $act): string
    {
        foreach ($act->steps as $step) {
            foreach (
                ['length_m' => 'length as cut', 'mm' => 'drill as used', 'amps' => 'fuse as put in'] as $fact => $words
            ) {
                if (isset($step->as[$fact])) {
                    return $words;
                }
            }
        }

        return '';
    }

    public function parkUntilNight(Act $act): Edit
    {
        return new Park($act->main->key, $act->title());
    }

    /** @return array<string, string> the newest marks first: key => title */
    public function behind(): array
    {
        $all = [];
        foreach (array_slice(array_reverse($this->plan->done->inOrder()), 0, self::BEHIND) as $key) {
            $all[$key] = $this->plan->steps->get($key)->title ?? 'A step of an earlier wiring';
        }

        return $all;
    }

    /** @return list<Ways> */
    public function ways(): array
    {
        return Ways::of($this->plan->list, $this->plan, $this->at, $this->plan->times);
    }

    public function choose(Ways $way): Edit
    {
        return new Choose($way->choice, $way->value);
    }

    /** "0.4 h more, ends Thu 19:10", against the way in use. */
    public function difference(Ways $way): string
    {
        $hours = $way->plan->hands()['likely'] - $this->plan->hands()['likely'];
        $changes = $way->plan->powerChanges - $this->plan->powerChanges;
        $said = [
            number_format($way->plan->hands()['likely'], 1).' h',
            abs($hours) < 0.05 ? '' : number_format(abs($hours), 1).' h '.($hours > 0 ? 'more' : 'less'),
            $changes === 0 ? '' : Words::count(abs($changes), 'power change').($changes > 0 ? ' more' : ' less'),
            ! $way->plan->calendar->hasHours() ? '' : 'ends '.$way->plan->calendar->words($way->plan->end),
        ];

        return implode(', ', array_filter($said));
    }

    /** "7 acts", "proven", "cures till Sun" */
    public function flagWords(string $circuit): string
    {
        $left = array_filter($this->plan->acts, fn (Planned $p): bool => $p->act->main->circuit === $circuit);
        $done = $this->plan->done->keys;
        $proven = isset($done["closed_test:{$circuit}"]) || isset($done["open_test:{$circuit}"]);

        return match (true) {
            $left === [] && $proven => 'proven',
            default => $this->open->cureWords($circuit) ?: Words::count(count($left), 'act'),
        };
    }

    /** ", 2.60 m" */
    public function figure(Planned $planned): string
    {
        return $planned->act->main->number === null ? '' : ", {$planned->act->main->number}";
    }

    /** "4 min, the bench; after other acts because it can't go on afterwards" */
    public function told(Planned $planned): string
    {
        $because = array_slice(array_unique(array_column($planned->before, 'because')), 0, 2);

        return (int) round($planned->act->minutes).
            " min, {$planned->act->main->place}".
            ($because === [] ? '' : '; after other acts because '.implode(', and because ', $because));
    }

    /** @return list<array{string, string}> cause, and what is told of it */
    public function slips(): array
    {
        $all = [];
        foreach ($this->frame->document->fields()->objects('log') as $entry) {
            if ($entry->isA('mistake')) {
                $minutes = $entry->numberOrNull('minutes');
                $told = array_filter([
                    $entry->text('text'),
                    $minutes === null ? '' : (int) round($minutes).' min',
                    $entry->text('by'),
                ]);
                $all[] = [ucfirst(str_replace('_', ' ', $entry->text('cause'))), implode(', ', $told)];
            }
        }

        return $all;
    }

    /** Who marked a step that is behind us; '' where nobody said. */
    public function by(string $key): string
    {
        return $this->plan->done->row($key)?->text('by') ?? '';
    }

    public function range(Act $act): string
    {
        $step = $act->main;
        [$low, $high] = $this->plan->times->range($step->verb, $step->reach, $act->minutes);

        $own = $this->plan->times->counted($step->verb, $step->reach);

        return (string) (int) round($act->minutes).
            ' min ('.
            (int) round($low).
            '–'.
            (int) round($high).
            ')'.
            ($own === 0 ? '' : ", {$own} of yours");
    }
}
