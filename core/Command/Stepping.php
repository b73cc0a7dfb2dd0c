<?php

declare(strict_types=1);

namespace BenchGlow\Command;

use BenchGlow\Build\Document;
use BenchGlow\Build\Fastener;
use BenchGlow\Check\Review;
use BenchGlow\Check\Severity;
use BenchGlow\Drawing\StepsPaper;
use BenchGlow\Drawing\TrayPaper;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Format\WorkFields;
use BenchGlow\Lists\LoomList;
use BenchGlow\Steps\Act;
use BenchGlow\Steps\Choices;
use BenchGlow\Steps\Kit;
use BenchGlow\Steps\Ledger;
use BenchGlow\Steps\Plan;
use BenchGlow\Steps\Planned;
use BenchGlow\Steps\Rest;
use BenchGlow\Steps\Step;
use BenchGlow\Steps\Times;
use BenchGlow\Steps\Ways;

/** `glow steps`: the order of work. */
final class Stepping
{
    public readonly Plan $plan;

    private readonly LoomList $list;

    private readonly Review $review;

    /**
     * @param  array<string, string>  $choose  order => mount_first
     * @param  string|null  $at  ISO, local; no clock is asked
     */
    public function __construct(
        private readonly Document $document,
        array $choose = [],
        ?int $people = null,
        private readonly ?string $at = null,
        private readonly ?Times $times = null,
    ) {
        $this->review = Review::of($document);
        $this->list = new LoomList($this->review->analysis);
        $this->plan = new Plan($this->list, $at, $times, $choose, $people);
    }

    /**
     * "order=mount_first,proof=closed"
     *
     * @return array<string, string>
     */
    public static function chosen(string $said): array
    {
        $all = [];
        foreach (array_filter(explode(',', $said)) as $one) {
            [$choice, $value] = [...explode('=', $one, 2), ''];
            $known = [...WorkFields::CHOICES, ...Choices::TRIALS];
            if (! isset($known[$choice])) {
                throw BadBuild::at(
                    '',
                    "there is no choice `{$choice}`.".BadBuild::nearMiss($choice, array_keys($known)),
                );
            }
            if (! in_array($value, $known[$choice], true)) {
                throw BadBuild::at('', "{$choice} takes ".implode(', ', $known[$choice]).", not `{$value}`.");
            }
            $all[$choice] = $value;
        }

        return $all;
    }

    /** {"join bench": [{"usual": 3.5, "took": 4.2}]}, minutes of the place at hand. */
    public static function times(string $json): Times
    {
        $read = json_decode($json, true);
        if (! is_array($read)) {
            throw BadBuild::at(
                '',
                'the times: expected an object of lists, as {"join bench": [{"usual": 3.5, "took": 4}]}.',
            );
        }
        $taken = [];
        foreach ((new Fields($read))->data as $key => $_) {
            foreach ((new Fields($read))->objects((string) $key) as $row) {
                [$usual, $took] = [$row->number('usual'), $row->number('took')];
                if ($usual <= 0.0 || $took <= 0.0) {
                    throw BadBuild::at('', "the times of {$key}: expected usual and took in minutes, more than 0.");
                }
                $taken[(string) $key][] = $took / $usual;
            }
        }

        return new Times($taken);
    }

    public function isDangerous(): bool
    {
        foreach ($this->review->open() as $finding) {
            if (str_starts_with($finding->rule, 'build.') && $finding->severity === Severity::Danger) {
                return true;
            }
        }

        return false;
    }

    /** @return array<string, mixed> */
    public function toArray(bool $compare = false): array
    {
        $plan = $this->plan;
        $kit = Kit::of(array_map(fn (Planned $p): Act => $p->act, $plan->acts));
        $needed = null;
        foreach ($plan->build->facts as $fact) {
            $needed = $fact->kind === 'needed_by' ? $fact->value : $needed;
        }

        return [
            'build' => $this->document->title(),
            'hands_h' => $plan->hands(),
            'ends' => $plan->calendar->iso($plan->end),
            'bound' => $plan->calendar->iso($plan->bound),
            'bound_h' => round($plan->bound / 3600, 3),
            'needed_by' => $needed,
            'power_changes' => $plan->powerChanges,
            'fewest_power_changes' => $plan->fewest,
            'acts' => array_map($this->act(...), $plan->acts),
            'sittings' => $this->sittings(),
            'waits' => $plan->waits(),
            'closing' => $this->closing(),
            'tools' => $kit->tools,
            'gear' => $kit->gear,
            'consumables' => (object) $kit->uses,
            'choices' => $compare
                ? array_map($this->choice(...), Ways::of($this->list, $plan, $this->at, $this->times))
                : [],
        ];
    }

    /** @return array<string, mixed> */
    private function act(Planned $planned): array
    {
        $act = $planned->act;

        return [
            'key' => $act->key,
            'steps' => array_map(fn (Step $s): string => $s->key, $act->steps),
            'title' => $act->title(),
            'number' => $act->main->number,
            'number_of' => $act->main->numberOf,
            'minutes' => round($act->minutes, 2),
            'place' => $act->main->place,
            'power' => $act->power,
            'hands' => $act->hands,
            'about' => $act->about(),
            'critical' => $planned->critical,
            'slack_min' => $planned->slackMin,
            'start_min' => round($planned->startMin, 2),
            'from' => $this->plan->calendar->iso($planned->from),
            'to' => $this->plan->calendar->iso($planned->to),
            'state' => $planned->state,
            'before' => $planned->before,
        ];
    }

    /** @return list<array<string, mixed>> */
    private function sittings(): array
    {
        $all = [];
        $done = $this->plan->done->keys;
        foreach ($this->plan->sittings() as $acts) {
            foreach ($acts as $planned) {
                foreach ($planned->act->steps as $step) {
                    $done[$step->key] = true;
                }
            }
            $last = $acts[count($acts) - 1];
            $rest = Rest::after($this->plan, $done, $last->state);
            $all[] = [
                'from' => $this->plan->calendar->iso($acts[0]->from),
                'to' => $this->plan->calendar->iso($last->to),
                'acts' => array_map(fn (Planned $p): string => $p->act->key, $acts),
                'rest' => [
                    'may' => $rest->may,
                    'not_yet' => $rest->notYet,
                    'left_as' => $rest->leftAs,
                    'safe' => $rest->isSafe(),
                ],
            ];
        }

        return $all;
    }

    /** @return list<array{panel: string, label: string, fasteners: list<string>}> */
    public function closing(): array
    {
        $ledger = new Ledger($this->plan->build);

        return array_map(
            fn (string $panel): array => [
                'panel' => $panel,
                'label' => $this->plan->build->panels[$panel]->label,
                'fasteners' => array_map(fn (Fastener $f): string => $f->words(), $ledger->of($panel)),
            ],
            $ledger->order,
        );
    }

    /** @return array{choose: string, chosen: bool, hands_h: float, ends: string|null, power_changes: int, because: string} */
    private function choice(Ways $way): array
    {
        return [
            'choose' => "{$way->choice}={$way->value}",
            'chosen' => $way->chosen,
            'hands_h' => $way->plan->hands()['likely'],
            'ends' => $way->plan->calendar->iso($way->plan->end),
            'power_changes' => $way->plan->powerChanges,
            'because' => $way->because,
        ];
    }

    /**
     * @param  string  $kind  csv · pdf
     * @return array{string, string} bytes, and what they are
     */
    public function out(string $kind, string $paper = 'a4'): array
    {
        return $kind === 'csv'
            ? [StepsPaper::csv($this->plan), 'the order of work']
            : [StepsPaper::sheet($this->plan, $paper, $this->document->title()), 'the order of work'];
    }

    /** @return array{string, string} */
    public function tray(string $paper): array
    {
        return [TrayPaper::sheet($this->plan->build, $paper, $this->document->title()), 'the tray sheet'];
    }
}
