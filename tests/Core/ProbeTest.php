<?php

declare(strict_types=1);

use BenchGlow\Build\Build;
use BenchGlow\Build\Document;
use BenchGlow\Build\Index;
use BenchGlow\Build\Input;
use BenchGlow\Edit\AddWires;
use BenchGlow\Edit\ClaimWire;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\KeepReading;
use BenchGlow\Edit\NameWire;
use BenchGlow\Edit\ProbeGoal;
use BenchGlow\Edit\ProbeWay;
use BenchGlow\Edit\RemoveItem;
use BenchGlow\Edit\SetField;
use BenchGlow\Edit\SetReadingAside;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Probe\Catalogue;
use BenchGlow\Probe\Condition;
use BenchGlow\Probe\Conflict;
use BenchGlow\Probe\Conflicts;
use BenchGlow\Probe\Donors;
use BenchGlow\Probe\Evidence;
use BenchGlow\Probe\FuseWay;
use BenchGlow\Probe\HostSwitches;
use BenchGlow\Probe\Hypothesis;
use BenchGlow\Probe\Judged;
use BenchGlow\Probe\NextTest;
use BenchGlow\Probe\Probing;
use BenchGlow\Probe\Reading;
use BenchGlow\Probe\Reason;
use BenchGlow\Probe\Stand;
use BenchGlow\Probe\Tables;
use BenchGlow\Probe\Test;
use BenchGlow\Probe\TypedReading;
use BenchGlow\Probe\Wire;
use BenchGlow\Quantity\NotUnderstood;
use Tests\Support\Make;
use Tests\Support\Probes;

/** @return array<string, Input> */
function inputsOf(array ...$inputs): array
{
    $all = [];
    foreach ($inputs as [$id, $kind, $positions]) {
        $all[$id] = Input::of(new Fields(['id' => $id, 'kind' => $kind, 'positions' => $positions]));
    }

    return $all;
}

function reading(string $wire, float|string $said, array $with = [], array $more = []): Reading
{
    return Reading::of(
        new Fields([
            'id' => 'r',
            'wire' => $wire,
            'with' => $with,
            'supply_v' => 12.6,
            ...is_string($said) ? ['word' => $said] : ['value' => $said],
            ...$more,
        ]),
    );
}

// ---- readings ---------------------------------------------------------------------------------------------------------

it('says what a reading is: near the bank, five, low, a word', function (float|string $said, string $class): void {
    expect(reading('p1', $said)->class(12.6))->toBe($class);
})->with([
    [12.4, 'near'],
    [11.79, 'near'],
    [11.7, 'upper'],
    [7.0, 'upper'],
    [6.9, 'mid'],
    [5.0, 'five'],
    [4.7, 'mid'],
    [1.0, 'mid'],
    [0.99, 'low'],
    [0.06, 'low'],
    [0.05, 'zero'],
    [-0.02, 'zero'],
    ['pulsing', 'pulsing'],
    ['wandering', 'wandering'],
]);

it('reads ohms, lamps and beepers by their own classes', function (): void {
    $off = ['kind' => 'ohms', 'powered' => false];
    $lamp = ['kind' => 'lamp', 'instrument' => 'test_lamp'];
    expect(reading('p1', 0.3, [], $off)->class(12.6))
        ->toBe('under_1')
        ->and(reading('p1', 14.0, [], $off)->class(12.6))
        ->toBe('under_30')
        ->and(reading('p1', 'open', [], $off)->class(12.6))
        ->toBe('open')
        ->and(reading('p1', 'dim', [], $lamp)->test())
        ->toBe('lamp')
        ->and(reading('p1', 'dim', [], [...$lamp, 'to' => 'plus'])->test())
        ->toBe('lamp_plus')
        ->and(reading('p1', 12.0, [], ['to' => 'plus'])->test())
        ->toBe('plus')
        ->and(reading('p1', 3.0, [], ['kind' => 'amps'])->test())
        ->toBe('');
});

it('understands what is typed at a wire', function (string $typed, string $kind, ?float $value, ?string $word): void {
    $read = TypedReading::read($typed, 'meter', ! in_array($kind, ['ohms'], true), 12.6);
    expect([$read->kind, $read->value, $read->word])->toBe([$kind, $value, $word]);
})->with([
    ['12,4', 'volts', 12.4, null],
    ['12.4 V', 'volts', 12.4, null],
    ['-0.02', 'volts', -0.02, null],
    ['−0,02', 'volts', -0.02, null],
    ['340 mV', 'millivolts', 340.0, null],
    ['=', 'volts', 12.6, null],
    ['p', 'volts', null, 'pulsing'],
    ['W', 'volts', null, 'wandering'],
    ['OL', 'ohms', null, 'open'],
    ['0.3', 'ohms', 0.3, null],
    ['1.2 k', 'ohms', 1200.0, null],
    ['.5', 'volts', 0.5, null],
]);

it('does not understand what can be two things', function (string $typed, string $instrument): void {
    expect(fn () => TypedReading::read($typed, $instrument, true, 12.6))->toThrow(NotUnderstood::class);
})->with([
    ['12..4', 'meter'],
    ['', 'meter'],
    ['12,4,', 'meter'],
    ['twelve', 'meter'],
    ['12', 'test_lamp'],
    ['1 2', 'meter'],
]);

// ---- conditions and states --------------------------------------------------------------------------------------------

it('joins a wire to what its function says in a condition', function (): void {
    $inputs = inputsOf(
        ['k', 'key', ['off', 'accessory', 'run']],
        ['t', 'turn', ['middle', 'left', 'right']],
        ['b', 'brake', ['off', 'on']],
        ['h', 'hazard', ['off', 'on']],
    );
    $state = fn (string $f, array $with): string => Tables::function($f)->hypotheses[0]->state(
        Condition::of($inputs, $with),
    );
    expect($state('turn_left', ['t' => 'left']))
        ->toBe('L')
        ->and($state('turn_left', ['t' => 'left', 'k' => 'run']))
        ->toBe('P')
        ->and($state('turn_right', ['t' => 'left', 'k' => 'run']))
        ->toBe('L')
        ->and($state('turn_right', ['h' => 'on']))
        ->toBe('P')
        ->and($state('brake_turn_left', ['b' => 'on']))
        ->toBe('S')
        ->and($state('brake_turn_left', ['b' => 'on', 'h' => 'on']))
        ->toBe('P')
        ->and($state('accessory', ['k' => 'accessory']))
        ->toBe('S')
        ->and($state('ignition', ['k' => 'accessory']))
        ->toBe('LE')
        ->and($state('ignition', ['k' => 'run']))
        ->toBe('S')
        ->and($state('ground', []))
        ->toBe('G')
        ->and($state('unused', ['b' => 'on']))
        ->toBe('F');
    // Without a key on the host it is as if it were always turned; a charger and a dimmer are known by their names.
    $keyless = inputsOf(['t', 'turn', ['off', 'left', 'right']]);
    expect(Tables::function('turn_left')->hypotheses[0]->state(Condition::of($keyless, ['t' => 'left'])))->toBe('P');
    $named = inputsOf(['charger', 'load', ['off', 'on']], ['dial_dimmer', 'other', ['bright', 'dimmed']]);
    expect(array_values(array_map(Condition::kind(...), $named)))->toBe(['charger', 'dimmer']);
});

it('has whole tables: every row adds up, every state has its row, every function its words', function (): void {
    foreach (Tables::tests() as $name => $test) {
        expect(array_sum($test->often))->toEqualWithDelta(1.0, 1e-9);
        foreach ($test->states as $state => $row) {
            expect(count($row))->toBe(count($test->classes), "{$name} {$state}");
            expect(array_sum($row))->toEqualWithDelta(1.0, 1e-9);
        }
    }
    $states = [];
    foreach (Tables::functions() as $function) {
        expect($function->label)->not->toBe('')->and($function->hypotheses)->not->toBe([]);
        expect(array_sum(array_map(fn (Hypothesis $h): float => $h->share, $function->hypotheses)))->toEqualWithDelta(
            1.0,
            1e-6,
            $function->id,
        );
        foreach ($function->hypotheses as $hypothesis) {
            $states = [...$states, $hypothesis->else, ...array_column($hypothesis->cases, 'state')];
        }
    }
    expect(array_diff(array_unique($states), array_keys(Tables::tests()['volts']->states)))->toBe([]);
});

// ---- the posterior ------------------------------------------------------------------------------------------------------

it('weighs one reading as a sheet of paper would', function (): void {
    $inputs = inputsOf(['k', 'key', ['off', 'run']]);
    $all = new Catalogue('other', ['key']);
    $wire = Wire::of(new Fields(['id' => 'p1']), 'relay');
    $rest = Condition::of($inputs, []);
    $got = Evidence::of($all, $all->prior($wire), [[reading('p1', 12.5), 'near', $rest]])->functions();
    // By hand: prior times (0.99 of the table's share of near, and 0.01 of how often near is at all), then made to add up.
    $near = fn (string $state): float => 0.99 * Tables::tests()['volts']->states[$state][0] +
        0.01 * Tables::tests()['volts']->often[0];
    $weights = [];
    foreach (Tables::functions() as $function) {
        if ($function->byHint) {
            continue;
        }
        $prior = Tables::prior('relay', $function->id);
        $prior *= $function->inputs !== [] && ! in_array('key', $function->inputs, true) ? 0.1 : 1.0;
        $prior *= $function->id === 'shield' ? 0.1 : 1.0;
        $weights[$function->id] =
            $prior *
            array_sum(
                array_map(fn (Hypothesis $h): float => $h->share * $near($h->state($rest)), $function->hypotheses),
            );
    }
    foreach ($weights as $id => $weight) {
        expect($got[$id])->toEqualWithDelta($weight / array_sum($weights), 1e-9, $id);
    }
    expect(array_key_first(array_filter($got, fn (float $p): bool => $p === max($got))))->toBe('constant');
});

it('takes a repeat for less than a fresh reading, and a slip for a slip', function (): void {
    $document = Probes::plug(2, 'lamp', ['key', 'running', 'brake']);
    $p = fn (Document $d, string $name): float => Probing::of($d)->judged['p1']->names[$name];
    $once = Make::edited($document, Probes::read('p1', 0.0));
    $twice = Make::edited($once, Probes::read('p1', 0.0));
    $fresh = Make::edited($once, Probes::read('p1', 12.6, [], 'plus'));
    $gain = fn (Document $d): float => abs(log($p($d, 'ground') / $p($once, 'ground')));
    expect($gain($twice))->toBeLessThan(0.3 * $gain($fresh));
    // Nine readings that agree are not undone by one that does not.
    $many = $document;
    foreach (
        [[0.0, []], [12.5, ['running' => 'on']], [0.0, ['brake' => 'on']], [12.4, ['running' => 'on', 'key' => 'run']]] as [$v, $with]
    ) {
        $many = Make::edited($many, Probes::read('p1', $v, $with), Probes::read('p1', 12.6 - $v, $with, 'plus'));
    }
    expect($p($many, 'running'))->toBeGreaterThan(0.95);
    $slipped = Make::edited($many, Probes::read('p1', 12.5, ['brake' => 'on', 'key' => 'run']));
    expect($p($slipped, 'running'))->toBeGreaterThan(0.5);
});

it('knows by the others what one wire is, and says that nothing else does', function (): void {
    // Five of six are surely something of which there is one; the last has been read at rest only.
    $d = Make::edited(
        Probes::plug(3, 'lamp', ['running', 'brake']),
        new SetField('build', 'place', 'road_vehicle'),
        ...Probes::surely('p1', 'running'),
        ...Probes::surely('p2', 'brake'),
    );
    $alone = Probing::of(Make::edited($d, Probes::read('p3', 0.0)))->judged['p3'];
    $own = Alone::ofOne($d);
    expect($alone->names['running'] ?? 0.0)->toBeLessThan(0.5 * $own['running']);
    expect($alone->names['brake'] ?? 0.0)->toBeLessThan(0.6 * $own['brake']);
});

/** What a wire's own reading says where no other stands beside it. */
final class Alone
{
    /** @return array<string, float> */
    public static function ofOne(Document $document): array
    {
        $read = Make::edited($document, new AddWires('Alone', 1, 'lamp'), Probes::read('p4', 0.0));

        return Probing::of($read)->judged['p4']->names;
    }
}

it('is sure only when both ways were seen and no reading carries it alone', function (): void {
    $d = Probes::plug(2, 'lamp', ['key', 'running', 'brake']);
    $judged = fn (Edit ...$edits): Judged => Probing::of(Make::edited($d, ...$edits))->judged['p1'];
    // A reading of the one way only.
    $oneWay = $judged(
        Probes::read('p1', 12.5, ['running' => 'on']),
        Probes::read('p1', 12.4, ['running' => 'on', 'key' => 'run']),
    );
    expect($oneWay->seenBothWays)->toBeFalse()->and($oneWay->certainty)->not->toBe(Judged::SURELY);
    $sure = $judged(...Probes::surely('p1', 'running'));
    expect($sure->certainty)->toBe(Judged::SURELY)->and($sure->name)->toBe('running')->and($sure->hangsOn)->toBeNull();
    // Named from one live reading: leave that out and nothing says running.
    $hangs = $judged(
        Probes::read('p1', 0.0),
        Probes::read('p1', 0.0, ['brake' => 'on']),
        Probes::read('p1', 0.0, ['key' => 'run']),
        Probes::read('p1', 12.5, ['running' => 'on', 'key' => 'run']),
        Probes::read('p1', 0.0, ['key' => 'run', 'brake' => 'on']),
    );
    expect($hangs->certainty)->not->toBe(Judged::SURELY);
});

it('leaves alone what a hint names, and likens a twisted wire to electronics', function (): void {
    $d = Probes::plug(2, 'loom', ['key', 'running']);
    $locked = Make::edited($d, new SetField('p1', 'hints', ['at_restraint']), new ProbeGoal('all'));
    $probing = Probing::of($locked);
    expect($probing->judged['p1']->certainty)->toBe(Judged::NEVER)->and($probing->judged['p1']->tap)->toBe('never');
    expect(array_filter(NextTest::best($probing), fn (Test $t): bool => $t->wire === 'p1'))->toBe([]);
    $twisted = Probing::of(Make::edited($d, new SetField('p1', 'hints', ['twisted'])))->judged['p1'];
    expect($twisted->names['electronics'])->toBeGreaterThan(3 * $probing->judged['p2']->names['electronics']);
    $thick = Probing::of(Make::edited($d, new SetField('p1', 'area_mm2', 2.5)))->judged['p1'];
    expect($thick->names['constant'])->toBeGreaterThan(2 * $probing->judged['p2']->names['constant']);
});

it('believes a claim by where it stands, and is never sure for it', function (): void {
    $d = Probes::plug(1, 'lamp', ['running', 'brake']);
    $p = fn (string $from): float => Probing::of(Make::edited($d, new ClaimWire('p1', 'running', $from)))->judged['p1']
        ->names['running'];
    $none = Probing::of($d)->judged['p1']->names['running'];
    expect($p('diagram'))->toBeGreaterThan($p('label'));
    expect($p('label'))->toBeGreaterThan($p('owner'));
    expect($p('owner'))->toBeGreaterThan($p('colour'));
    expect($p('colour'))->toBeGreaterThan($none);
    expect(
        Probing::of(Make::edited($d, new ClaimWire('p1', 'running', 'diagram')))->judged['p1']->isSure(),
    )->toBeFalse();
    $back = Make::edited($d, new ClaimWire('p1', 'running', 'owner'), new ClaimWire('p1', null, 'owner'));
    expect($back->fields()->object('probe')->objects('wires')[0]->items('claims'))->toBe([]);
});

it('drops what a place has not, and counts what is missing on the host', function (): void {
    expect(array_map(fn ($f): string => $f->id, (new Catalogue('boat', []))->of))->not->toContain('brake', 'turn_left');
    expect(array_map(fn ($f): string => $f->id, (new Catalogue('road_vehicle', []))->of))->toContain(
        'brake',
        'turn_left',
    );
    $missing = HostSwitches::missing(Build::of(Make::bare()), 'boat', fn (string $w): string => $w);
    expect(array_map(fn (Fields $f): string => $f->text('kind'), $missing))->toContain('key', 'running', 'load');
});

// ---- what is asked next --------------------------------------------------------------------------------------------------

it('asks nothing of a build that needs nothing more, and says what it needs', function (): void {
    $d = Make::edited(
        Probes::plug(2, 'lamp', ['running', 'brake']),
        ...Probes::surely('p1', 'running'),
        ...Probes::surely('p2', 'ground'),
        // All but sure, and named by hand: that counts.
        ...[new NameWire('p2', 'ground')],
    );
    $probing = Probing::of($d);
    expect($probing->needs)
        ->toHaveKeys(['ground', 'running'])
        ->and($probing->found())
        ->toBe(['ground' => 'p2', 'running' => 'p1']);
    expect($probing->isDone())->toBeTrue()->and(NextTest::best($probing))->toBe([]);
});

it('pays a condition once for all its wires, and leaves out what can\'t be done', function (): void {
    $probing = Probing::of(Make::edited(Probes::plug(6, 'lamp', ['key', 'running', 'brake']), new ProbeGoal('all')));
    $tests = NextTest::best($probing);
    // The first tests are of one condition with one instrument: wire after wire.
    expect(count($tests))
        ->toBe(8)
        ->and($tests[0]->condition->key())
        ->toBe($tests[1]->condition->key());
    expect($tests[0]->test)->toBe($tests[1]->test)->and($tests[0]->wire)->not->toBe($tests[1]->wire);
    expect(Reason::of($probing, $tests[0]))->toStartWith('It tells ');
    // A lamp that may hang on electronics is not asked for; what can't be thrown neither.
    $cant = new Stand($probing->condition([]), cant: ['brake', 'running', 'power']);
    foreach (NextTest::best($probing, $cant, 40) as $test) {
        expect($test->condition->with)
            ->not->toHaveKeys(['brake', 'running'])
            ->and($test->powered())
            ->toBeTrue();
        expect($test->instrument())->toBe('meter');
    }
    $hand = Reason::hand($probing, $probing->condition(['brake' => 'on', 'key' => 'run']));
    expect($hand)
        ->toBe('Key run and brake on.')
        ->and(Reason::hand($probing, $probing->condition([])))
        ->toBe('Everything off.');
});

it('asks for the reading that would disprove a name nothing else says', function (): void {
    $never = Make::edited(
        Probes::plug(2, 'lamp', ['running', 'brake']),
        new SetField('build', 'never', [['input' => 'brake']]),
    );
    foreach (NextTest::best(Probing::of($never), null, 40) as $test) {
        expect($test->condition->with)->not->toHaveKey('brake');
    }
});

// ---- ways and donors --------------------------------------------------------------------------------------------------------

it('finds the live slot of a way, its load and what it can spare', function (): void {
    $d = Probes::way();
    $after = Make::edited($d, new ProbeWay('way5', 0.02, 12.5, overMv: 14.8, leg: 'second'));
    $way = FuseWay::of(Probing::of($after), Build::of($after)->ways['way5']);
    // 14.8 mV over 7.4 mΩ are 2 A; three quarters of 10 A less that.
    expect($way->slots)
        ->toBe([12.5, 0.02])
        ->and($way->loadA)
        ->toBe(2.0)
        ->and($way->spareA)
        ->toBe(5.5);
    expect(Index::of($after)->item('tap')->text('live_leg'))->toBe('common');
    $turned = Make::edited($d, new ProbeWay('way5', 12.5, 0.02, leg: 'second'));
    expect(Index::of($turned)->item('tap')->text('live_leg'))->toBe('other');
    // The highest load seen counts.
    expect(Index::of(Make::edited($after, new ProbeWay('way5', overMv: 7.4)))->item('way5')->number('load_a'))->toBe(
        2.0,
    );
});

it('refuses slots that tell nothing', function (?float $first, ?float $second, ?float $over, string $says): void {
    expect(fn () => Make::edited(Probes::way(), new ProbeWay('way5', $first, $second, $over)))->toThrow(
        BadBuild::class,
        $says,
    );
})->with([
    [12.5, 12.4, null, 'both slots are live'],
    [0.0, 0.1, null, 'neither slot is live'],
    [12.5, null, null, 'both slots are read'],
    [null, null, null, 'the volts of both slots'],
]);

it('ranks what a build may be fed from, each with its reason', function (): void {
    $d = Make::edited(Probes::way(), new ProbeWay('way5', 12.5, 0.0, overMv: 14.8));
    $donors = Donors::of(Probing::of($d), 3.0);
    expect($donors[0]->id)
        ->toBe('way5')
        ->and($donors[0]->suits)
        ->toBeTrue()
        ->and($donors[0]->why)
        ->toContain('5.5 A left for 3 A');
    $less = Donors::of(Probing::of($d), 7.0);
    expect($less[0]->suits)->toBeFalse()->and($less[0]->why)->toContain('only 5.5 A left');
});

// ---- conflicts ----------------------------------------------------------------------------------------------------------------

it('asks about what can\'t be so, and only then', function (string $kind, array $bad, array $good): void {
    $kinds = fn (array $edits): array => array_map(
        fn (Conflict $c): string => $c->kind,
        Conflicts::of(
            Probing::of(Make::edited(Probes::plug(3, 'lamp', ['key', 'running', 'brake', 'turn']), ...$edits)),
        ),
    );
    expect($kinds($bad))->toContain($kind)->and($kinds($good))->not->toContain($kind);
})->with([
    'stuck' => [
        'stuck',
        [new ClaimWire('p1', 'brake'), Probes::read('p1', 12.5)],
        [new ClaimWire('p1', 'brake'), Probes::read('p1', 0.0)],
    ],
    'again' => [
        'again',
        [Probes::read('p1', 12.5), Probes::read('p1', 0.0)],
        [Probes::read('p1', 12.5), Probes::read('p1', 12.4)],
    ],
    'twice' => [
        'twice',
        [...Probes::surely('p1', 'running', 3), ...Probes::surely('p2', 'running', 3)],
        [...Probes::surely('p1', 'running', 3), ...Probes::surely('p2', 'brake', 3)],
    ],
    'black tip' => [
        'black_tip',
        [Probes::read('p1', 'wandering'), Probes::read('p2', 'wandering'), Probes::read('p3', 'wandering')],
        [Probes::read('p1', 'wandering'), Probes::read('p2', 'wandering'), Probes::read('p3', 0.0)],
    ],
    'dead' => [
        'dead',
        [new ClaimWire('p1', 'running'), Probes::read('p1', 0.0, ['running' => 'on', 'key' => 'run'])],
        [new ClaimWire('p1', 'running'), Probes::read('p1', 12.5, ['running' => 'on', 'key' => 'run'])],
    ],
    'steady' => [
        'steady',
        [
            new ClaimWire('p1', 'turn_left'),
            Probes::read('p1', 0.0),
            Probes::read('p1', 12.5, ['turn' => 'left', 'key' => 'run']),
            Probes::read('p1', 'pulsing', ['turn' => 'left', 'key' => 'run']),
        ],
        [
            new ClaimWire('p1', 'turn_left'),
            Probes::read('p1', 0.0),
            Probes::read('p1', 'pulsing', ['turn' => 'left', 'key' => 'run']),
        ],
    ],
    'corroded' => [
        'corroded',
        [...Probes::surely('p1', 'ground'), Probes::read('p1', 0.6, ['running' => 'on'])],
        [...Probes::surely('p1', 'ground'), Probes::read('p1', 0.03, ['running' => 'on'])],
    ],
    'claim' => [
        'claim',
        [new ClaimWire('p1', 'ground'), ...Probes::surely('p1', 'running', 3)],
        [new ClaimWire('p1', 'running'), ...Probes::surely('p1', 'running', 3)],
    ],
]);

// ---- edits -----------------------------------------------------------------------------------------------------------------------

it('keeps a reading once when a press comes twice', function (): void {
    $d = Probes::plug(2, 'lamp', ['running']);
    $at = fn (string $ms, float $v = 12.4): KeepReading => new KeepReading(
        'p1',
        value: $v,
        on: "2026-05-02T21:04:10.{$ms}+00:00",
    );
    $kept = fn (Edit ...$edits): int => count(
        Make::edited($d, ...$edits)->fields()->object('probe')->objects('readings'),
    );
    expect($kept($at('000'), $at('300')))->toBe(1);
    expect($kept($at('000'), $at('500')))->toBe(2);
    expect($kept($at('000'), $at('300', 12.3)))->toBe(2);
});

it('refuses a reading that can\'t be, harms or is of nothing, in words', function (
    KeepReading $edit,
    string $says,
): void {
    expect(fn () => Make::edited(Probes::plug(2, 'loom', ['running']), $edit))->toThrow(BadBuild::class, $says);
})->with([
    [
        new KeepReading('p1', powered: true, kind: 'ohms', value: 0.3),
        'an ohm reading needs the power off, and powered says on.',
    ],
    [new KeepReading('p1', powered: false, value: 12.0), 'a reading of volts needs the power on'],
    [new KeepReading('p1', word: 'bright'), 'a meter gives volts or pulsing, not bright; a test lamp does.'],
    [new KeepReading('p1', 'bank.plus', value: 1.0), 'a reading names a wire or a pin, and this one names both.'],
    [new KeepReading(value: 1.0), 'a reading names a wire or a pin, and this one names neither.'],
    [new KeepReading('p1'), 'reading r1 has neither a value nor a word.'],
    [new KeepReading('p9', value: 1.0), 'the wire is not there any more'],
    [new KeepReading('p1', value: 230.0), '230 V is over what any supply here gives'],
    [
        new KeepReading('p1', kind: 'lamp', word: 'bright', instrument: 'test_lamp'),
        'A test lamp draws 0.25 A; use the meter.',
    ],
    [new KeepReading('p1', with: new Fields(['horn' => 'on']), value: 1.0), 'horn'],
]);

it('refuses what stands twice or nowhere in a connector', function (array $wires, string $says): void {
    $data = Probes::plug(2, 'lamp', ['running'])->data;
    $data['probe']['wires'] = $wires;
    expect(fn () => Document::fromEdited($data))->toThrow(BadBuild::class, $says);
})->with([
    [[['id' => 'p1', 'connector' => 'plug', 'way' => 7]], 'way 7 of plug, which has 2.'],
    [
        [['id' => 'p1', 'connector' => 'plug', 'way' => 1], ['id' => 'p2', 'connector' => 'plug', 'way' => 1]],
        'two wires stand in way 1 of plug.',
    ],
    [
        [['id' => 'p2', 'became' => 'accent']],
        'p2 became accent, which is not in host.wires, host.grounds or host.ways.',
    ],
]);

it('makes a named wire a wire or a ground of the build, and what it goes by', function (): void {
    $d = Make::edited(Probes::plug(3, 'lamp', ['running', 'brake']), ...Probes::surely('p1', 'ground'));
    $named = Make::edited($d, new NameWire('p1', 'ground'), new NameWire('p2', 'turn_left'));
    $build = Build::of($named);
    $wires = $named->fields()->object('probe')->objects('wires');
    $turn = $build->wires[$wires[1]->text('became')];
    expect($turn->kind)->toBe('turn')->and($turn->flashes())->toBeTrue()->and($turn->positive)->toBeTrue();
    expect($wires[1]->object('named')->text('by'))->toBe('builder');
    $sure = Make::edited(Probes::plug(2, 'lamp', ['running', 'brake']), ...Probes::surely('p1', 'running'));
    $run = Make::edited($sure, new NameWire('p1', 'running'))->fields()->object('probe')->objects('wires')[0];
    expect($run->object('named')->text('by'))
        ->toBe('readings')
        ->and($run->text('became'))
        ->not->toBe('');
    expect($build->grounds)->toHaveKey($wires[0]->text('became'));
    // What it is live with was not there: key, turn and hazard are now.
    expect(array_map(fn (Input $i): string => $i->kind, array_values($build->inputs)))->toContain('key', 'turn');
    // Named again it stays the same thing, renewed; its name and its leads stay.
    $again = Make::edited($named, new SetField($turn->id, 'label', 'Left lamp'), new NameWire('p2', 'turn_right'));
    expect(count(Build::of($again)->wires))
        ->toBe(count($build->wires))
        ->and(Build::of($again)->wires[$turn->id]->label)
        ->toBe('Left lamp');
    // Electronics become nothing that could be tapped by mistake.
    $data = Make::edited($d, new NameWire('p3', 'data'));
    expect(Build::of($data)->wires[$data->fields()->object('probe')->objects('wires')[2]->text('became')]->tap)->toBe(
        'never',
    );
    expect(fn () => Make::edited($d, new NameWire('p2', 'runing')))->toThrow(BadBuild::class, 'Did you mean `running`?');
});

it('counts no reading that is set aside, and takes readings along with what they were of', function (): void {
    $d = Make::edited(
        Probes::plug(2, 'lamp', ['running']),
        Probes::read('p1', 12.5),
        Probes::read('p2', 12.5, ['running' => 'on']),
    );
    $fresh = Probing::of(Probes::plug(2, 'lamp', ['running']))->judged['p1']->names;
    expect(Probing::of(Make::edited($d, new SetReadingAside('r1')))->judged['p1']->own)->toEqualWithDelta(
        Probing::of(Make::edited($d, new RemoveItem('r1')))->judged['p1']->own,
        1e-12,
    );
    expect(array_keys($fresh))->not->toBe([]);
    $left = Make::edited($d, new RemoveItem('p1'));
    expect(
        array_map(fn (Fields $r): string => $r->text('id'), $left->fields()->object('probe')->objects('readings')),
    )->toBe(['r2']);
});

it('needs no new solving for a reading: the wiring is the same', function (): void {
    $d = Probes::plug(2, 'lamp', ['running']);
    expect(Make::edited($d, Probes::read('p1', 12.5))->wiringHash())->toBe($d->wiringHash());
});
