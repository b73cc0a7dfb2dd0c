<?php

declare(strict_types=1);

namespace App\Stations\Probe;

use App\Support\WallClock;
use BenchGlow\Build\Document;
use BenchGlow\Build\HostWay;
use BenchGlow\Build\Index;
use BenchGlow\Build\Names;
use BenchGlow\Edit\AddItem;
use BenchGlow\Edit\Batch;
use BenchGlow\Edit\Edit;
use BenchGlow\Edit\NameWire;
use BenchGlow\Format\Fields;
use BenchGlow\Probe\Condition;
use BenchGlow\Probe\Donor;
use BenchGlow\Probe\Donors;
use BenchGlow\Probe\FuseWay;
use BenchGlow\Probe\HostSwitches;
use BenchGlow\Probe\Judged;
use BenchGlow\Probe\NextTest;
use BenchGlow\Probe\Probing;
use BenchGlow\Probe\Reading;
use BenchGlow\Probe\Reason;
use BenchGlow\Probe\Stand;
use BenchGlow\Probe\Tables;
use BenchGlow\Probe\Test;
use BenchGlow\Probe\WireFunction;
use BenchGlow\Quantity\Shown;
use BenchGlow\Quantity\Words;
use DateTimeImmutable;
use WeakMap;

/** What the plate of Probe shows: the next test, the bundle, the wire in hand. */
final class ProbePage
{
    /** @var WeakMap<Document, array<string, list<Test>>>|null document => how one stands => tests */
    private static ?WeakMap $known = null;

    public readonly Probing $probing;

    public readonly ?Test $test;

    public readonly ?Judged $judged;

    public function __construct(public readonly Standpoint $at)
    {
        $this->probing = Probing::of($at->document(), $at->build());
        $own = [];
        foreach (ProbeStation::FIELDS as $field) {
            $own[$field] = $at->own($field);
        }
        $this->test = $own['hand'] === '' ? self::test($at->document(), $own) : null;
        $wire = $this->test->wire ?? $own['wire'];
        $this->judged = $this->probing->judged[$wire] ?? (array_values($this->probing->judged)[0] ?? null);
    }

    /**
     * The test that is asked for.
     *
     * @param  array<string, string>  $own  fields of the address
     */
    public static function test(Document $document, array $own): ?Test
    {
        $tests = self::tests($document, $own);

        return $tests === [] ? null : $tests[(int) ($own['skip'] ?? 0) % count($tests)];
    }

    /**
     * @param  array<string, string>  $own
     * @return list<Test> the best first, each for another wire or another condition
     */
    private static function tests(Document $document, array $own): array
    {
        $cant = array_values(array_filter(explode(',', $own['cant'] ?? '')));
        $helper = ($own['helper'] ?? '') !== '';
        /** @var WeakMap<Document, array<string, list<Test>>> $known */
        $known = self::$known ??= new WeakMap();
        $key = json_encode([$cant, $helper], JSON_THROW_ON_ERROR);
        $of = $known[$document] ?? [];
        if (! isset($of[$key])) {
            $probing = Probing::of($document);
            $last = Stand::last($probing);
            $of[$key] = NextTest::best(
                $probing,
                new Stand($last->condition, $last->instrument, $last->to, $last->powered, $cant, $helper),
            );
            $known[$document] = $of;
        }

        return $of[$key];
    }

    public function isEmpty(): bool
    {
        return $this->probing->wires === [];
    }

    public function byHand(): bool
    {
        return $this->at->own('hand') !== '';
    }

    /** The hand's movement: "Brake on and key run." */
    public function hand(): string
    {
        return Reason::hand($this->probing, $this->condition());
    }

    /** "key run, brake on", "everything off", with the power where that is off. */
    public function conditionNow(): string
    {
        $words = mb_strtolower(rtrim($this->hand(), '.'));

        return $this->powered() ? $words : "{$words}, power off";
    }

    /** What was kept last, in one line: "Wire 4: 0.0 V". */
    public function keptWords(): string
    {
        $last = $this->last();
        if ($last === null) {
            return 'nothing read yet';
        }
        $unit = $last->word === null && $last->kind === 'volts' ? ' V' : '';
        $wire = $this->probing->judged[$last->wire ?? '']->wire ?? null;
        $name = $wire?->words() ?? Words::within($this->at->name(explode('.', (string) $last->pin)[0]));

        return Words::first($name).': '.self::figure($last)."{$unit} kept";
    }

    public function condition(): Condition
    {
        return $this->test->condition ?? $this->probing->condition($this->at->thrown());
    }

    public function instrument(): string
    {
        $asked = $this->at->own('inst');

        return $this->test?->instrument() ?? (in_array($asked, ['test_lamp', 'beeper'], true) ? $asked : 'meter');
    }

    public function to(): string
    {
        return $this->test?->to() ?? ($this->at->own('to') === 'plus' ? 'plus' : 'ground');
    }

    public function powered(): bool
    {
        return $this->test?->powered() ?? $this->at->own('off') === '' && $this->instrument() !== 'beeper';
    }

    /** Which tip goes where: "Red tip on wire 4, green with white". */
    public function tips(): string
    {
        $wire = $this->judged?->wire;
        if ($wire === null) {
            return '';
        }
        $tip = match (true) {
            $this->instrument() === 'test_lamp' => 'Test lamp',
            $this->to() === 'plus' => 'Black tip',
            default => 'Red tip',
        };

        return "{$tip} on {$wire->words()}";
    }

    /** ", green with white.": how the sentence ends. */
    public function tail(): string
    {
        $colours = $this->judged?->wire->colours() ?? '';

        return $colours === '' ? '.' : ", {$colours}.";
    }

    /** Where the other tip stays, and that the power is off where it is. */
    public function other(): string
    {
        $connector = $this->connector();
        $reference = $connector?->textOrNull('reference');
        $ground = $reference === null ? 'the minus post' : 'the '.Words::within($this->at->name($reference));

        return match (true) {
            ! $this->powered() => "Power off; black on {$ground}.",
            $this->instrument() === 'test_lamp' => $this->to() === 'plus'
                ? 'Its clip on plus.'
                : "Its clip on {$ground}.",
            $this->to() === 'plus' => 'Red on plus.',
            default => "Black stays on {$ground}.",
        };
    }

    public function why(): string
    {
        return match (true) {
            $this->test !== null => Reason::of($this->probing, $this->test),
            $this->byHand() => 'Read as you like; each reading is kept with what is thrown here.',
            $this->probing->isDone() => $this->done(),
            default => 'Nothing more that can be read here tells enough. '.$this->missing(),
        };
    }

    private function done(): string
    {
        return $this->probing->goal === 'all' ? 'Every wire has its name.' : 'What this build needs is found.';
    }

    private function missing(): string
    {
        $open = array_map(Tables::words(...), $this->probing->open());

        return $open === [] ? '' : 'Still missing: '.Words::join($open, 'and').'.';
    }

    /** Cautions for the condition that is asked for. */
    public function caution(): string
    {
        $kinds = [];
        foreach (array_keys($this->condition()->with) as $id) {
            $kinds[] = $this->probing->build->inputs[$id]->kind ?? '';
        }
        $road = in_array($this->at->document()->fields()->text('place'), ['road_vehicle', 'other'], true);

        return match (true) {
            in_array('brake', $kinds, true) && $this->at->own('helper') === '' => 'Alone: hold the lever with a strap or a strut, '.'or look at the lamp in a mirror.',
            $road && in_array('load', $kinds, true) => 'Let an engine run only where the air is fresh; hands clear.',
            default => '',
        };
    }

    public function connector(): ?Fields
    {
        foreach ($this->at->document()->fields()->object('probe')->objects('connectors') as $connector) {
            if ($connector->text('id') === ($this->judged->wire->connector ?? '')) {
                return $connector;
            }
        }

        return null;
    }

    /** @return list<array{string, string}> label and address of every connector, where there are several */
    public function connectors(): array
    {
        $all = [];
        foreach ($this->at->document()->fields()->object('probe')->objects('connectors') as $connector) {
            foreach ($this->probing->wires as $wire) {
                if ($wire->connector === $connector->text('id')) {
                    $all[] = [$this->at->name($wire->connector), $this->choose($wire->id)];
                    break;
                }
            }
        }

        return count($all) > 1 ? $all : [];
    }

    public function bundle(): Bundled
    {
        return new Bundled($this);
    }

    /** @return list<Judged> wires of the connector in hand, by their ways */
    public function wires(): array
    {
        $here = $this->judged->wire->connector ?? '';
        $wires = array_values(
            array_filter($this->probing->judged, fn (Judged $j): bool => $j->wire->connector === $here),
        );
        usort($wires, fn (Judged $a, Judged $b): int => ($a->wire->way ?? 999) <=> ($b->wire->way ?? 999));

        return $wires;
    }

    /** The address at which a wire is in hand. */
    public function choose(string $wire): string
    {
        return $this->at->url(['wire' => $wire, 'hand' => '1', 'way' => null, 'skip' => null]);
    }

    /** The wire before (−1) or after (1) the one in hand. */
    public function beside(int $by): ?string
    {
        $ids = array_map(fn (Judged $j): string => $j->wire->id, $this->wires());
        $at = array_search($this->judged->wire->id ?? '', $ids, true);

        return count($ids) < 2 || $at === false ? null : $ids[((int) $at + $by + count($ids)) % count($ids)];
    }

    /** Where a kept reading leads to: by hand to the next wire, else to the next test. */
    public function keepTo(): string
    {
        return $this->byHand()
            ? $this->at->keeps(['wire' => $this->beside(1) ?? ''])
            : $this->at->keeps(['wire' => '', 'inst' => '', 'to' => '', 'off' => '', 'skip' => '']);
    }

    /** "Ground, running and left turn are sure; about 5 readings to go." */
    public function needs(): string
    {
        if ($this->probing->goal === 'all') {
            $sure = count(array_filter($this->probing->judged, fn (Judged $j): bool => $j->isSure()));

            return "{$sure} of ".count($this->probing->judged).' wires are sure.';
        }
        $needs = $this->probing->found();
        $found = array_map(Tables::words(...), array_keys(array_filter($needs, fn (?string $w): bool => $w !== null)));
        $wanted = Words::join(array_map(Tables::words(...), array_keys($needs)), 'and');
        $left = count($needs) - count($found);

        return "{$wanted}. ".
            ($found === []
                ? 'None is sure yet'
                : Words::first(Words::join($found, 'and')).(count($found) === 1 ? ' is sure' : ' are sure')).
            ($left === 0 || $this->test === null
                ? '.'
                : '; about '.max(2, (int) ceil(3.5 * $left)).' readings to go.');
    }

    /** What the program would call the wire in hand, as one act; null where that is no use yet. */
    public function thisIsIt(): ?Edit
    {
        $judged = $this->judged;

        return $judged === null ||
            in_array($judged->certainty, [Judged::OPEN, Judged::NEVER], true) ||
            ($judged->wire->named !== null && $judged->wire->named[0] === $judged->function)
            ? null
            : new NameWire($judged->wire->id, $judged->function);
    }

    /** @return array<string, string> function => label */
    public function functions(): array
    {
        $all = [];
        foreach (Tables::functions() as $function) {
            if (
                Tables::isThere($function->id, $this->at->document()->fields()->text('place')) &&
                $function->id !== 'dead'
            ) {
                $all[$function->id] = $function->label;
            }
        }

        return $all;
    }

    /** @return list<array{Reading, string, string}> readings of the wire in hand: what was read, in which condition, the newest first */
    public function readings(): array
    {
        $all = [];
        foreach ($this->probing->readings as $reading) {
            if ($reading->wire !== null && $reading->wire === ($this->judged->wire->id ?? '')) {
                $all[] = [$reading, self::figure($reading), $this->conditionWords($reading)];
            }
        }

        return array_reverse($all);
    }

    public static function figure(Reading $reading): string
    {
        $unit =
            ['volts' => '', 'millivolts' => ' mV', 'ohms' => ' Ω', 'amps' => ' A', 'seconds' => ' s'][$reading->kind] ??
            '';
        $digits = $reading->kind === 'ohms' && abs((float) $reading->value) >= 100.0 ? 0 : 1;

        return $reading->word ?? number_format((float) $reading->value, $digits, '.', '').$unit;
    }

    public function conditionWords(Reading $reading): string
    {
        $words = [];
        foreach ($this->probing->condition($reading->with)->with as $id => $position) {
            $input = $this->probing->build->inputs[$id];
            $words[] = count($input->positions) > 2 ? "{$input->label} {$position}" : $input->label;
        }
        $where = match (true) {
            ! $reading->powered => 'power off',
            $words === [] => 'at rest',
            default => mb_strtolower(implode(', ', $words)),
        };

        return $where.
            ($reading->to === 'plus' ? ', from plus' : '').
            ($reading->instrument === 'test_lamp' ? ', lamp' : '');
    }

    /** The last reading that was kept. */
    public function last(): ?Reading
    {
        return $this->probing->readings === [] ? null : $this->probing->readings[count($this->probing->readings) - 1];
    }

    /** @return list<array{string, string}> one key readings: what each types, and its words */
    public function quickKeys(): array
    {
        return match (true) {
            $this->instrument() === 'test_lamp' => [
                ['bright', 'bright'],
                ['dim', 'dim'],
                ['dark', 'dark'],
                ['p', 'pulsing'],
            ],
            $this->powered() => [['0', '0.0'], ['=', 'same as bank'], ['p', 'pulsing'], ['w', 'wandering']],
            default => [['0', '0.0'], ['ol', 'open']],
        };
    }

    /** @return list<array{string, string, string, string}> what is set up, as it is, the address that changes it, its key */
    public function setUp(): array
    {
        $to = fn (array $change): string => $this->at->url([
            'hand' => '1',
            'wire' => $this->judged?->wire->id,
            ...$change,
        ]);
        $meter = $this->instrument() === 'meter';

        return [
            ['instrument', $meter ? 'meter' : 'test lamp', $to(['inst' => $meter ? 'test_lamp' : null]), 'i'],
            ['power', $this->powered() ? 'on' : 'off', $to(['off' => $this->powered() ? '1' : null]), 'o'],
            ['other tip', $this->to(), $to(['to' => $this->to() === 'plus' ? null : 'plus']), 'x'],
        ];
    }

    /** What is hardly so, asked about where it stands; it is kept all the same. */
    public function asks(): string
    {
        $last = $this->last();
        $over =
            $last !== null && $last->isVolts() && ! $last->isOfBank()
                ? abs((float) $last->value) - ($last->supplyV ?? $this->probing->bankV())
                : 0.0;

        return $over > 0.5 ? Shown::plain($over, 1).' V over the bank: is it charging? Measure the bank again.' : '';
    }

    /** Volts of the bank and when they were measured. */
    public function bank(): string
    {
        $bank = $this->probing->bank();

        return Shown::plain($this->probing->bankV(), 1).
            ($bank === null
                ? ' V, not measured'
                : ' measured'.(self::clock($bank->on) === '' ? '' : ' '.self::clock($bank->on)));
    }

    /** The bank was read over 20 minutes ago, or never. */
    public function bankIsOld(): bool
    {
        $bank = $this->probing->bank();
        $on = $bank === null ? false : strtotime($bank->on);

        return $on === false || abs(WallClock::now()->getTimestamp() - $on) > 1200;
    }

    private static function clock(string $on): string
    {
        $time = $on === '' ? false : strtotime($on);

        return $time === false
            ? ''
            : (new DateTimeImmutable("@{$time}"))->setTimezone(WallClock::now()->getTimezone())->format('H:i');
    }

    /** @return list<FuseWay> */
    public function ways(): array
    {
        return array_values(
            array_map(fn (HostWay $w): FuseWay => FuseWay::of($this->probing, $w), $this->probing->build->ways),
        );
    }

    public function way(): ?FuseWay
    {
        $way = $this->probing->build->ways[$this->at->own('way')] ?? null;

        return $way === null ? null : FuseWay::of($this->probing, $way);
    }

    /** @return list<Donor> */
    public function donors(): array
    {
        return Donors::of($this->probing, $this->at->amps());
    }

    /** What a host of its place can switch and the build does not know, as one act; null where nothing is missing. */
    public function switches(): ?Edit
    {
        $index = Index::of($this->at->document());
        $missing = HostSwitches::missing(
            $this->probing->build,
            $this->at->document()->fields()->text('place'),
            fn (string $wish): string => $index->free($wish),
        );
        $labels = array_map(fn (Fields $f): string => mb_strtolower($f->text('label')), $missing);

        return $missing === []
            ? null
            : new Batch(
                array_map(fn (Fields $f): AddItem => new AddItem('inputs', $f), $missing),
                'The host switches '.Words::join($labels, 'and'),
            );
    }

    public function switchWords(): string
    {
        $edit = $this->switches();

        return $edit === null
            ? ''
            : (string) preg_replace('/^The host switches /', '', $edit->says(Names::of($this->at->document())));
    }

    /**
     * What the host has on its wires, and whether it worked before anything was touched.
     *
     * @return list<array{string, bool|null, Edit, Edit}> words, as it was found, and the acts that note it
     */
    public function baseline(): array
    {
        $found = [];
        foreach ($this->at->document()->fields()->object('probe')->objects('baseline') as $line) {
            $found[$line->text('load')] = $line->flag('works');
        }
        $lines = [];
        foreach ($this->probing->build->wires as $wire) {
            foreach ($wire->loads as $load) {
                $pin = "{$wire->id}.{$load->id}";
                $what = Words::first(str_replace('_', ' ', $load->id)).' on '.Words::within($wire->label);
                $note = fn (bool $works): AddItem => new AddItem(
                    'probe.baseline',
                    new Fields(['what' => $what, 'works' => $works, 'load' => $pin]),
                );
                $lines[] = [$what, $found[$pin] ?? null, $note(true), $note(false)];
            }
        }

        return $lines;
    }

    /** @return array<string, string> what can't be done: key => words */
    public function cant(): array
    {
        $now = array_filter(explode(',', $this->at->own('cant')));
        $all = [];
        foreach (array_keys($this->test?->condition->with ?? []) as $id) {
            $all[$id] = Words::within($this->probing->build->inputs[$id]->label).' can\'t be thrown';
        }
        if ($this->test !== null && $this->test->instrument() === 'test_lamp') {
            $all['test_lamp'] = 'there is no test lamp';
        }
        if ($this->test !== null && ! $this->test->powered()) {
            $all['power'] = 'the power stays on';
        }

        return array_diff_key($all, array_flip($now));
    }

    /** The address without a test that needs something. */
    public function without(string $what): string
    {
        $cant = array_values(array_filter([...explode(',', $this->at->own('cant')), $what]));

        return $this->at->url(['cant' => implode(',', $cant), 'skip' => null, 'wire' => null, 'hand' => null]);
    }

    public function functionOf(Judged $judged): ?WireFunction
    {
        return Tables::function($judged->function);
    }
}
