<?php

declare(strict_types=1);

use BenchGlow\Command\Stepping;
use BenchGlow\Drawing\ActSvg;
use BenchGlow\Drawing\JobWire;
use BenchGlow\Drawing\TrayPaper;
use BenchGlow\Edit\AddItem;
use BenchGlow\Edit\AddPanel;
use BenchGlow\Edit\Arrive;
use BenchGlow\Edit\Choose;
use BenchGlow\Edit\CopyCircuit;
use BenchGlow\Edit\Log;
use BenchGlow\Edit\Mark;
use BenchGlow\Edit\Park;
use BenchGlow\Edit\PlanBy;
use BenchGlow\Edit\PutFirst;
use BenchGlow\Edit\SetField;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Steps\Act;
use BenchGlow\Steps\Calendar;
use BenchGlow\Steps\Edge;
use BenchGlow\Steps\Ledger;
use BenchGlow\Steps\Order;
use BenchGlow\Steps\Plan;
use BenchGlow\Steps\Planned;
use BenchGlow\Steps\Rest;
use BenchGlow\Steps\Scheduler;
use BenchGlow\Steps\Times;
use BenchGlow\Steps\Verbs;
use Tests\Support\Examples;
use Tests\Support\LoomFaults;
use Tests\Support\Make;
use Tests\Support\WorkNets;
use Tests\Support\Works;

describe('steps', function (): void {
    it('makes steps of what is there: each key once, each verb of the list', function (): void {
        $steps = Works::plan(Works::job())->steps;
        foreach ($steps->all as $key => $step) {
            expect($key)->toBe("{$step->verb}:{$step->subject}");
            expect(Verbs::keys())->toContain($step->verb);
            expect($step->minutes)->toBeGreaterThan(0.0);
            expect($step->title)->not->toContain('_');
        }
        $wanted = [
            'kit:all',
            'open:front',
            'open:lid',
            'unplug:lid',
            'couple:lid',
            'mark:hole',
            'look:hole',
            'drill:hole',
        ];
        $wanted = [...$wanted, 'dress:hole', 'cut:shelf_light_feed', 'run:shelf_light_feed', 'stick:shelf_light'];
        $wanted = [
            ...$wanted,
            'land:shelf_light_feed.1.from',
            'shorts:shelf',
            'fuse:F1',
            'open_test:shelf',
            'close:lid',
        ];
        expect(array_diff($wanted, array_keys($steps->all)))->toBe([]);
    });

    it('reads length, drill and fuse off the build, with the facts they are done under', function (): void {
        $steps = Works::plan(Works::job())->steps;
        expect($steps->get('cut:shelf_light_feed')?->number)->toBe('1.40 m');
        expect($steps->get('cut:shelf_light_feed')?->as['length_m'])->toBe(1.4);
        expect($steps->get('drill:hole')?->number)->toBe('12 mm');
        expect($steps->get('drill:hole')?->as)->toBe(['mm' => 12.0]);
        // Wood, 12 mm: 2 + 3, and where it is reached in the open 1.6 times.
        expect($steps->get('drill:hole')?->minutes)->toBe(8.0);
        // 1 + 0.5 for each of four bolts, in the open.
        expect($steps->get('open:front')?->minutes)->toBe(4.8);
        expect($steps->get('open:front')?->number)->toBe('4');
    });

    it('has a plan for every example, without anything being said of the work', function (string $name): void {
        $plan = Works::plan(Examples::document($name));
        expect($plan->network->circle)->toBe([]);
        if ($plan->acts !== []) {
            Works::holds($plan);
        }
    })->with(Examples::names());

    it('makes ends after they are laid that are wider than the hole', function (): void {
        $plugged = fn (float $mm): Plan => Works::plan(WorkNets::plugged($mm));
        $before = fn (Plan $p, string $a, string $b): bool => array_search($a, Works::keys($p), true) <
            array_search($b, Works::keys($p), true);
        expect($before($plugged(10.0), 'run:shelf_light_feed.1', 'plug:plug'))->toBeTrue();
        expect($before($plugged(40.0), 'plug:plug', 'run:shelf_light_feed.1'))->toBeTrue();
    });
});

describe('precedence', function (): void {
    it('has every rule once, with an id and a reason', function (): void {
        $ids = array_map(fn (string $c): string => (new $c())->id(), Order::ALL);
        expect(array_unique($ids))->toBe($ids);
        foreach (Order::ALL as $class) {
            expect((new $class())->because())->not->toBe('')->not->toContain('_');
        }
        $files = array_map(
            fn (string $f): string => basename($f, '.php'),
            glob(__DIR__.'/../../core/Steps/Rule/*.php') ?: [],
        );
        $listed = array_map(fn (string $c): string => (new ReflectionClass($c))->getShortName(), Order::ALL);
        expect($files)->toEqualCanonicalizing($listed);
    });

    it('puts one before the other where a rule asks for it', function (
        string $rule,
        string $first,
        string $then,
    ): void {
        $plan = Works::plan(WorkNets::everything());
        $network = $plan->network;
        [$a, $b] = [$network->actOf[$first] ?? null, $network->actOf[$then] ?? null];
        expect($a)->not->toBeNull("{$first} is a step");
        expect($b)->not->toBeNull("{$then} is a step");
        if ($a !== $b) {
            $rules = array_map(
                fn (Edge $e): string => $e->rule,
                array_filter($network->before[$b], fn (Edge $e): bool => $e->from === $a),
            );
            expect($rules)->not->toBe([]);
            $order = array_column($plan->acts, 'index');
            expect(array_search($a, $order, true))->toBeLessThan(array_search($b, $order, true));
        }
        $pairs = [];
        foreach (Order::ALL as $class) {
            if ((new $class())->id() === $rule) {
                foreach ((new $class())->pairs($plan->steps) as $pair) {
                    $pairs[] = "{$pair[0]->key} {$pair[1]->key}";
                }
            }
        }
        expect($pairs)->toContain("{$first} {$then}");
    })->with([
        ['baseline.first', 'baseline:all', 'open:front'],
        ['kit.complete', 'kit:all', 'cut:shelf_light_feed.1'],
        ['panel.reach', 'open:front', 'stick:shelf_light'],
        ['panel.behind', 'open:front', 'open:lid'],
        ['look.drill.dress', 'look:hole', 'drill:hole'],
        ['dust.away', 'drill:hole', 'stick:shelf_light'],
        ['dress.pass', 'dress:hole', 'run:shelf_light_feed.1'],
        ['sleeve.join', 'sleeve:knot', 'join:knot'],
        ['boot.plug', 'cut:shelf_light_feed.1', 'plug:plug'],
        ['join.pull', 'pull:knot', 'seal:knot'],
        ['cut.end', 'cut:tail', 'join:knot'],
        ['bench.fix', 'bench:shelf_light', 'stick:shelf_light'],
        ['dry.clean.stick', 'clean:shelf_light', 'stick:shelf_light'],
        ['trial.fix', 'trial:lid_switch', 'fix:lid_switch'],
        ['made.run', 'plug:plug', 'run:shelf_light_feed.1'],
        ['run.land', 'run:shelf_light_feed.1', 'land:shelf_light_feed.1.from'],
        ['tie.test', 'tie:shelf_light_feed.1', 'shorts:shelf'],
        ['far_end.source', 'far_end:shelf_light_feed.1', 'land:shelf_light_feed.1.from'],
        ['load.source', 'land:switch_lead.1.to', 'land:switch_lead.1.from'],
        ['relief.close', 'relief:shelf_light', 'close:front'],
        ['record.hide', 'photo:stud', 'close:lid'],
        ['shorts.fuse', 'shorts:shelf', 'fuse:F1'],
        ['fuse.last', 'fuse:F1', 'open_test:shelf'],
        ['host_whole.live', 'couple:lid', 'open_test:shelf'],
        ['open_test.close', 'open_test:shelf', 'close:front'],
        ['close.reverse', 'close:lid', 'close:front'],
        ['close.closed_test', 'close:front', 'closed_test:shelf'],
        ['reset.after', 'land:shelf_light_feed.1.from', 'reset:lid'],
        ['cure.load', 'stick:shelf_light', 'use:all'],
        ['night.after', 'closed_test:shelf', 'night:all'],
        ['side.first', 'open_test:shelf', 'stick:other_light'],
        ['old.last', 'open_test:shelf', 'own:old_lamp'],
        ['own', 'bench:shelf_light', 'own:look_twice'],
    ]);

    it('keeps a cure between what is stuck and what loads it', function (): void {
        $plan = Works::plan(Works::job(), '2026-06-01T18:00+02:00');
        $stick = $plan->find('stick:shelf_light');
        $use = $plan->find('use:all');
        expect($use->from - $stick->to)->toBeGreaterThanOrEqual(86_400.0);
        expect($plan->waits()[0]['because'])->toBe('it holds only after a while');
        expect($plan->waits()[0]['until'])->toBe($plan->calendar->iso($stick->to + 86_400.0));
    });
});

describe('power', function (): void {
    it('asks for power off where a post is touched, and for nothing on the bench', function (): void {
        $steps = Works::plan(Works::job())->steps;
        expect($steps->get('land:shelf_light_feed.1.from')?->power)->toBe('dead');
        expect($steps->get('land:shelf_light_feed.1.to')?->power)->toBe('any');
        expect($steps->get('shorts:shelf')?->power)->toBe('fuse_out');
        expect($steps->get('open_test:shelf')?->power)->toBe('live');
        $battery = Works::plan(Works::job(), instead: ['dead' => 'battery'])->steps;
        expect($battery->get('shorts:shelf')?->power)->toBe('dead');
    });

    it('changes as seldom as can be, and ends as early, against every order there is', function (): void {
        $seed = 7;
        $same = $late = 0;
        for ($n = 0; $n < 200; $n++) {
            $network = WorkNets::random($seed, 8);
            [$fewest, $end] = WorkNets::bruteForce($network);
            $scheduler = new Scheduler($network, new Calendar(new Fields([])), array_fill(0, 8, 0.0));
            expect($scheduler->fewest())->toBe($fewest);
            $rows = $scheduler->decode($scheduler->best("net {$n}"));
            expect(count(array_filter($rows, fn (array $r): bool => $r[0] === null)))->toBe($fewest);
            $ours = max(array_column($rows, 3));
            $same += (int) ($ours <= $end + 1.0);
            $late = max($late, $ours / $end);
        }
        expect($same)->toBeGreaterThanOrEqual(190);
        expect($late)->toBeLessThanOrEqual(1.05);
    });
});

describe('plan', function (): void {
    it('holds on random networks, and is the same twice', function (): void {
        $seed = 3;
        for ($n = 0; $n < 300; $n++) {
            $network = WorkNets::random($seed, 4 + ($n % 30));
            $scheduler = new Scheduler(
                $network,
                new Calendar(new Fields([])),
                array_fill(0, count($network->acts), 0.0),
            );
            $order = $scheduler->best("seed {$n}");
            $done = [];
            $state = 'live';
            foreach ($order as [$i, $to]) {
                $state = $to;
                if ($i === null) {
                    continue;
                }
                expect($network->acts[$i]->goesIn($state))->toBeTrue();
                foreach ($network->before[$i] as $edge) {
                    expect($done)->toHaveKey($edge->from);
                }
                $done[$i] = true;
            }
            expect($done)->toHaveCount(count($network->acts));
            expect($scheduler->best("seed {$n}"))->toBe($order);
        }
    });

    it('says the same twice, byte for byte', function (): void {
        $said = fn (): string => json_encode(
            (new Stepping(Works::job(), at: '2026-06-01T18:00+02:00'))->toArray(true),
            JSON_THROW_ON_ERROR,
        );
        expect($said())->toBe($said());
    });

    it('keeps the order of what is untouched when a circuit is added', function (): void {
        $before = array_flip(Works::keys(Works::plan(Works::job())));
        $after = array_flip(Works::keys(Works::plan(Works::job(new CopyCircuit('shelf', 'Second shelf')))));
        $shared = array_values(array_intersect(array_keys($before), array_keys($after)));
        $kept = $all = 0;
        foreach ($shared as $n => $a) {
            foreach (array_slice($shared, $n + 1) as $b) {
                $all++;
                $kept += (int) (($before[$a] <=> $before[$b]) === ($after[$a] <=> $after[$b]));
            }
        }
        expect($kept / $all)->toBeGreaterThanOrEqual(0.9);
    });

    it('works only in the hours, and goes over to the next sitting', function (): void {
        $document = Works::job(
            new PlanBy(
                new Fields([
                    'start' => '2026-06-01T18:00+02:00',
                    'hours' => [['days' => ['mo', 'we', 'fr'], 'from' => '18:00', 'to' => '20:00']],
                ]),
            ),
        );
        $plan = Works::plan($document);
        Works::holds($plan);
        foreach ($plan->acts as $planned) {
            if ($planned->act->main->dark) {
                continue;
            }
            [$day, $clock] = explode(' ', $plan->calendar->words($planned->from));
            expect(['Mon', 'Wed', 'Fri'])->toContain($day);
            expect($clock >= '18:00' && $clock < '20:00')->toBeTrue();
            expect($plan->calendar->words($planned->to) <= "{$day} 20:00" || $planned->act->minutes > 45.0)->toBeTrue();
        }
        expect(count($plan->sittings()))->toBeGreaterThan(1);
    });

    it('waits for what is on its way, and not once it is here', function (): void {
        $late = Works::job(
            new AddItem('work.parts', new Fields(['part' => 'strip_warm_12_48', 'due_on' => '2026-06-04'])),
        );
        $plan = Works::plan($late, '2026-06-01T08:00+02:00');
        expect($plan->calendar->iso($plan->find('stick:shelf_light')->from) >= '2026-06-04T12:00')->toBeTrue();
        expect(array_column($plan->waits(), 'until'))->toContain('2026-06-04T12:00');
        $here = Works::plan(
            Make::edited($late, new Arrive('strip_warm_12_48', '2026-06-01')),
            '2026-06-01T08:00+02:00',
        );
        expect($here->calendar->iso($here->find('stick:shelf_light')->from) < '2026-06-02')->toBeTrue();
    });

    it('is never put off by a clock set back: a wait is what was done, and so much more', function (): void {
        $stuck = Works::job(
            new Mark(['kit:all', 'clean:shelf_light', 'stick:shelf_light'], '2026-06-01T23:30+02:00', 'stuck'),
        );
        $use = fn (string $at): ?string => ($p = Works::plan($stuck, $at))->calendar->iso($p->find('use:all')->from);
        expect($use('2026-06-02T08:00+02:00') >= '2026-06-02T23:30')->toBeTrue();
        expect($use('2026-06-01T22:00+02:00') < '2026-06-03')->toBeTrue();
        expect($use('2026-06-04T08:00+02:00') < '2026-06-05')->toBeTrue();
    });

    it('leaves out what is done, and puts off what is parked', function (): void {
        $marked = Works::job(new Mark(['kit:all', 'cut:shelf_light_feed'], '2026-06-01', 'cut'));
        expect(Works::keys(Works::plan($marked)))->not->toContain('kit:all')->not->toContain('cut:shelf_light_feed');
        $parked = Works::job(new Park('bench:shelf_light', 'try it', '2026-06-03T12:00'));
        $plan = Works::plan($parked, '2026-06-01T12:00');
        expect($plan->calendar->iso($plan->find('bench:shelf_light')->from) >= '2026-06-03T12:00')->toBeTrue();
    });

    it('refuses an own order that goes round, in words that name it', function (): void {
        $bad = fn () => Make::edited(Works::job(), new PutFirst('close:front', 'open:front'));
        expect($bad)->toThrow(BadBuild::class, 'goes round: each would come before the other');
        expect($bad)->toThrow(BadBuild::class, 'ut front back');
        $plan = Works::plan(Works::job(new PutFirst('night:all', 'tidy:all', 'while it is dark')));
        expect(array_search('night:all', Works::keys($plan), true))->toBeLessThan(
            array_search('tidy:all', Works::keys($plan), true),
        );
    });

    it('changes hours and order with the way of working that is chosen', function (): void {
        $first = Works::plan(Works::job());
        $mounted = Works::plan(Works::job(new Choose('order', 'mount_first')));
        $at = fn (Plan $p, string $k): int => (int) array_search($p->find($k), $p->acts, true);
        expect($at($first, 'run:shelf_light_feed'))->toBeLessThan($at($first, 'relief:shelf_light'));
        expect($at($mounted, 'stick:shelf_light'))->toBeLessThan($at($mounted, 'run:shelf_light_feed'));
        expect($mounted->hands()['likely'])->toBeGreaterThan($first->hands()['likely']);
        expect(Works::plan(Works::job(new Choose('proof', 'closed')))->find('open_test:shelf'))->toBeNull();
    });
});

describe('times', function (): void {
    it('draws what is usual to what it took', function (): void {
        // exp((3 ln m0 + Σ ln t) / (3 + n)) with m0 = 10 and t = 20, 20: 10 · 2^(2/5)
        $times = new Times(['join bench' => [2.0, 2.0]]);
        expect($times->likely('join', 'bench', 10.0))->toEqualWithDelta(10.0 * 2 ** 0.4, 1e-9);
        expect($times->counted('join', 'bench'))->toBe(2);
        expect((new Times())->likely('join', 'bench', 10.0))->toBe(10.0);
        expect((new Times())->likely('join', 'tight', 10.0))->toBe(30.0);
        expect((new Times())->likely('use', 'open', 20.0))->toBe(20.0);
        // One's own pace moves what was never timed too, and less so.
        expect($times->likely('plug', 'bench', 10.0))
            ->toBeGreaterThan(10.0)
            ->toBeLessThan(10.0 * 2 ** 0.4);
        [$low, $high] = (new Times())->range('join', 'bench', 10.0);
        expect($low * $high)->toEqualWithDelta(100.0, 1e-6);
        expect(fn () => Stepping::times('{"join bench": [{"usual": 0, "took": 4}]}'))->toThrow(
            BadBuild::class,
            'more than 0',
        );
    });
});

it('says again what went wrong, in the act in which it could again', function (): void {
    $log = fn (string $cause): Log => new Log('mistake', '2026-06-01', '', null, $cause);
    $plan = Works::plan(Works::job($log('cut_short'), $log('cut_short'), $log('fastener_lost')));
    $lessons = $plan->steps->job->lessons;
    $act = fn (string $key): Act => $plan->find($key)->act;
    // From the second time on it has a press of its own.
    expect($lessons->presses($act('cut:shelf_light_feed')))->toBe([
        'It went wrong 2 times: measure once more, and leave the loop.',
    ]);
    expect($lessons->reminders($act('cut:shelf_light_feed')))->toBe([]);
    expect($lessons->reminders($act('open:front')))->toBe(['It went wrong once: a lid under it, and one bag each.']);
    expect([...$lessons->presses($act('shorts:shelf')), ...$lessons->reminders($act('shorts:shelf'))])->toBe([]);
});

describe('rest and ledger', function (): void {
    it('says what may be used, what not yet, and what must not be left so', function (): void {
        $plan = Works::plan(Works::job());
        $done = array_fill_keys(['open:front', 'unplug:lid', 'land:shelf_light_feed.1.from'], true);
        $rest = Rest::after($plan, $done, 'live');
        expect($rest->isSafe())
            ->toBeFalse()
            ->and($rest->panels)
            ->toBe(['front']);
        expect(implode(' ', $rest->notYet))
            ->toContain('pump lamp: it is unplugged')
            ->toContain('Shelf: not proven yet');
        expect(implode(' ', $rest->leftAs))->toContain('open: tape each by itself')->toContain('Front off');
        expect(Rest::after($plan, $done, 'dead')->isSafe())->toBeTrue();
        $proven = Rest::after($plan, ['closed_test:shelf' => true], 'live');
        expect($proven->may)->toBe(['the host, as before', 'Shelf']);
    });

    it('closes in exactly the reverse order, for panels nested at random', function (): void {
        $seed = 11;
        for ($n = 0; $n < 40; $n++) {
            $edits = [];
            $count = 2 + ($n % 7);
            for ($p = 0; $p < $count; $p++) {
                $seed = ($seed * 48_271) % 2_147_483_647;
                $behind = $p === 0 || $seed % 3 === 0 ? [] : ['panel_'.(1 + ($seed % $p))];
                $edits[] = new AddPanel('Panel '.($p + 1), $p % 2 === 0 ? ['end'] : ['way'], $behind);
            }
            $document = LoomFaults::shelf([], ...$edits);
            $plan = Works::plan($document);
            $of = fn (string $verb): array => array_values(
                array_map(
                    fn (Planned $p): string => $p->act->main->subject,
                    array_filter($plan->acts, fn (Planned $p): bool => $p->act->is($verb)),
                ),
            );
            $closing = array_flip($of('close'));
            $opening = array_flip($of('open'));
            foreach ($plan->build->panels as $panel) {
                foreach ($panel->behind as $outer) {
                    expect($opening[$outer])->toBeLessThan($opening[$panel->id]);
                    expect($closing[$outer])->toBeGreaterThan($closing[$panel->id]);
                }
            }
            $ledger = array_flip((new Ledger($plan->build))->order);
            foreach ($plan->build->panels as $panel) {
                foreach ($panel->behind as $outer) {
                    expect($ledger[$outer])->toBeGreaterThan($ledger[$panel->id]);
                }
            }
        }
    });

    it('refuses panels that go round, by their names', function (): void {
        expect(fn () => Works::job(new SetField('front', 'behind', ['lid'])))->toThrow(BadBuild::class, 'goes round');
        expect(fn () => Works::job(new SetField('front', 'gives', ['nothing_here'])))->toThrow(
            BadBuild::class,
            'is not a stretch',
        );
    });

    it('draws the tray sheet at true size', function (): void {
        $pdf = TrayPaper::sheet(Works::plan(Works::job())->build, 'a4', 'A tray');
        expect(substr($pdf, 0, 5))->toBe('%PDF-');
        $ops = '';
        preg_match_all('/stream\r?\n(.*?)\r?\nendstream/s', $pdf, $streams);
        foreach ($streams[1] as $stream) {
            $ops .= str_starts_with($stream, "\x78") ? (string) gzuncompress($stream) : $stream;
        }
        // The bar: 100 mm is 283.46 pt, 4 in is 288 pt.
        preg_match_all('/([\d.]+) [\d.]+ m\s+([\d.]+) [\d.]+ l/', $ops, $lines, PREG_SET_ORDER);
        $long = array_map(fn (array $l): float => round(abs((float) $l[2] - (float) $l[1]), 1), $lines);
        expect($long)->toContain(283.5)->toContain(288.0);
    });
});

describe('drawing', function (): void {
    it('draws every act of the demo builds, and nothing else than shapes and words', function (string $name): void {
        $plan = Works::plan(Examples::document($name));
        foreach ($plan->acts as $planned) {
            $svg = ActSvg::of($plan, $planned->act);
            $read = simplexml_load_string("<svg>{$svg}</svg>");
            expect($read)->not->toBeFalse();
            expect($svg)->not->toContain('style=')->not->toContain('script');
        }
        $wire = new JobWire($plan, $plan->acts[0]->act->key ?? null);
        // What is done stands filled before what is to come.
        $done = array_slice($plan->done->inOrder(), -5);
        expect(array_column($wire->behind, 'key'))->toBe($done);
        expect(max([0.0, ...array_column($wire->behind, 'x')]))->toBeLessThan($wire->bands[0]['runs'][0]['x'] ?? INF);
        $ticks = array_sum(array_map(fn (array $b): int => array_sum(array_column($b['ticks'], 'n')), $wire->bands));
        expect($ticks)->toBe(count($plan->acts));
        foreach ($wire->bands as $band) {
            foreach (array_slice($band['ticks'], 1) as $n => $tick) {
                expect($tick['x'] - $band['ticks'][$n]['x'])->toBeGreaterThanOrEqual(23.9);
            }
            expect($band['x1'])->toBeLessThanOrEqual(651.0);
        }
    })->with(['heron', 'coffee-trike', 'mineral-cabinet', 'harbour-tour']);
});
