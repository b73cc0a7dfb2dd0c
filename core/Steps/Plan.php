<?php

declare(strict_types=1);

namespace BenchGlow\Steps;

use BenchGlow\Build\Build;
use BenchGlow\Build\Facts;
use BenchGlow\Format\Fields;
use BenchGlow\Lists\LoomList;

/** The order of work: acts with their times, sittings, waits, the critical chain (build-handover.md 9). */
final class Plan
{
    /** Two acts with so much between them are in two sittings, where no hours are said, s. */
    private const APART_S = 3600.0;

    /** By when it has to be there on the day it is needed. */
    private const EVENING = 'T18:00';

    /** How much of all durations goes wrong together. */
    public const SHARED = 0.22;

    public readonly Build $build;

    public readonly StepList $steps;

    public readonly Network $network;

    public readonly Calendar $calendar;

    public readonly Arrivals $arrivals;

    /** @var list<Planned> */
    public readonly array $acts;

    public readonly int $powerChanges;

    public readonly int $fewest;

    /** Seconds from the start. */
    public readonly float $end;

    public readonly float $bound;

    public readonly Done $done;

    public readonly Times $times;

    /** What is closed every evening and opened again; null where the host stands open between sittings. */
    public readonly ?Nights $nights;

    /** State of the power now. */
    public readonly string $state;

    /**
     * @param  array<string, string>  $instead  ways of working tried instead of those chosen
     * @param  Orders|null  $keep  who keeps an order once it was found
     */
    public function __construct(
        public readonly LoomList $list,
        ?string $at = null,
        ?Times $times = null,
        array $instead = [],
        ?int $people = null,
        ?Orders $keep = null,
    ) {
        $this->build = $list->build;
        $fields = $this->build->document->fields()->object('work')->object('plan');
        $fields = $people === null ? $fields : new Fields([...$fields->data, 'people' => $people]);
        $this->times = $times ?? new Times();
        $this->calendar = new Calendar($fields, self::later($at, $fields->textOrNull('start')));
        $job = new Job($list, Choices::of($fields, $instead), $this->times);
        $this->arrivals = new Arrivals($this->build, $job->lessons);
        $this->steps = new StepList($job);
        $this->done = new Done($this->steps);
        $this->state = $this->done->power();
        $this->network = new Network($this->steps, $this->done->keys);
        $this->nights = Nights::of($this->steps, $this->done);
        $scheduler = new Scheduler(
            $this->network,
            $this->calendar,
            $this->release(),
            $this->state,
            $this->nights,
            $job->choices->people,
        );
        $this->fewest = $scheduler->fewest();
        $found = new Found($this->network, $this->state, $this->fewest);
        $find = fn (): array => $found->named($scheduler->best($this->build->document->wiringHash()));
        $rows = $scheduler->decode($found->placed($keep === null ? $find() : $keep->order($found, $find)));
        $this->end = $rows === [] ? 0.0 : max(array_column($rows, 3));
        $this->powerChanges = count(array_filter($rows, fn (array $r): bool => $r[0] === null));
        $this->bound = $this->bound($scheduler);
        $this->acts = $this->place($rows);
    }

    /** The later of now and the start that was planned. */
    private static function later(?string $at, ?string $start): ?string
    {
        return $at === null || $start === null || Calendar::local($start) <= Calendar::local($at)
            ? $at ?? $start
            : $start;
    }

    /** @return array<int, float> act => seconds from the start before which it can't begin */
    private function release(): array
    {
        $release = array_fill(0, count($this->network->acts), 0.0);
        foreach ($this->network->acts as $i => $act) {
            foreach ($act->steps as $step) {
                $part = $this->arrivals->waitsFor($step);
                $due = $part === null ? null : $this->calendar->since($this->arrivals->due[$part]);
                $release[$i] = max($release[$i], $due ?? 0.0);
            }
        }
        foreach ($this->network->fromDone as $key => $edges) {
            $since = $this->calendar->since($this->done->on($key));
            foreach ($since === null ? [] : $edges as [$edge]) {
                $release[$edge->to] = max($release[$edge->to], $since + $edge->lagS);
            }
        }
        foreach ($this->done->parked as $key => $until) {
            $i = $this->network->actOf[$key] ?? null;
            $since = $until === null ? null : $this->calendar->since($until);
            if ($i !== null) {
                $release[$i] = max($release[$i], $since ?? 0.0);
            }
        }

        return $release;
    }

    private function bound(Scheduler $scheduler): float
    {
        // What wants the dark is done outside of the hours too.
        $lit = array_filter($this->network->acts, fn (Act $a): bool => ! $a->main->dark);
        $hands = array_sum(array_map(fn (Act $a): float => $a->minutes, $lit)) * 60;
        $hands += $this->fewest * Scheduler::SWITCH_MIN * 60;

        return max($scheduler->longestH() * 3600, $this->calendar->end($this->calendar->begin(0.0, 60.0), $hands));
    }

    /**
     * @param  list<array{int|null, string, float, float}>  $rows
     * @return list<Planned>
     */
    private function place(array $rows): array
    {
        $keys = array_map(fn (Act $a): string => $a->key, $this->network->acts);
        $all = [];
        $hands = 0.0;
        $switches = new Switches($this->build, $this->done);
        foreach ($rows as $n => [$i, $state, $from, $to]) {
            $act = $i === null ? $switches->act($state, $this->about($rows, $n)) : $this->network->acts[$i];
            $all[] = new Planned(
                $act,
                $i,
                $from,
                $to,
                round($hands, 3),
                $state,
                $i === null
                    ? []
                    : array_map(
                        fn (Edge $e): array => [
                            'key' => $keys[$e->from],
                            'rule' => $e->rule,
                            'because' => $e->because,
                            'lag_s' => $e->lagS,
                        ],
                        $this->network->before[$i],
                    ),
            );
            $hands += $act->minutes;
        }

        return (new Critical($this->network, $this->end))->mark($all);
    }

    /**
     * The act a change of the power is made for.
     *
     * @param  list<array{int|null, string, float, float}>  $rows
     */
    private function about(array $rows, int $n): ?Act
    {
        foreach (array_slice($rows, $n + 1) as [$i]) {
            if ($i !== null && $this->network->acts[$i]->power !== 'any') {
                return $this->network->acts[$i];
            }
        }

        return null;
    }

    /** @return array{low: float, likely: float, high: float} hours with hands */
    public function hands(): array
    {
        $sum = $square = 0.0;
        foreach ($this->acts as $planned) {
            foreach ($planned->act->steps as $step) {
                $sum += $step->minutes;
                $square += ($step->minutes * $this->times->spread($step->verb, $step->reach)) ** 2;
            }
        }
        // The same panels every evening: as much every time.
        $sum += ($this->nights->seconds ?? 0.0) / 60;
        $share = $sum > 0.0 ? exp((1.645 * sqrt($square + (self::SHARED * $sum) ** 2)) / $sum) : 1.0;

        return [
            'low' => round($sum / $share / 60, 3),
            'likely' => round($sum / 60, 3),
            'high' => round(($sum * $share) / 60, 3),
        ];
    }

    /**
     * What is usual for steps, as a mark carries it to the record.
     *
     * @param  list<Step>  $steps
     * @return list<array{step: string, verb: string, reach: string, usual: float}> minutes
     */
    public function usual(array $steps): array
    {
        return array_map(
            fn (Step $s): array => [
                'step' => $s->key,
                'verb' => $s->verb,
                'reach' => $s->reach,
                'usual' => round($this->times->usual($s->verb, $s->reach, $s->minutes), 3),
            ],
            $steps,
        );
    }

    /** The evening of the day the brief needs it by, seconds from the start; null where no day is said, or no start. */
    public function neededBy(): ?float
    {
        foreach ($this->build->facts as $fact) {
            if ($fact->is('needed_by') && Facts::isDay(substr($fact->value, 0, 10))) {
                return $this->calendar->since(substr($fact->value, 0, 10).self::EVENING);
            }
        }

        return null;
    }

    /** @return list<list<Planned>> acts by the sitting they are done in */
    public function sittings(): array
    {
        $all = [];
        $last = null;
        foreach ($this->acts as $planned) {
            $window = $this->calendar->window($last->to ?? 0.0);
            $apart =
                $last !== null &&
                ($this->calendar->hasHours() && $window !== null
                    ? $planned->from >= $window[1] - 1.0
                    : $planned->from - $last->to > self::APART_S);
            $apart || $all === [] ? ($all[] = [$planned]) : ($all[count($all) - 1][] = $planned);
            $last = $planned;
        }

        return $all;
    }

    /** @return list<array{key: string, after: string, lag_s: float, until: string|null, because: string}> */
    public function waits(): array
    {
        $ends = [];
        foreach ($this->acts as $planned) {
            $ends[$planned->act->key] = $planned->to;
        }
        $all = [];
        foreach ($this->acts as $planned) {
            foreach ($planned->before as $edge) {
                if ($edge['lag_s'] > 0.0 && $planned->from - ($ends[$edge['key']] ?? 0.0) > 60.0) {
                    $all[] = [
                        'key' => $planned->act->key,
                        'after' => $edge['key'],
                        'lag_s' => $edge['lag_s'],
                        'until' => $this->calendar->iso(($ends[$edge['key']] ?? 0.0) + $edge['lag_s']),
                        'because' => $edge['because'],
                    ];
                }
            }
            foreach ($planned->act->steps as $step) {
                $part = $this->arrivals->waitsFor($step);
                if ($part !== null) {
                    $all[] = [
                        'key' => $planned->act->key,
                        'after' => '',
                        'lag_s' => max(0.0, (float) $this->calendar->since($this->arrivals->due[$part])),
                        'until' => $this->arrivals->due[$part],
                        'because' => 'it waits for '.$this->build->label($part),
                    ];
                }
            }
        }

        return $all;
    }

    public function find(string $key): ?Planned
    {
        foreach ($this->acts as $planned) {
            foreach ($planned->act->steps as $step) {
                if ($step->key === $key) {
                    return $planned;
                }
            }
        }

        return null;
    }
}
