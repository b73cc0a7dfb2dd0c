<?php

declare(strict_types=1);

namespace App\Stations\Probe;

use App\Store\Keeper;
use BenchGlow\Build\Document;
use BenchGlow\Probe\Condition;
use BenchGlow\Probe\Judged;
use BenchGlow\Probe\NextTest;
use BenchGlow\Probe\Probing;
use BenchGlow\Probe\Reason;
use BenchGlow\Probe\Stand;
use BenchGlow\Probe\Tables;
use BenchGlow\Probe\Test;
use BenchGlow\Quantity\Words;
use WeakMap;

/** The reading that is asked for, or the one that is taken by hand: its sentence, its reason, what can be set up. */
final class Asked
{
    /** @var WeakMap<Document, array<string, list<Test>>>|null document => how one stands => tests */
    private static ?WeakMap $known = null;

    public readonly Probing $probing;

    public readonly ?Test $test;

    public function __construct(private Standpoint $at)
    {
        $this->probing = Probing::of($at->document(), $at->build());
        $own = [];
        foreach (ProbeStation::FIELDS as $field) {
            $own[$field] = $at->own($field);
        }
        $this->test = $own['hand'] === '' ? self::test($at->document(), $own) : null;
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
            $kept = Keeper::value(['next', $document->hash(), $key], function () use (
                $document,
                $cant,
                $helper,
            ): array {
                $probing = Probing::of($document);
                $last = Stand::last($probing);

                return NextTest::best(
                    $probing,
                    new Stand($last->condition, $last->instrument, $last->to, $last->powered, $cant, $helper),
                );
            });
            $of[$key] = array_values(array_filter((array) $kept, fn (mixed $test): bool => $test instanceof Test));
            $known[$document] = $of;
        }

        return $of[$key];
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
}
