<?php

declare(strict_types=1);

use BenchGlow\Analysis\Analysis;
use BenchGlow\Build\Build;
use BenchGlow\Build\Document;
use BenchGlow\Check\Review;
use BenchGlow\Command\Gating;
use BenchGlow\Command\Report;
use BenchGlow\Edit\AddItem;
use BenchGlow\Edit\Calibrate;
use BenchGlow\Edit\CloseHunt;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\KeepGate;
use BenchGlow\Edit\KeepLog;
use BenchGlow\Edit\Mark;
use BenchGlow\Edit\OpenHunt;
use BenchGlow\Edit\RemoveItem;
use BenchGlow\Edit\See;
use BenchGlow\Edit\SetField;
use BenchGlow\Edit\SkipGate;
use BenchGlow\Edit\UseWay;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Prove\Chain;
use BenchGlow\Prove\Corrections;
use BenchGlow\Prove\Expectation;
use BenchGlow\Prove\Fault;
use BenchGlow\Prove\FaultTable;
use BenchGlow\Prove\Finder;
use BenchGlow\Prove\Gate;
use BenchGlow\Prove\Gates\Contact;
use BenchGlow\Prove\GateWords;
use BenchGlow\Prove\Hidden;
use BenchGlow\Prove\Instrument;
use BenchGlow\Prove\Link;
use BenchGlow\Prove\NextTry;
use BenchGlow\Prove\Observation;
use BenchGlow\Prove\Outcomes;
use BenchGlow\Prove\Overlay;
use BenchGlow\Prove\Proving;
use BenchGlow\Prove\Seen;
use BenchGlow\Prove\Sight;
use BenchGlow\Prove\StatesThatMatter;
use BenchGlow\Prove\Suspect;
use BenchGlow\Prove\Taken;
use BenchGlow\Prove\Works;
use Tests\Support\Make;
use Tests\Support\ProofFaults;

const PROVEN = '2026-05-02T10:00+02:00';

/** The chain of the shelf, after these edits. */
function chainOf(Document $document, Edit ...$edits): Chain
{
    $document = $edits === [] ? $document : Make::edited($document, ...$edits);

    return new Chain(ProofFaults::gates($document, 'shelf'), $document);
}

/** How a gate of a kind stands. */
function standing(Chain $chain, string $kind): string
{
    foreach ($chain->links as $link) {
        if ($link->gate->kind === $kind) {
            return $link->stands;
        }
    }

    return 'none';
}

describe('the chain', function (): void {
    it('goes from open to right, fails, skipped and stale', function (): void {
        $shelf = Make::shelf(1.2);
        $gates = ProofFaults::gates($shelf, 'shelf');
        $of = fn (string $kind): Gate => array_values(array_filter($gates, fn (Gate $g): bool => $g->kind === $kind))[0];
        expect(chainOf($shelf)->counts()[Link::OPEN])->toBe(count($gates));
        $keep = fn (string $kind, string $result): KeepGate => new KeepGate(
            $of($kind)->key,
            $result,
            PROVEN,
            $of($kind)->facts,
        );
        $chain = chainOf(
            $shelf,
            $keep('part', 'as_it_should'),
            $keep('power', 'not_as_it_should'),
            new SkipGate($of('night')->key, 'no dark hour', PROVEN, $of('night')->facts),
        );
        expect(standing($chain, 'part'))->toBe(Link::RIGHT);
        expect(standing($chain, 'power'))->toBe(Link::FAILS);
        expect(standing($chain, 'night'))->toBe(Link::SKIPPED);
        expect(standing($chain, 'state'))->toBe(Link::OPEN);
        expect($chain->first()?->gate->kind)
            ->toBe('core')
            ->and($chain->holds())
            ->toBeFalse();
        // The last outcome counts, and a name changes nothing.
        $mended = chainOf(
            $shelf,
            $keep('power', 'not_as_it_should'),
            $keep('power', 'as_it_should'),
            new SetField('shelf', 'label', 'Shelf over the stove'),
        );
        expect(standing($mended, 'power'))->toBe(Link::RIGHT);
        $changed = chainOf($shelf, $keep('power', 'as_it_should'), new SetField('F1', 'fuse_a', 5.0));
        expect(standing($changed, 'power'))->toBe(Link::STALE);
    });

    it('holds when every gate is right, and takes what Build has marked', function (): void {
        $shelf = Make::shelf(1.2);
        $document = $shelf;
        foreach (ProofFaults::gates($shelf, 'shelf') as $gate) {
            $document = Make::edited($document, new KeepGate($gate->key, 'as_it_should', PROVEN, $gate->facts));
        }
        expect(chainOf($document)->holds())->toBeTrue();
        $marked = chainOf($shelf, new Mark(['open_test:shelf', 'bench:shelf_light'], PROVEN, 'tried'));
        expect(standing($marked, 'state'))->toBe(Link::RIGHT)->and(standing($marked, 'part'))->toBe(Link::RIGHT);
        expect(standing($marked, 'closed'))->toBe(Link::OPEN);
        $not = chainOf($shelf, new Mark(['open_test:shelf'], PROVEN, 'tried', 'not_as_it_should'));
        expect(standing($not, 'state'))->toBe(Link::FAILS);
    });

    it('keeps what was measured beside what was expected, and tells it in a report', function (): void {
        $shelf = Make::shelf(1.2);
        $power = array_values(
            array_filter(ProofFaults::gates($shelf, 'shelf'), fn (Gate $g): bool => $g->kind === 'power'),
        )[0];
        $document = Make::edited(
            $shelf,
            new KeepGate(
                $power->key,
                'as_it_should',
                PROVEN,
                $power->facts,
                new Fields([['red' => 'F1', 'kind' => 'amps', 'value' => 0.42]]),
                supplyV: 12.4,
            ),
            new OpenHunt('shelf', PROVEN),
            new See('h1', 'shelf_light', 'dim', PROVEN),
            new CloseHunt('h1', PROVEN, 'fuse:F1'),
        );
        $link = chainOf($document)->link($power->key);
        expect($link?->reading($power->expected[0])?->value)->toBe(0.42);
        $report = Report::of(Review::of($document));
        expect($report['gates'][0])
            ->toMatchArray(['says' => 'First power through fuse F1', 'result' => 'as_it_should', 'stale' => false])
            ->and($report['gates'][0]['measured'][0])
            ->toMatchArray(['red' => 'F1', 'kind' => 'amps', 'value' => 0.42, 'supply_v' => 12.4])
            ->and($report['hunts'][0]['found'])
            ->toBe('fuse:F1');
        $gating = new Gating($document);
        expect($gating->fails())->toBeFalse()->and($gating->csv())->toContain('0.42');
        expect((new Gating(ProofFaults::cases()['prove.failed'][0]()))->fails())->toBeTrue();
        expect(Report::of(Review::of($shelf))['gates'])->toBe([]);
    });

    it('says each gate in words, also one that nothing makes any more', function (): void {
        $build = Build::of(Make::file('wherry.glow.json'));
        expect(GateWords::of($build, 'state:chart_locker@lid=up,master=on'))->toBe('Chart locker, lid up, master on');
        expect(GateWords::of($build, 'short:F4'))->toBe('No short behind fuse F4');
        expect(GateWords::of($build, 'timed:gone'))->toBe('Seconds until it is dark by itself: gone');
        expect(GateWords::circuit($build, 'core:chart_locker_feed.1'))->toBe('chart_locker');
        expect(GateWords::circuit($build, 'power:F4'))->toBe('chart_locker');
        expect(GateWords::circuit($build, 'core:gone.1'))->toBeNull();
    });
});

describe('a reading', function (): void {
    it('is judged by its band, to twice of it a little off, and by its word', function (): void {
        $volts = new Expectation('volts', 'a', 'b', 12.0, 11.8, 12.2);
        expect($volts->judgeRead(11.9, ''))
            ->toBe('right')
            ->and($volts->judgeRead(11.7, ''))
            ->toBe('a little off')
            ->and($volts->judgeRead(10.2, ''))
            ->toBe('not as it should be')
            ->and($volts->judgeRead(null, 'open'))
            ->toBe('not as it should be');
        $open = new Expectation('ohms', 'a', 'b', low: 1000.0, word: 'open');
        expect($open->judgeRead(null, 'open'))
            ->toBe('right')
            ->and($open->judgeRead(5000.0, ''))
            ->toBe('right')
            ->and($open->judgeRead(0.4, ''))
            ->toBe('not as it should be');
        $floats = new Expectation('volts', 'a', 'b', word: 'wandering');
        expect($floats->judgeRead(null, 'wandering'))
            ->toBe('right')
            ->and($floats->judgeRead(0.1, ''))
            ->toBe('right')
            ->and($floats->judgeRead(4.0, ''))
            ->toBe('not as it should be');
        $made = new Expectation('contact', 'a', 'b', high: 1.0, word: 'made');
        expect($made->judgeRead(0.2, ''))->toBe('right')->and($made->judgeRead(80.0, ''))->toBe('not as it should be');
    });

    it('of ohms is taken at half a volt, where no lamp glows and no diode opens', function (): void {
        $works = new Works(Analysis::of(Make::shelf(1.2)), 'shelf');
        $meter = new Instrument($works);
        $lead = $works->leads['shelf_light_feed'];
        $ohmPerM = $works->analysis->leads['shelf_light_feed']->wire->ohmPerM();
        // From end to end a core reads its own ohms; a lit strip's LEDs stay shut.
        $end = $works->cores['shelf_light_feed.2'];
        expect($meter->ohms($end[0]->from, $end[0]->to, []))->toEqualWithDelta(
            $ohmPerM * (float) $lead->lengthM,
            0.002,
        );
        expect($meter->ohms('F1.2', 'bank.minus', [], ['F1']))->toBeNull();
        expect($meter->ohms('bank.plus', 'bank.plus', []))->toBe(0.0);
        // Behind the fuse of the Wherry's relay: its coil of 85 ohm and the resistor of 680 across it.
        $behind = array_values(
            array_filter(
                ProofFaults::gates(Make::file('wherry.glow.json'), 'chart_locker'),
                fn (Gate $g): bool => $g->key === 'short:F1',
            ),
        )[0]->expected[0];
        expect($behind->value)->toEqualWithDelta(1 / (1 / 85 + 1 / 680), 0.2);
        expect($behind->low)->toEqualWithDelta($behind->value / 2, 0.1);
    });

    it('is refused with a sentence, and nothing is half written', function (Edit $edit, string $says): void {
        $shelf = Make::edited(Make::shelf(1.2), new OpenHunt('shelf', PROVEN));
        expect(fn () => Make::edited($shelf, $edit))->toThrow(BadBuild::class, $says);
    })->with([
        'ohms with power' => [
            fn () => new KeepLog(
                new Fields(['red' => 'F1.2', 'kind' => 'ohms', 'value' => 0.4, 'powered' => true]),
                PROVEN,
            ),
            'an ohm reading needs the power off',
        ],
        'no pin' => [fn () => new KeepLog(new Fields(['value' => 12.0]), PROVEN), 'names the pin the red tip was on'],
        'a pin that is gone' => [
            fn () => new KeepLog(new Fields(['red' => 'gone.1', 'value' => 12.0]), PROVEN),
            'the pin `gone.1` is gone',
        ],
        'NaN' => [
            fn () => new KeepLog(new Fields(['red' => 'F1.2', 'value' => NAN]), PROVEN),
            'a figure a meter can show',
        ],
        'mains' => [
            fn () => new KeepLog(new Fields(['red' => 'F1.2', 'value' => 230.0]), PROVEN),
            'over what any supply here gives',
        ],
        'neither' => [fn () => new KeepLog(new Fields(['red' => 'F1.2']), PROVEN), 'neither a value nor a word'],
        'no such gate' => [
            fn () => new KeepGate('whatever', 'as_it_should', PROVEN),
            'expected the gate that was tried',
        ],
        'no such result' => [
            fn () => new KeepGate('part:shelf_light', 'fine', PROVEN),
            'as_it_should or not_as_it_should',
        ],
        'too many' => [
            fn () => new KeepGate(
                'part:shelf_light',
                'as_it_should',
                PROVEN,
                readings: new Fields(array_fill(0, 10_000, ['red' => 'F1.2', 'value' => 12.0])),
            ),
            '60 are the most that are kept at once; 10000 are here',
        ],
        'a hunt twice' => [fn () => new OpenHunt('shelf', PROVEN), 'one hunt is open in this circuit already'],
        'a hunt nowhere' => [fn () => new OpenHunt('moon', PROVEN), 'expected a circuit of this build'],
        'no such hunt' => [fn () => new See('h9', 'shelf_light', 'dim', PROVEN), 'there is no such hunt'],
        'no such look' => [fn () => new See('h1', 'shelf_light', 'odd', PROVEN), 'expected one of dark, ghost'],
        'no such light' => [fn () => new See('h1', 'moon', 'dim', PROVEN), '`moon` is not a light of this build'],
        'no reason' => [fn () => new CloseHunt('h1', PROVEN), 'expected what it was'],
        'skipped for nothing' => [
            fn () => new SkipGate('part:shelf_light', ' ', PROVEN),
            'expected why it is passed over',
        ],
    ]);
});

describe('a hunt', function (): void {
    it('is over once it is mended, and says what it was', function (): void {
        $document = Make::edited(
            Make::shelf(1.2),
            new OpenHunt('shelf', PROVEN),
            new KeepLog(new Fields(['red' => 'F1.2', 'word' => 'wandering']), PROVEN, hunt: 'h1'),
            new KeepLog(new Fields(['red' => 'F1', 'kind' => 'fuse', 'word' => 'blown']), PROVEN, hunt: 'h1'),
        );
        $table = new FaultTable(new Works(Analysis::of($document), 'shelf'));
        $hunt = chainOf($document)->outcomes->open('shelf');
        expect($hunt?->observations($table))->toHaveCount(2);
        $finder = new Finder($table, StatesThatMatter::of($table), $hunt?->observations($table) ?? []);
        expect($finder->ranked()[0][0]->isGone('F1'))
            ->toBeTrue()
            ->and($finder->ranked()[0][0]->key())
            ->toBe('fuse:F1');
        $over = Make::edited($document, new CloseHunt('h1', PROVEN, 'fuse:F1'));
        expect(chainOf($over)->outcomes->open('shelf'))->toBeNull();
        expect(fn () => Make::edited($over, new See('h1', 'shelf_light', 'dim', PROVEN)))->toThrow(
            BadBuild::class,
            'that hunt is over',
        );
    });

    it('takes dark for right where a light should be dark, and says so in words', function (): void {
        $wherry = Make::file('wherry.glow.json');
        $table = new FaultTable(new Works(Analysis::of($wherry), 'chart_locker'));
        $light = 'chart_locker_light';
        $lit = $table->state(['lid' => 'up', 'master' => 'on']);
        expect($table->isDark(0, $light))->toBeTrue()->and($table->isDark($lit, $light))->toBeFalse();
        expect($table->asSeen('dark', 0, $light))
            ->toBe('right')
            ->and($table->asSeen('dark', $lit, $light))
            ->toBe('dark');
        expect($table->asSeen('dim', 0, $light))->toBe('bright')->and($table->asSeen('dim', $lit, $light))->toBe('dim');
        $hunted = Make::edited(
            $wherry,
            new OpenHunt('chart_locker', PROVEN),
            new See('h1', $light, 'dark', PROVEN),
            new See('h1', $light, 'dark', PROVEN, new Fields(['lid' => 'up', 'master' => 'on'])),
        );
        $seen = (new Outcomes($hunted))->open('chart_locker')?->observations($table) ?? [];
        expect(array_map(fn (Observation $o): ?string => $o->word, $seen))->toEqualCanonicalizing(['right', 'dark']);
        expect(Sight::said('right', true))->toBe('dark')->and(Sight::said('bright', true))->toBe('glows');
        expect(Sight::said('right', false))->toBe('looks right')->and(Sight::answers(true))->not->toContain('dark');
    });

    it('proves one side of mirrored lights first, and a sensor over its whole travel', function (): void {
        $trike = Make::file('trike.glow.json');
        $pair = null;
        foreach ($trike->fields()->objects('lights') as $light) {
            $pair ??= $light->has('mirror_of') ? [$light->text('mirror_of'), $light->text('id')] : null;
        }
        [$left, $right] = $pair ?? ['', ''];
        $gate = fn (string $light): Gate => new Gate("part:{$light}", 'part', null, 'bench', '', [], '');
        // Even where the mirrored one stands first in the file.
        $chain = new Chain([$gate($right), $gate($left)], $trike);
        expect($chain->first()?->gate->key)->toBe("part:{$left}");
        expect($chain->waits($chain->links[0]))->toBeTrue()->and($chain->waits($chain->links[1]))->toBeFalse();
        $kept = Make::edited($trike, new KeepGate("part:{$left}", 'as_it_should', PROVEN));
        $chain = new Chain([$gate($right), $gate($left)], $kept);
        expect($chain->waits($chain->links[0]))->toBeFalse();
        expect($chain->first()?->gate->key)->toBe("part:{$right}");
        $lid = Analysis::of(Make::file('j10-lid-and-master.glow.json'));
        $proving = new Proving(new Works($lid, (string) array_key_first($lid->build->circuits)), null);
        $slow = [];
        foreach ((new Contact())->gates($proving) as $gate) {
            $slow[$gate->subject()] = str_contains($gate->act, 'whole travel');
        }
        expect($slow)->toBe(['m' => true, 's' => false]);
    });

    it('finds one of two faults; mended, the gate still fails, and the other is found', function (): void {
        $table = new FaultTable(new Works(Analysis::of(Make::shelf(1.2)), 'shelf'));
        $matter = StatesThatMatter::of($table);
        $two = ['fuse:F1', 'open:shelf_light_feed.2.to'];
        $there = fn (string ...$keys): Overlay => array_reduce(
            $keys,
            fn (Overlay $all, string $key): Overlay => $all->and($table->faults[$key]->overlay),
            new Overlay(),
        );
        $found = [];
        $left = $two;
        for ($n = 0; $n < 2; $n++) {
            $row = $table->rowOf(new Fault('both', 'open', [], '', 1.0, $there(...$left)));
            expect($row[0]->looks['shelf_light'])->toBe('dark');
            $seen = [new Observation('look', 0, 'shelf_light', null, 'dark')];
            for ($asked = 0; $asked < 12; $asked++) {
                $try = (new Finder($table, $matter, $seen))->next(1)[0] ?? null;
                if ($try === null) {
                    break;
                }
                $seen[] = match ($try->kind) {
                    'look' => new Observation('look', $try->state, $try->at, null, $row[$try->state]->looks[$try->at]),
                    'fuse' => new Observation(
                        'fuse',
                        $try->state,
                        $try->at,
                        null,
                        in_array('fuse:F1', $left, true) ? 'blown' : 'whole',
                    ),
                    default => new Observation(
                        'volts',
                        $try->state,
                        $try->at,
                        $row[$try->state]->volts[$try->at],
                        null,
                    ),
                };
            }
            $best = (new Finder($table, $matter, $seen))->ranked()[0][0];
            $keys = array_map(fn (Fault $f): string => $f->key, $best->faults);
            $hit = array_values(array_intersect($left, $keys));
            expect($hit)->toHaveCount(1);
            $found[] = $hit[0];
            $left = array_values(array_diff($left, $hit));
        }
        expect($found)->toEqualCanonicalizing($two)->and($left)->toBe([]);
    });

    it('weighs how bad a joint is: between a little and much it is still that joint', function (): void {
        $table = new FaultTable(new Works(Analysis::of(Make::shelf(1.2)), 'shelf'));
        foreach ([0.8, 1.6, 2.4] as $ohm) {
            $row = $table->rowOf(
                new Fault('joint', 'resistance', [], '', 1.0, new Overlay(added: ['shelf_light_feed.2.1' => $ohm])),
            );
            $minus = array_values(
                array_filter(array_keys($row[0]->volts), fn (string $p): bool => str_ends_with($p, 'u0.minus')),
            )[0];
            $seen = [
                new Observation('look', 0, 'shelf_light', null, $row[0]->looks['shelf_light']),
                new Observation('volts', 0, 'shelf_light.end', $row[0]->volts['shelf_light.end'], null),
                new Observation('volts', 0, $minus, $row[0]->volts[$minus], null),
            ];
            $best = (new Finder($table, StatesThatMatter::of($table), $seen))->ranked()[0][0];
            expect($best->faults[0]->kind)
                ->toBe('resistance', "{$ohm}")
                ->and($best->key())
                ->toStartWith('resistance:shelf_light_feed.2');
        }
    });

    it(
        'weighs amps through a fuse and the ohms behind it, which part a short from a fuse that only blew',
        function (): void {
            $document = Make::shelf(1.2);
            $table = new FaultTable(new Works(Analysis::of($document), 'shelf'));
            expect($table->ohmsBehind(null, 'F1'))->toBeNull();
            expect($table->ohmsBehind('short:shelf_light_feed.1-2', 'F1'))->toBeLessThan(0.5);
            $amps = $table->right[0]->amps['F1'];
            $right = new Observation('amps', 0, 'F1', $amps, null);
            $open = new Suspect([$table->faults['fuse:F1']], $table->row('fuse:F1'));
            $weak = new Suspect([$table->faults['supply:bank@weak']], $table->row('supply:bank@weak'));
            expect($right->given($weak, $table->right[0]))->toBeGreaterThan(
                20 * $right->given($open, $table->right[0]),
            );
            $sd = 0.02;
            expect((new Observation('amps', 0, 'F1', 0.0, null))->given($open))->toEqualWithDelta(
                0.08 * (0.988 / ($sd * sqrt(2 * M_PI)) + 0.012 / 5),
                1e-9,
            );
            $dark = [
                new Observation('look', 0, 'shelf_light', null, 'dark'),
                new Observation('fuse', 0, 'F1', null, 'blown'),
            ];
            $ranked = fn (?float $ohm): string => (new Finder($table, StatesThatMatter::of($table), [
                ...$dark,
                new Observation('ohms', 0, 'F1', $ohm, $ohm === null ? 'open' : null),
            ]))
                ->ranked()[0][0]
                ->key();
            expect($ranked(0.2))->toStartWith('short:')->and($ranked(null))->toBe('fuse:F1');
            $kinds = array_map(
                fn (NextTry $t): string => $t->kind,
                (new Finder($table, StatesThatMatter::of($table), $dark))->next(40),
            );
            expect($kinds)->toContain('ohms');
            expect(
                (new Taken('l1', 'F1.2', 'bank.minus', [], 'ohms', 0.3, '', null, PROVEN))->observation($table, [])
                    ?->at,
            )->toBe('F1');
            expect(
                (new Taken('l1', 'F1', '', [], 'amps', 0.3, '', null, PROVEN))->observation($table, [])?->kind,
            )->toBe('amps');
        },
    );

    it('asks for one reading more once it is found, and is told when that one says no', function (): void {
        $table = new FaultTable(new Works(Analysis::of(Make::shelf(1.2)), 'shelf'));
        $matter = StatesThatMatter::of($table);
        $row = $table->row('open:shelf_light_feed.2.to');
        $seen = [new Observation('look', 0, 'shelf_light', null, 'dark')];
        while (($try = (new Finder($table, $matter, $seen))->next(1)[0] ?? null) !== null) {
            $seen[] =
                $try->kind === 'fuse'
                    ? new Observation('fuse', 0, $try->at, null, 'whole')
                    : new Observation('volts', $try->state, $try->at, $row[$try->state]->volts[$try->at], null);
        }
        $found = new Finder($table, $matter, $seen);
        expect($found->isFound())->toBeTrue()->and($found->isConfirmed())->toBeFalse();
        $sure = $found->confirm();
        expect($sure?->kind)->toBe('volts');
        $yes = new Observation('volts', $sure->state, $sure->at, $row[$sure->state]->volts[$sure->at], null);
        $confirmed = new Finder($table, $matter, [...$seen, $yes]);
        expect($confirmed->isConfirmed())->toBeTrue()->and($confirmed->confirm())->toBeNull();
        $right = $table->right[$sure->state]->volts[$sure->at] ?? 0.0;
        $no = new Finder($table, $matter, [...$seen, new Observation('volts', $sure->state, $sure->at, $right, null)]);
        expect($no->ranked()[0][1])->toBeLessThan($found->ranked()[0][1]);
    });

    it('of practice hides its fault, reads like a meter, and is solved by the program', function (): void {
        $table = new FaultTable(new Works(Analysis::of(Make::shelf(1.2)), 'shelf'));
        $keys = [];
        foreach (range(1, 12) as $seed) {
            $hidden = new Hidden($table, $seed);
            expect($hidden->look($hidden->state, $hidden->emitter))->not->toBe('right');
            expect($hidden->program())->toBeLessThanOrEqual(12);
            $volts = $hidden->truth->seen[0]->volts['F1.1'] ?? 0.0;
            expect($hidden->volts(0, 'F1.1', 0) ?? 0.0)->toEqualWithDelta($volts, 0.035);
            expect((new Hidden($table, $seed))->truth->key())->toBe($hidden->truth->key());
            $keys[$hidden->truth->key()] = true;
        }
        expect(count($keys))->toBeGreaterThan(3);
    });
});

describe('corrections', function (): void {
    it('find a rail resistance that was planted, to 3 %', function (): void {
        $planted = 0.26;
        $shelf = Make::shelf(4.0);
        $strip = $shelf->fields()->objects('lights')[0]->text('part');
        $real = Make::edited(
            $shelf,
            new SetField($strip, 'rail_ohm_per_m', $planted),
            new SetField($strip, 'common_ohm_per_m', $planted),
        );
        $lit = Analysis::of($real)->scene([], 'nominal')?->lit;
        $volts = array_values($lit?->lights['shelf_light'] ?? [])[0]->volts;
        $read = fn (string $red, ?string $black, string $kind, float $value): KeepLog => new KeepLog(
            new Fields(array_filter(['red' => $red, 'black' => $black, 'kind' => $kind, 'value' => $value])),
            PROVEN,
            supplyV: 12.0,
        );
        $document = Make::edited(
            $shelf,
            $read('shelf_light.start.plus', 'shelf_light.start.minus', 'volts', round($volts[0], 2)),
            $read('shelf_light.end.plus', 'shelf_light.end.minus', 'volts', round($volts[count($volts) - 1], 2)),
            $read('F1', null, 'amps', round(abs($lit->amps['F1'] ?? 0.0), 2)),
        );
        $offers = Corrections::of(new Works(Analysis::of($document), 'shelf'), chainOf($document));
        expect($offers)->toHaveCount(1)->and($offers[0]->kind)->toBe('rails');
        expect($offers[0]->figures['is'])->toEqualWithDelta($planted, 0.03 * $planted);
        $f = $offers[0]->figures;
        $taken = Make::edited($document, new Calibrate('shelf_light', $f['fed_v'], $f['far_v'], $f['amps']));
        $part = Build::of($taken)->lights['shelf_light']->part;
        expect($part->text('rail_from'))
            ->toBe('measured')
            ->and($part->number('rail_ohm_per_m'))
            ->toEqualWithDelta($f['is'], 1e-5);
        // Reckoned with: nothing more is offered.
        expect(Corrections::of(new Works(Analysis::of($taken), 'shelf'), chainOf($taken)))->toBe([]);
    });

    it('copy the part where another light is made of it', function (): void {
        $cabinet = Make::file('mineral-cabinet.glow.json');
        $build = Build::of($cabinet);
        [$one, $other] = ['top_shelf_light', 'top_shelf_light_2'];
        $was = $build->lights[$other]->part->data;
        $after = Build::of(Make::edited($cabinet, new Calibrate($one, 24.0, 23.0, 0.8, 2.0)));
        expect($after->lights[$other]->part->data)
            ->toBe($was)
            ->and($after->lights[$one]->part->text('rail_from'))
            ->toBe('measured')
            ->and($after->lights[$one]->part->text('id'))
            ->not->toBe($was['id']);
    });

    it(
        'offer the ohms of a supply and of a ground, and nothing where the readings agree with the model',
        function (): void {
            $shelf = Make::shelf(1.2);
            expect(Corrections::of(new Works(Analysis::of($shelf), 'shelf'), chainOf($shelf)))->toBe([]);
            $gate = fn (string $key, float $volts, float $amps): KeepGate => new KeepGate(
                $key,
                'as_it_should',
                PROVEN,
                readings: new Fields([
                    ['red' => 'bank.plus', 'value' => $volts],
                    ['red' => 'F1', 'kind' => 'amps', 'value' => $amps],
                ]),
            );
            $gates = array_map(fn (Gate $g): string => $g->key, ProofFaults::gates($shelf, 'shelf'));
            $two = chainOf($shelf, $gate($gates[0], 12.6, 0.1), $gate($gates[1], 12.0, 2.1));
            $offers = Corrections::of(new Works(Analysis::of($shelf), 'shelf'), $two);
            expect($offers[0]->kind)->toBe('internal_ohm')->and($offers[0]->figures['is'])->toEqualWithDelta(0.3, 1e-9);
        },
    );
});

it('keeps what was read when the place is taken off, and when another way takes its wires', function (): void {
    $wherry = Make::file('wherry.glow.json');
    $readings = count($wherry->fields()->objects('log'));
    $rewired = Make::edited($wherry, (new UseWay('chart_locker', 'hand'))->saying());
    expect(count($rewired->fields()->objects('log')))->toBe($readings);
    expect(count($rewired->fields()->objects('gates')))->toBe(count($wherry->fields()->objects('gates')));
    $document = Make::edited(
        Make::shelf(1.2),
        new AddItem('inputs', new Fields(['id' => 'lamp_on', 'kind' => 'hand', 'label' => 'Lamp'])),
        new KeepLog(new Fields(['red' => 'F1.2', 'value' => 12.0]), PROVEN, new Fields(['lamp_on' => 'on'])),
        new RemoveItem('F1'),
        new RemoveItem('lamp_on'),
    );
    $left = $document->fields()->objects('log')[0];
    expect($left->texts('about'))
        ->toBe(['F1.2'])
        ->and($left->object('with')->data)
        ->toBe([]);
});

it('reads a look, a pin that is gone and the far end of a strip as what they are', function (): void {
    $table = new FaultTable(new Works(Analysis::of(Make::shelf(1.2)), 'shelf'));
    $pins = $table->works->pins();
    $taken = fn (string $red, string $black, string $kind = 'volts'): Taken => new Taken(
        'l1',
        $red,
        $black,
        [],
        $kind,
        6.0,
        '',
        24.0,
        PROVEN,
    );
    expect($taken('gone.1', '')->observation($table, $pins))->toBeNull();
    expect($taken('F1.2', 'F1.1')->observation($table, $pins))->toBeNull();
    expect($taken('F1.2', '', 'ohms')->observation($table, $pins))->toBeNull();
    $far = $taken('shelf_light.end.plus', 'shelf_light.end.minus')->observation($table, $pins);
    expect($far?->at)->toBe('shelf_light.end');
    // Read at twice the bank's volts: half of it at its own.
    $nominal = $table->works->build->mainSupply()->nominalV ?? 12.0;
    expect($far?->value)->toEqualWithDelta((6.0 * $nominal) / 24.0, 1e-9);
    expect($table->right[0])->toBeInstanceOf(Seen::class);
});
