<?php

declare(strict_types=1);

namespace Tests\Support;

use BenchGlow\Build\Document;
use BenchGlow\Check\Review;
use BenchGlow\Edit\AddItem;
use BenchGlow\Edit\AddPanel;
use BenchGlow\Edit\Edit;
use BenchGlow\Format\Fields;
use BenchGlow\Lists\LoomList;
use BenchGlow\Steps\Plan;
use BenchGlow\Steps\Planned;
use BenchGlow\Steps\Times;

/** Jobs to plan, and what every plan has to keep. */
final class Works
{
    public static function plan(Document $document, ?string $at = null, array $instead = [], ?Times $times = null): Plan
    {
        return new Plan(new LoomList(Review::of($document)->analysis), $at, $times, $instead);
    }

    /** A shelf with a panel in front of its end, a hole on its way, tape, and a joint: one of most things. */
    public static function job(Edit ...$more): Document
    {
        return LoomFaults::shelf(
            [],
            new AddPanel('Front', ['end'], off: 'pull straight up'),
            new AddPanel('Lid', ['way'], ['front'], wire: 'pump lamp', unplug: true),
            new AddItem(
                'work.fasteners',
                new Fields(['id' => 'bolts', 'panel' => 'front', 'kind' => 'bolt', 'size' => 'M5x16', 'count' => 4]),
            ),
            new AddItem(
                'holes',
                new Fields(['id' => 'hole', 'for' => 'way', 'in' => 'the wall', 'mm' => 12, 'material' => 'wood']),
            ),
            new AddItem(
                'fixings',
                new Fields(['id' => 'held', 'of' => 'shelf_light', 'kind' => 'tape', 'cure_s' => 86400]),
            ),
            ...$more,
        );
    }

    /** @return list<string> keys of acts in their order */
    public static function keys(Plan $plan): array
    {
        return array_map(fn (Planned $p): string => $p->act->key, $plan->acts);
    }

    /** Precedence, power and calendar of a plan hold. */
    public static function holds(Plan $plan): void
    {
        $ends = $places = [];
        $state = $plan->state;
        $last = 0.0;
        foreach ($plan->acts as $n => $planned) {
            if ($planned->index === null) {
                $state = $planned->state;
            } else {
                $places[$planned->index] = $n;
                expect($planned->state)->toBe($state);
                expect($planned->act->goesIn($state))->toBeTrue();
                foreach ($plan->network->before[$planned->index] as $edge) {
                    expect($ends)->toHaveKey($edge->from);
                    expect($planned->from)->toBeGreaterThanOrEqual($ends[$edge->from] + $edge->lagS - 1e-6);
                }
                $ends[$planned->index] = $planned->to;
            }
            expect($planned->from)->toBeGreaterThanOrEqual($last - 1e-6);
            $last = $planned->to;
        }
        expect($places)->toHaveCount(count($plan->network->acts));
        expect($plan->powerChanges)->toBe($plan->fewest);
        expect($plan->end)->toBeGreaterThanOrEqual($plan->bound - 1.0);
    }
}
