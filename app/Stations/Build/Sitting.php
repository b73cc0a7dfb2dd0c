<?php

declare(strict_types=1);

namespace App\Stations\Build;

use App\Stations\Build\Forms\WindowForm;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Review;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\PlanBy;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\Words;
use BenchGlow\Steps\Act;
use BenchGlow\Steps\Kit;
use BenchGlow\Steps\Plan;
use BenchGlow\Steps\Planned;
use BenchGlow\Steps\Rest;
use BenchGlow\Steps\Stock;

/** The sitting that comes: what is laid out for it, what is short, how it is left; and when there are hands. */
final readonly class Sitting
{
    public function __construct(private Plan $plan, private Review $review)
    {
    }

    public function kit(): Kit
    {
        return Kit::of(array_map(fn (Planned $p): Act => $p->act, $this->plan->sittings()[0] ?? []));
    }

    /** How it is left when this sitting ends as planned. */
    public function rest(): ?Rest
    {
        $acts = $this->plan->sittings()[0] ?? [];
        if ($acts === []) {
            return null;
        }
        $done = $this->plan->done->keys;
        foreach ($acts as $planned) {
            foreach ($planned->act->steps as $step) {
                $done[$step->key] = true;
            }
        }

        return Rest::after($this->plan, $done, $acts[count($acts) - 1]->state);
    }

    /** "2.1 h of work: it can end with the galley shelf off." */
    public function words(): string
    {
        $acts = $this->plan->sittings()[0] ?? [];
        $hours = array_sum(array_map(fn (Planned $p): float => $p->act->minutes, $acts)) / 60;
        $off = array_map(
            fn (string $id): string => Words::within($this->plan->build->panels[$id]->label),
            $this->rest()->panels ?? [],
        );

        return number_format($hours, 1).
            ' h of work: it can end with '.
            ($off === [] ? 'all of it closed' : implode(' and ', $off).' off').
            '. To lay out:';
    }

    /** @return list<string> what is short before it begins, in sentences */
    public function short(): array
    {
        $short = array_filter(
            $this->review->open(),
            fn (Finding $f): bool => in_array($f->rule, ['build.kit_short', 'build.consumable_short'], true),
        );

        return array_values(array_map(fn (Finding $f): string => "Short: {$f->message}", $short));
    }

    /** @return array<string, Stock> what is used up to the end of the job */
    public function stock(): array
    {
        return array_filter(
            Stock::of($this->plan->steps, $this->plan->done),
            fn (Stock $s): bool => $s->needed > 0.0 || $s->left !== null,
        );
    }

    /** @return list<array{string, Edit}> hours of the week in words, and the edit that takes each out */
    public function hours(): array
    {
        $hours = $this->planFields()->items('hours');
        $all = [];
        foreach ($this->planFields()->objects('hours') as $n => $one) {
            $left = array_values(array_diff_key($hours, [$n => true]));
            $all[] = [
                ucwords(implode(', ', $one->texts('days'))).", {$one->text('from')} to {$one->text('to')}",
                new PlanBy(new Fields(['hours' => $left])),
            ];
        }

        return $all;
    }

    /** @return list<array{string, Edit}> when a helper comes and when it is dry, with the edit that takes each out */
    public function windows(): array
    {
        $all = [];
        foreach (WindowForm::KINDS as $kind => $words) {
            $windows = $this->planFields()->items($kind);
            foreach ($windows as $n => $one) {
                [$from, $to] = is_array($one) ? array_map(strval(...), $one) : ['', ''];
                $left = array_values(array_diff_key($windows, [$n => true]));
                $all[] = [
                    "{$words} on ".substr($from, 0, 10).', '.substr($from, 11, 5).' to '.substr($to, 11, 5),
                    new PlanBy(new Fields([$kind => $left])),
                ];
            }
        }

        return $all;
    }

    private function planFields(): Fields
    {
        return $this->plan->build->document->fields()->object('work')->object('plan');
    }
}
