<?php

declare(strict_types=1);

use BenchGlow\Build\Document;
use BenchGlow\Check\Review;
use BenchGlow\Edit\AddItem;
use BenchGlow\Edit\AddPanel;
use BenchGlow\Edit\Choose;
use BenchGlow\Edit\CountStock;
use BenchGlow\Edit\Log;
use BenchGlow\Edit\Mark;
use BenchGlow\Edit\PlanBy;
use BenchGlow\Edit\SetField;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Lists\LoomList;
use BenchGlow\Steps\Calendar;
use BenchGlow\Steps\Found;
use BenchGlow\Steps\Ledger;
use BenchGlow\Steps\Nights;
use BenchGlow\Steps\Plan;
use BenchGlow\Steps\Planned;
use BenchGlow\Steps\Record;
use BenchGlow\Steps\Stock;
use BenchGlow\Steps\Times;
use BenchGlow\Steps\Ways;
use Tests\Support\Make;
use Tests\Support\Works;

/** @return array{kind: string, seconds: float, steps: list<array<string, mixed>>, stated: bool} */
function happened(string $kind, float $minutes = 0.0, array $steps = [], bool $stated = false): array
{
    return ['kind' => $kind, 'seconds' => $minutes * 60, 'steps' => $steps, 'stated' => $stated];
}

/** @return array<string, mixed> */
function timed(string $step, float $usual, string $reach = 'bench'): array
{
    return ['step' => $step, 'verb' => explode(':', $step)[0], 'reach' => $reach, 'usual' => $usual];
}

describe('record', function (): void {
    it('takes the time from the mark before, breaks left out, and shares it by what is usual', function (): void {
        $record = new Record([
            happened('sit'),
            happened('done', 8.0, [timed('join:a', 3.0), timed('seal:a', 1.0)]),
            happened('break', 2.0),
            happened('back', 30.0),
            happened('done', 4.0, [timed('join:b', 4.0)]),
            happened('rise', 5.0),
        ]);
        expect($record->took('join:a'))->toBe(6.0)->and($record->took('seal:a'))->toBe(2.0);
        expect($record->took('join:b'))->toBe(6.0);
        $hours = $record->hours();
        expect($hours['sittings'])->toEqualWithDelta(19 / 60, 1e-3);
        expect($hours['acts'] + $hours['rework'] + $hours['other'])->toEqualWithDelta($hours['sittings'], 1e-3);
        expect(array_column($record->learned(), 'name'))->toBe(['join bench', 'seal bench', 'join bench']);
    });

    it('knows no time of what was marked before anybody sat down, nor of a clock set back', function (): void {
        $record = new Record([happened('done', 90.0, [timed('cut:a', 1.4)])]);
        expect($record->took('cut:a'))->toBeNull()->and($record->isSitting())->toBeTrue();
        $back = new Record([happened('sit'), happened('done', -40.0, [timed('cut:a', 1.4)])]);
        expect($back->took('cut:a'))->toBeNull()->and($back->hours()['sittings'])->toBe(0.0);
    });

    it('asks about a time beyond belief, and takes what is said', function (): void {
        $events = [happened('sit'), happened('done', 95.0, [timed('join:a', 3.5)])];
        $record = new Record($events);
        expect($record->learned())->toBe([])->and($record->asked())->toHaveCount(1);
        expect($record->asked()[0])->toMatchArray(['steps' => ['join:a'], 'took' => 95.0]);
        $said = new Record([...$events, happened('done', 25.0, [timed('join:a', 3.5)], true)]);
        expect($said->asked())->toBe([])->and($said->took('join:a'))->toBe(25.0);
        $away = new Record([...$events, happened('void', 0.0, [['step' => 'join:a']])]);
        expect([...$away->asked(), ...$away->learned()])->toBe([]);
    });

    it('learns nothing from what went wrong or was taken back, and counts it as done again', function (): void {
        $events = [
            happened('sit'),
            happened('void', 1.0, [['step' => 'join:a', 'slip' => true]]),
            happened('done', 7.0, [timed('join:a', 3.5)]),
            happened('done', 4.0, [timed('cut:a', 2.0)]),
            happened('void', 0.0, [['step' => 'cut:a']]),
        ];
        $record = new Record($events);
        expect($record->learned())->toBe([]);
        expect($record->hours()['rework'])->toEqualWithDelta(8 / 60, 1e-3);
    });

    it('learns against the sum by hand', function (): void {
        $record = new Record([
            happened('sit'),
            happened('done', 7.0, [timed('join:a', 3.5)]),
            happened('done', 14.0, [timed('join:b', 3.5)]),
        ]);
        $shares = array_map(fn (array $t): float => $t['took'] / $t['usual'], $record->learned());
        expect($shares)->toBe([2.0, 4.0]);
        // exp((3 ln 3.5 + ln 7 + ln 14) / 5)
        $hand = exp((3 * log(3.5) + log(7.0) + log(14.0)) / 5);
        $times = new Times(['join bench' => $shares]);
        expect($times->likely('join', 'bench', 3.5))->toEqualWithDelta($hand, 1e-9);
        // What is usual is found again from what it takes here.
        expect($times->usual('join', 'bench', $hand))->toEqualWithDelta(3.5, 1e-9);
    });
});

describe('lessons', function (): void {
    $slip = fn (string $cause, ?string $step = null, ?float $value = null): Log => new Log(
        'mistake',
        '2026-06-01',
        '',
        $step,
        $cause,
        value: $value,
        unit: $value === null ? null : 'm',
    );

    it('cuts longer by what was too short, and keeps what the build says as the fact', function () use ($slip): void {
        $was = Works::plan(Works::job())->find('cut:shelf_light_feed')->act->main;
        $is = Works::plan(Works::job($slip('cut_short', null, 0.03), $slip('cut_short', null, 0.08)))->find(
            'cut:shelf_light_feed',
        )->act->main;
        // Mean 5.5 cm, in steps of 5 cm: 10 cm.
        expect((float) $is->number - (float) $was->number)->toEqualWithDelta(0.1, 1e-6);
        expect($is->numberOf)->toContain('10 cm of it make-up')->and($is->as)->toBe($was->as);
        $back = Works::plan(
            Works::job($slip('cut_short', null, 0.08), new PlanBy(new Fields(['unlearned' => ['cut_short']]))),
        );
        expect($back->find('cut:shelf_light_feed')->act->main->number)->toBe($was->number);
        expect($back->steps->job->lessons->changes()[0]['back'])->toBeTrue();
    });

    it('has one more of each fastener to buy once one was lost', function () use ($slip): void {
        expect((new Ledger(Works::plan(Works::job())->build))->toBuy())->toBe([]);
        expect((new Ledger(Works::plan(Works::job($slip('fastener_lost')))->build))->toBuy())->toBe([
            'bolt M5x16' => 1,
        ]);
    });

    it('reckons a source as late as it was', function () use ($slip): void {
        $rows = [
            ['part' => 'a', 'from' => 'the mill', 'due_on' => '2026-05-01', 'arrived_on' => '2026-05-03'],
            ['part' => 'b', 'from' => 'the mill', 'due_on' => '2026-05-01', 'arrived_on' => '2026-05-05'],
            ['part' => 'strip_warm_12_48', 'from' => 'the mill', 'due_on' => '2026-06-10'],
        ];
        $with = function (Document $document) use ($rows): Document {
            $data = json_decode($document->json);
            $data->parts[] = ['id' => 'a', 'kind' => 'wire', 'area_mm2' => 1.0];
            $data->parts[] = ['id' => 'b', 'kind' => 'wire', 'area_mm2' => 1.5];
            $data->work = $data->work ?? new stdClass();
            $data->work->parts = $rows;

            return Document::fromJson((string) json_encode($data));
        };
        expect(Works::plan($with(Works::job()))->arrivals->due)->toBe(['strip_warm_12_48' => '2026-06-10T12:00']);
        $late = Works::plan($with(Works::job($slip('part_late'))));
        expect($late->arrivals->due)->toBe(['strip_warm_12_48' => '2026-06-13T12:00']);
    });

    it('names the face on which tape has let go', function () use ($slip): void {
        $job = Works::job(new SetField('held', 'on', 'oiled oak'), $slip('tape_let_go', 'stick:shelf_light'));
        expect(Works::plan($job)->steps->job->lessons->surfaces())->toBe(['oiled oak']);
        expect(Works::plan(Works::job($slip('tape_let_go')))->steps->job->lessons->surfaces())->toBe([]);
    });
});

describe('stock', function (): void {
    it('counts down what was used since it was counted', function (): void {
        $mark = fn (string $on): Mark => new Mark(['clean:shelf_light'], $on, 'cleaned');
        $left = function (Mark ...$more): Stock {
            $plan = Works::plan(Works::job(new CountStock('wipes', 5.0, '2026-06-02T12:00'), ...$more));

            return Stock::of($plan->steps, $plan->done)['wipes'];
        };
        expect($left()->left)->toBe(5.0)->and($left()->needed)->toBe(2.0);
        expect($left($mark('2026-06-02T13:00'))->left)->toBe(3.0);
        expect($left($mark('2026-06-02T13:00'))->needed)->toBe(0.0);
        // Used before it was counted: it is not there any more already.
        expect($left($mark('2026-06-01T13:00'))->left)->toBe(5.0);
        expect(fn () => Works::job(new CountStock('wipes', -1.0)))->toThrow(BadBuild::class, 'how many there are');
    });
});

/** Evenings of June, from Monday the first on. */
function evenings(array $more = []): PlanBy
{
    $hours = [['days' => ['mo', 'tu', 'we', 'th', 'fr'], 'from' => '18:00', 'to' => '20:00']];

    return new PlanBy(new Fields(['start' => '2026-06-01T18:00', 'hours' => $hours, ...$more]));
}

describe('windows and nights', function (): void {
    it('waits for a helper and for the dry, and for neither where none comes any more', function (): void {
        $calendar = fn (array $plan): Calendar => new Calendar(new Fields(['start' => '2026-06-01T18:00', ...$plan]));
        $helped = $calendar(['helper' => [['2026-06-02T19:00', '2026-06-02T20:00']]]);
        expect($helped->within(0.0, 600.0, ['helper']))->toBe(25 * 3600.0);
        expect($helped->within(26 * 3600.0, 600.0, ['helper']))->toBe(26 * 3600.0);
        $both = $calendar([
            'helper' => [['2026-06-02T19:00', '2026-06-02T20:00'], ['2026-06-04T18:00', '2026-06-04T22:00']],
            'dry' => [['2026-06-04T12:00', '2026-06-04T19:00']],
            'hours' => evenings()->plan->items('hours'),
        ]);
        expect($both->iso($both->within(0.0, 600.0, ['helper', 'dry'])))->toBe('2026-06-04T18:00');
        // Only a part of an hour left there: not begun.
        expect($both->within(25.9 * 3600.0, 1800.0, ['helper']))->toBe(3 * 86400.0);
    });

    it('plans what wants two hands into the hours of a helper, without the time one alone takes', function (): void {
        $long = new SetField('way', 'length_m', 3.0);
        $alone = Works::plan(Works::job($long, evenings()));
        $helped = Works::plan(Works::job($long, evenings(['helper' => [['2026-06-03T18:00', '2026-06-03T20:00']]])));
        $two = fn (Plan $p): array => array_values(array_filter($p->acts, fn (Planned $a): bool => $a->act->hands > 1));
        expect($two($alone))->not->toBe([]);
        foreach ($two($helped) as $planned) {
            expect($helped->calendar->iso($planned->from))->toStartWith('2026-06-03T');
        }
        expect($helped->hands()['likely'])->toBeLessThan($alone->hands()['likely']);
        Works::holds($helped);
    });

    it('closes the host every evening where it is used between sittings, and opens it again', function (): void {
        $needed = [new SetField('front', 'needed_to_use', true), new SetField('front', 'minutes', 10)];
        $open = Works::plan(Works::job(...[...$needed, evenings()]));
        $closed = Works::plan(Works::job(...[...$needed, evenings(['usable' => true])]));
        expect($open->nights)->toBeNull();
        expect($closed->nights)->toBeInstanceOf(Nights::class);
        expect($closed->nights->count)->toBeGreaterThan(0);
        expect($closed->end)->toBeGreaterThanOrEqual($open->end);
        expect($closed->hands()['likely'] - $open->hands()['likely'])->toEqualWithDelta(
            $closed->nights->seconds / 3600,
            0.01,
        );
        // Room for closing is left at the end of every sitting in which it stands open.
        $front = array_map(fn (string $verb): Planned => $closed->find("{$verb}:front"), ['open', 'close']);
        foreach ($closed->acts as $planned) {
            if ($planned->from >= $front[0]->from && $planned->to < $front[1]->from && ! $planned->act->main->dark) {
                $window = $closed->calendar->window($planned->to - 1);
                $room = $window === null ? INF : $window[1] - $planned->to;
                expect($room)->toBeGreaterThanOrEqual($front[1]->act->minutes * 60 - 1.0);
            }
        }
    });
});

describe('ways that are tried', function (): void {
    it(
        'offers screws, a way that can be reached, and closing every evening, each with what it does',
        function (): void {
            $job = Works::job(
                evenings(),
                new SetField('front', 'needed_to_use', true),
                new SetField('way', 'pull', 'section'),
            );
            $list = new LoomList(Review::of($job)->analysis);
            $now = new Plan($list);
            $ways = [];
            foreach (Ways::of($list, $now, null, null) as $way) {
                $ways["{$way->choice}={$way->value}"] = $way;
            }
            expect($ways)->toHaveKeys(['usable=yes', 'usable=no', 'fixing=screw', 'routes=reachable']);
            expect($ways['usable=no']->chosen)->toBeTrue();
            // No cure of a day, and no closed section.
            expect($ways['fixing=screw']->plan->end)->toBeLessThan($now->end);
            expect($ways['routes=reachable']->plan->hands()['likely'])->toBeLessThan($now->hands()['likely'] - 0.3);
            // Taken, the build is planned as it was tried.
            foreach (['fixing=screw', 'routes=reachable', 'usable=yes'] as $name) {
                $taken = Works::plan(Make::edited($job, new Choose($ways[$name]->choice, $ways[$name]->value)));
                expect(Works::keys($taken))->toBe(Works::keys($ways[$name]->plan));
                expect($taken->end)->toBe($ways[$name]->plan->end);
            }
        },
    );

    it('offers none of them where it makes no difference', function (): void {
        $list = new LoomList(Review::of(Make::shelf(2.0))->analysis);
        $choices = array_map(fn (Ways $w): string => $w->choice, Ways::of($list, new Plan($list), null, null));
        expect(array_intersect($choices, ['usable', 'fixing', 'routes']))->toBe([]);
    });
});

describe('an order that was found', function (): void {
    $order = function (Plan $plan): array {
        return array_map(fn (Planned $p): array => [$p->index === null ? null : $p->act->key, $p->state], $plan->acts);
    };
    $held = fn (Plan $plan, array $order): ?array => (new Found($plan->network, $plan->state, $plan->fewest))->held(
        $order,
    );

    it('keeps its place when acts are marked, changes of the power among them', function () use ($order, $held): void {
        $plan = Works::plan(Works::job());
        $was = $order($plan);
        for ($n = 1; $n < count($plan->acts); $n += 3) {
            $keys = [];
            foreach (array_slice($plan->acts, 0, $n) as $planned) {
                foreach ($planned->act->steps as $step) {
                    $keys[] = $step->key;
                }
            }
            $now = Works::plan(Works::job(new Mark($keys, '2026-06-01T18:00+02:00', 'so far')));
            expect($held($now, $was))->toBe(array_slice($was, $n));
        }
    });

    it('is found anew once it does not hold', function () use ($order, $held): void {
        $plan = Works::plan(Works::job());
        $was = $order($plan);
        expect($held($plan, $was))->toBe($was);
        // Something new to do, something before what it waits for, a change too many.
        expect($held(Works::plan(Works::job(new AddPanel('Hatch', ['box']))), $was))->toBeNull();
        expect($held($plan, array_reverse($was)))->toBeNull();
        $first = $was[0][0];
        expect($held($plan, [[$first, 'dead'], ...array_slice($was, 1)]))->toBeNull();
        expect($held($plan, []))->toBeNull();
    });
});

it('has a plan that holds on five hundred random builds', function (): void {
    mt_srand(16);
    $plans = 0;
    for ($n = 0; $n < 50; $n++) {
        $edits = [];
        for ($p = 0; $p < mt_rand(0, 3); $p++) {
            $behind = $p > 0 && mt_rand(0, 1) === 1 ? ['panel_'.mt_rand(0, $p - 1)] : [];
            $gives = [['end'], ['way'], ['box'], ['end', 'way']][mt_rand(0, 3)];
            $edits[] = new AddItem(
                'host.panels',
                new Fields([
                    'id' => "panel_{$p}",
                    'label' => "Panel {$p}",
                    'gives' => $gives,
                    'behind' => $behind,
                    'needed_to_use' => mt_rand(0, 1) === 1,
                ]),
            );
        }
        $edits[] = new SetField('way', 'length_m', mt_rand(2, 60) / 10);
        $edits[] = new SetField('way', 'pull', ['open', 'section', 'host_loom', 'behind_panel'][mt_rand(0, 3)]);
        $edits[] = new SetField('held', 'kind', ['tape', 'screw', 'bond_tape', 'clip'][mt_rand(0, 3)]);
        $edits[] = new AddPanel('Hatch', ['box']);
        $document = Works::job(...$edits);
        $list = new LoomList(Review::of($document)->analysis);
        $keys = array_keys((new Plan($list))->steps->all);
        for ($m = 0; $m < 10; $m++) {
            $instead = [
                'order' => ['wire_first', 'mount_first'][mt_rand(0, 1)],
                'proof' => ['both', 'open', 'closed'][mt_rand(0, 2)],
                'dead' => ['as_needed', 'battery'][mt_rand(0, 1)],
            ];
            Works::holds(
                new Plan($list, mt_rand(0, 1) === 1 ? '2026-06-01T18:00' : null, null, $instead, mt_rand(1, 2)),
            );
            $plans++;
        }
        expect($keys)->toContain('kit:all');
    }
    expect($plans)->toBe(500);
});
