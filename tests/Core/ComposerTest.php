<?php

declare(strict_types=1);

use BenchGlow\Build\Build;
use BenchGlow\Build\Document;
use BenchGlow\Build\When;
use BenchGlow\Check\Finding;
use BenchGlow\Check\Review;
use BenchGlow\Check\Severity;
use BenchGlow\Compose\Composer;
use BenchGlow\Compose\Networks;
use BenchGlow\Compose\Node;
use BenchGlow\Edit\ChooseSection;
use BenchGlow\Edit\Compose;
use BenchGlow\Edit\Connect;
use BenchGlow\Edit\Disconnect;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\Editor;
use BenchGlow\Edit\InsertPart;
use BenchGlow\Edit\RemoveItem;
use BenchGlow\Edit\ReplacePart;
use BenchGlow\Edit\SetField;
use BenchGlow\Edit\SwapEnds;
use BenchGlow\Edit\TakePartOut;
use BenchGlow\Edit\UseWay;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Ways\Choices;
use BenchGlow\Ways\DoesNotSuit;
use BenchGlow\Ways\Recipe;
use Tests\Support\Make;
use Tests\Support\Rig;

/** Bits of the eight states of three inputs in which one of them is on. */
function bitsOf(int $input): int
{
    return array_sum(array_map(fn (int $s): int => ($s >> $input) & 1 ? 1 << $s : 0, range(0, 7)));
}

/**
 * Every truth three things give when each is used once, in series and in parallel: all ways to part them, by brute force.
 *
 * @param  list<int>  $inputs
 * @return array<int, int> truth => fewest contacts
 */
function readOnce(array $inputs): array
{
    if (count($inputs) === 1) {
        return [bitsOf($inputs[0]) => 1, 255 & ~bitsOf($inputs[0]) => 1];
    }
    $all = [];
    for ($part = 1; $part < (1 << count($inputs)) - 1; $part++) {
        $one = array_values(
            array_filter($inputs, fn (int $i, int $n): bool => (bool) (($part >> $n) & 1), ARRAY_FILTER_USE_BOTH),
        );
        $other = array_values(array_diff($inputs, $one));
        foreach (readOnce($one) as $a => $_) {
            foreach (readOnce($other) as $b => $_) {
                $all[$a & $b] = count($inputs);
                $all[$a | $b] = count($inputs);
            }
        }
    }

    return $all;
}

it('reaches every truth of three inputs that contacts in series and parallel can, and no other', function (): void {
    $contacts = [];
    foreach (['a', 'b', 'c'] as $n => $input) {
        foreach ([false, true] as $rests) {
            $contacts[] = new Node(
                ['switch' => $input, ...$rests ? ['rests' => true] : []],
                $rests ? 255 & ~bitsOf($n) : bitsOf($n),
                1.0 + 0.1 * $n,
                [$input],
                $rests ? 'rests' : 'made',
            );
        }
    }
    $networks = Networks::of($contacts);
    $expected = [];
    foreach ([[0], [1], [2], [0, 1], [0, 2], [1, 2], [0, 1, 2]] as $inputs) {
        foreach (readOnce($inputs) as $bits => $fewest) {
            $expected[$bits] = min($expected[$bits] ?? 9, $fewest);
        }
    }
    for ($table = 0; $table < 256; $table++) {
        $found = $networks->conducting($table);
        expect($found !== [])->toBe(isset($expected[$table]), decbin($table));
        foreach ($found as $node) {
            // What it is made of conducts just then.
            $when = new When(Recipe::when($node->made, fn (string $wire): array => []));
            $rest = ['a' => 'off', 'b' => 'off', 'c' => 'off'];
            for ($state = 0; $state < 8; $state++) {
                $at = [];
                foreach (['a', 'b', 'c'] as $n => $input) {
                    $at[$input] = ($state >> $n) & 1 ? 'on' : 'off';
                }
                expect($when->holds($at, $rest))->toBe((bool) (($table >> $state) & 1), decbin($table));
            }
        }
        if ($found !== []) {
            expect($found[0]->contacts)->toBe($expected[$table], decbin($table));
        }
    }
});

/** A lamp, a rocker, a door and a wire of the host that is live with its lamp: what most wishes go by. */
function wishing(): Document
{
    $rig = Rig::on()
        ->input('hand')
        ->input('door', 'door', ['positions' => ['shut', 'open']])
        ->input('lamp', 'courtesy', ['positions' => ['off', 'on']]);
    $rig->host('wires', [
        'id' => 'lamp_wire',
        'label' => 'Lamp wire',
        'polarity' => 'positive',
        'live_when' => ['input' => 'lamp'],
        'fed_by' => 'bank',
        'fuse_a' => 5,
        'area_mm2' => 1,
        'loads' => [['id' => 'bulb', 'kind' => 'filament', 'w' => 5, 'at_v' => 12]],
    ]);

    return $rig
        ->light('pod', 'module', 'pod_warm_12')
        ->fused('bank.plus', 'pod.plus', 2.0)
        ->lead('pod.minus', 'bank.minus')
        ->want(['all' => []], 'pod')
        ->document();
}

/** @return array<array-key, mixed> a random wish over some of these inputs, each once */
function wish(array $inputs): array
{
    shuffle($inputs);
    $when = array_map(
        fn (string $i): array => mt_rand(0, 3) === 0 ? ['not' => ['input' => $i]] : ['input' => $i],
        array_slice($inputs, 0, mt_rand(1, count($inputs))),
    );
    while (count($when) > 1) {
        $two = array_splice($when, mt_rand(0, count($when) - 2), 2);
        $when[] = [mt_rand(0, 1) === 1 ? 'any' : 'all' => $two];
    }

    return $when[0];
}

it('proves what it offers: written and solved anew it glows as wished, and nothing dangerous came', function (
    int $seed,
): void {
    mt_srand($seed);
    $document = wishing();
    $dangers = fn (Document $d): array => array_map(
        fn (Finding $f): string => $f->rule,
        array_filter(Review::of($d)->findings, fn (Finding $f): bool => $f->severity === Severity::Danger),
    );
    $answered = 0;
    for ($n = 0; $n < 25; $n++) {
        $when = wish(['hand', 'door', 'lamp']);
        $what = "seed {$seed}: ".json_encode($when);
        $cards = (new Composer($document, 'main'))->of($when, 2)->cards;
        foreach ($cards as $card) {
            $answered++;
            // Through its JSON, as another process would read it.
            $after = Document::fromJson(Editor::apply($document, $card->edit)->json);
            expect($after->fields()->objects('circuits')[0]->objects('wants')[0]->object('when')->data)
                ->toEqual($when, $what)
                ->and(Review::of($after)->analysis->intents['main']->verdict)
                ->toBe('met', "{$what}, {$card->name}")
                ->and($dangers($after))
                ->toBe([], "{$what}, {$card->name}");
        }
    }
    expect($answered)->toBeGreaterThan(20);
})->with(range(1, 8));

it(
    'sees by solving what truth alone lets through: two sources that meet without diodes feed each other',
    function (): void {
        $document = Make::file('wherry.glow.json');
        $taken = Editor::apply(
            $document,
            new Compose(
                'boarding_step',
                new Fields(['feeds' => [['from' => 'fore_wire'], ['from' => 'aft_wire']], 'home' => 'home']),
            ),
        );
        $without = $taken;
        foreach ($taken->fields()->objects('leads') as $lead) {
            foreach ($lead->objects('inline') as $thing) {
                if ($lead->text('circuit') === 'boarding_step' && $thing->isA('diode')) {
                    $without = Editor::apply($without, new TakePartOut($thing->text('id')));
                }
            }
        }
        $fed = fn (Document $d): array => array_values(
            array_unique(
                array_map(
                    fn (Finding $f): string => $f->rule,
                    array_filter(Review::of($d)->findings, fn (Finding $f): bool => $f->rule === 'host.back_fed'),
                ),
            ),
        );
        expect(Review::of($taken)->analysis->intents['boarding_step']->verdict)
            ->toBe('met')
            ->and($fed($taken))
            ->toBe([])
            ->and(Review::of($without)->analysis->intents['boarding_step']->verdict)
            ->toBe('met')
            ->and($fed($without))
            ->toBe(['host.back_fed']);
    },
);

it('keeps what it was made for, and lets go of it with what it goes by', function (): void {
    $document = wishing();
    $card = (new Composer($document, 'main'))->of(['all' => [['input' => 'hand'], ['input' => 'door']]], 1)->cards[0];
    $made = Editor::apply($document, $card->edit);
    $circuit = $made->fields()->objects('circuits')[0];
    expect(Build::of($made)->circuits['main']->composedFor)->toEqual([
        'all' => [['input' => 'hand'], ['input' => 'door']],
    ]);
    $changed = Editor::apply(
        $made,
        new SetField($circuit->objects('wants')[0]->text('id'), 'when', ['input' => 'hand']),
    );
    $rules = array_map(fn (Finding $f): string => $f->rule, Review::of($changed)->findings);
    expect($rules)->toContain('compose.drifted');
    expect(fn () => Editor::apply($made, new RemoveItem('door')))->toThrow(BadBuild::class, 'still goes by');
    // Taken out with its switch once no wish goes by it: what the circuit was made for goes along.
    $switches = array_filter(
        $changed->fields()->objects('devices'),
        fn (Fields $d): bool => str_contains((string) json_encode($d->data), '"door"'),
    );
    foreach ($switches as $switch) {
        $changed = Editor::apply($changed, new TakePartOut($switch->text('id')));
    }
    expect(Build::of(Editor::apply($changed, new RemoveItem('door')))->circuits['main']->composedFor)->toBe([]);
});

it('gives a wish in levels by the ready ways that give such, each proven', function (): void {
    $document = Rig::on()
        ->input('hand')
        ->light('pod', 'module', 'pod_warm_12')
        ->fused('bank.plus', 'pod.plus', 2.0)
        ->lead('pod.minus', 'bank.minus')
        ->want(['all' => []], 'pod')
        ->document();
    // Low by one switch and high by another, as the way itself says it; then straight again, the wishes left.
    $wished = Editor::apply($document, (new UseWay('main', 'low_high_dimmer'))->saying());
    $straight = Editor::apply($wished, new UseWay('main', 'straight'));
    expect(Review::of($straight)->analysis->intents['main']->verdict)->toBe('not_met');
    $composed = (new Composer($straight, 'main'))->of(null);
    expect($composed->whyNone)
        ->toBeNull()
        ->and(count($composed->support))
        ->toBe(2)
        ->and($composed->cards)
        ->not->toBe([]);
    foreach ($composed->cards as $card) {
        $after = Document::fromJson(Editor::apply($straight, $card->edit)->json);
        expect(Review::of($after)->analysis->intents['main']->verdict)
            ->toBe('met', $card->name)
            ->and(array_keys(Build::of($after)->inputs))
            ->toBe(array_keys(Build::of($straight)->inputs));
    }
    $trike = (new Composer(Make::file('coffee-trike.glow.json'), 'rear_a_wire_each'))->of(null)->cards;
    expect($trike[0]->name ?? '')
        ->toBe('A wire per function')
        ->and($trike[0]->onTheBench ?? false)
        ->toBeTrue();
});

it('says how much is too much: nine things, and a wish that can never hold', function (): void {
    $rig = Rig::on();
    foreach (range(1, 9) as $n) {
        $rig->input("i{$n}");
    }
    $document = $rig
        ->light('pod', 'module', 'pod_warm_12')
        ->fused('bank.plus', 'pod.plus', 2.0)
        ->lead('pod.minus', 'bank.minus')
        ->want(['all' => []], 'pod')
        ->document();
    $nine = ['all' => array_map(fn (int $n): array => ['input' => "i{$n}"], range(1, 9))];
    expect((new Composer($document, 'main'))->of($nine)->whyNone)
        ->toContain('it names 9 things')
        ->and(
            (new Composer($document, 'main'))->of(['all' => [['input' => 'i1'], ['not' => ['input' => 'i1']]]])
                ->whyNone,
        )
        ->toContain('it would never glow')
        ->and((new Composer($document, 'main'))->of(['all' => array_slice($nine['all'], 0, 6)])->whyNone)
        ->toContain('it goes by 6 things in 64 positions together; 62 are gone through');
});

/** @return list<Edit> one edit at a random place; most of them make little sense */
function anyEdit(Document $document): Edit
{
    $build = Build::of($document);
    $pick = fn (array $all): string => $all === [] ? 'nothing' : (string) $all[array_rand($all)];
    $pins = [...array_keys($build->devices), ...array_keys($build->lights)];
    $lead = $pick(array_keys($build->leads));
    $place = new Fields(['lead' => $lead, 'core' => mt_rand(1, 2), 'at_m' => mt_rand(0, 40) / 10]);
    $parts = ['rocker_plain', 'relay_5_12_resistor', 'schottky_3', 'dimmer_1', 'plug_2', 'lid_switch', 'no_such_part'];
    $kind = $pick(array_keys(Choices::ALL));
    $things = array_merge(
        array_keys($build->devices),
        ...array_map(fn (array $l): array => array_column($l['inline'] ?? [], 'id'), $document->data['leads'] ?? []),
    );

    return match (mt_rand(0, 6)) {
        0, 1 => new InsertPart($place, $pick($parts)),
        2 => new TakePartOut($pick($things)),
        3 => new Connect($place, $pick($pins).'.'.$pick(['1', '2', 'plus', 'minus', '87', 'start.plus'])),
        4 => new Disconnect($lead, mt_rand(1, 2)),
        5 => mt_rand(0, 1) === 1
            ? new SwapEnds($pick([...$pins, ...$things]))
            : new ReplacePart($pick($things), $pick($parts)),
        default => new ChooseSection(
            $pick(array_keys($build->circuits)),
            $kind,
            $pick(array_keys(Choices::ALL[$kind])),
        ),
    };
}

it('takes any chain of edits whole, or refuses it in a sentence', function (int $seed): void {
    mt_srand($seed);
    $files = glob(dirname(__DIR__, 2).'/examples/*.glow.json') ?: [];
    $taken = $refused = 0;
    for ($n = 0; $n < 250; $n++) {
        $document = Make::file(basename($files[array_rand($files)]));
        for ($step = 0; $step < 3; $step++) {
            $edit = anyEdit($document);
            try {
                $after = Editor::apply($document, $edit);
            } catch (BadBuild|DoesNotSuit $e) {
                $refused++;
                expect($e->getMessage())->toMatch('/\w+ .*\w/', $edit::class);

                continue;
            }
            $taken++;
            // What was taken reads back as it stands, and what it came from is as it was.
            expect(Document::fromJson($after->json)->json)->toBe($after->json);
            $document = $after;
        }
    }
    expect($taken)->toBeGreaterThan(100)->and($refused)->toBeGreaterThan(100);
})->with(range(1, 8));
