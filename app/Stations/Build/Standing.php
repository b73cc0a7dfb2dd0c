<?php

declare(strict_types=1);

namespace App\Stations\Build;

use BenchGlow\Quantity\Words;
use BenchGlow\Steps\Calendar;
use BenchGlow\Steps\Ledger;
use BenchGlow\Steps\Plan;
use BenchGlow\Steps\Rest;
use BenchGlow\Steps\Step;

/** What stands open at this moment: panels off, sleeves that wait, cures that run, parts on their way. */
final readonly class Standing
{
    public function __construct(private Plan $plan, private string $at)
    {
    }

    public function rest(): Rest
    {
        return Rest::after($this->plan, $this->plan->done->keys, $this->plan->state);
    }

    /** @return list<array{string, string}> what, and how it stands */
    public function rows(): array
    {
        return [...$this->panels(), ...$this->sleeves(), ...$this->cures(), ...$this->parts()];
    }

    /** @return list<array{string, string}> */
    private function panels(): array
    {
        $ledger = new Ledger($this->plan->build);
        $rows = [];
        foreach ($this->rest()->panels as $panel) {
            $said = [];
            foreach ($ledger->of($panel) as $fastener) {
                $bag = $fastener->bag === '' ? '' : " in bag {$fastener->bag}";
                $said[] = Words::count($fastener->count, str_replace('_', ' ', $fastener->kind)).$bag;
            }
            $rows[] = [
                Words::first($this->plan->build->panels[$panel]->label),
                'off'.($said === [] ? '' : ', '.implode(', ', $said)),
            ];
        }

        return $rows;
    }

    /** @return list<array{string, string}> */
    private function sleeves(): array
    {
        $parked = 0;
        foreach ($this->plan->steps->of('sleeve') as $sleeve) {
            $sealed = $this->plan->steps->get("seal:{$sleeve->subject}");
            $on = isset($this->plan->done->keys[$sleeve->key]);
            $parked += (int) ($on && $sealed !== null && ! isset($this->plan->done->keys[$sealed->key]));
        }

        return $parked === 0 ? [] : [[Words::count($parked, 'tube'), 'parked, not shrunk']];
    }

    /** @return list<array{string, string}> */
    private function cures(): array
    {
        return array_map(
            fn (array $c): array => [ucfirst($c[0]->numberOf), 'cures till '.gmdate('D H:i', $c[1])],
            $this->curing(),
        );
    }

    /** @return list<array{Step, int}> what is stuck and holds only from then on, s of local time */
    private function curing(): array
    {
        $all = [];
        $now = Calendar::local($this->at);
        foreach ($this->plan->steps->all as $step) {
            $on =
                $step->cureS > 0.0 && isset($this->plan->done->keys[$step->key])
                    ? Calendar::local($this->plan->done->on($step->key)) + (int) $step->cureS
                    : 0;
            $on > $now ? ($all[] = [$step, $on]) : null;
        }

        return $all;
    }

    /** "cures till Sun" of a circuit in which something does; '' otherwise */
    public function cureWords(string $circuit): string
    {
        $until = 0;
        foreach ($this->curing() as [$step, $on]) {
            $until = $step->circuit === $circuit ? max($until, $on) : $until;
        }

        return $until === 0 ? '' : 'cures till '.gmdate('D', $until);
    }

    /** @return list<array{string, string}> */
    private function parts(): array
    {
        $rows = [];
        foreach ($this->plan->arrivals->due as $part => $on) {
            $rows[] = [$this->plan->build->label((string) $part), 'due '.gmdate('D H:i', Calendar::local($on))];
        }

        return $rows;
    }

    /** "needed by Sat, 2 days in hand"; '' where no day is said that the plan can be held against */
    public function needed(): string
    {
        $by = $this->plan->neededBy();
        if ($by === null || ! $this->plan->calendar->hasHours()) {
            return '';
        }
        $days = (int) floor(($by - $this->plan->end) / 86_400);

        return 'needed by '.
            explode(' ', $this->plan->calendar->day($by))[0].
            ', '.
            ($days < 0 ? Words::count(-$days, 'day').' late' : Words::count($days, 'day').' in hand');
    }
}
