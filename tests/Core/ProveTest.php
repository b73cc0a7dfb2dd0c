<?php

declare(strict_types=1);

use BenchGlow\Analysis\Analysis;
use BenchGlow\Analysis\LeadFigures;
use BenchGlow\Analysis\RealBuild;
use BenchGlow\Build\Build;
use BenchGlow\Build\Device\FuseTapDevice;
use BenchGlow\Build\Document;
use BenchGlow\Build\Settings;
use BenchGlow\Command\Faulting;
use BenchGlow\Command\Gating;
use BenchGlow\Edit\SetField;
use BenchGlow\Format\BadBuild;
use BenchGlow\Harness\Bodies;
use BenchGlow\Harness\Harness;
use BenchGlow\Harness\LeadWire;
use BenchGlow\Network\Compiled;
use BenchGlow\Prove\Expectation;
use BenchGlow\Prove\Expected;
use BenchGlow\Prove\Fault;
use BenchGlow\Prove\Faults;
use BenchGlow\Prove\Faults\OtherLeg;
use BenchGlow\Prove\FaultTable;
use BenchGlow\Prove\Finder;
use BenchGlow\Prove\Gate;
use BenchGlow\Prove\Gates;
use BenchGlow\Prove\Instrument;
use BenchGlow\Prove\Observation;
use BenchGlow\Prove\Pairs;
use BenchGlow\Prove\Proving;
use BenchGlow\Prove\Seen;
use BenchGlow\Prove\Sight;
use BenchGlow\Prove\StatesThatMatter;
use BenchGlow\Prove\Suspect;
use BenchGlow\Prove\Suspects;
use BenchGlow\Prove\Works;
use BenchGlow\Scene\EmitterState;
use BenchGlow\Scene\Scenes;
use BenchGlow\Trial\Planted;
use Tests\Support\Make;

/** What can be wrong with a circuit of a build. */
function faultsOf(Document $document, string $circuit): FaultTable
{
    return new FaultTable(new Works(Analysis::of($document), $circuit));
}

/** A strip of 1.2 m on a lead of two cores with a fuse. */
function shelfFaults(): FaultTable
{
    return faultsOf(Make::shelf(1.2), 'shelf');
}

describe('faults', function (): void {
    it('are each of a kind of the list, named once, in words that a builder reads', function (string $name): void {
        $document = Make::file("{$name}.glow.json");
        $analysis = Analysis::of($document);
        foreach (array_keys($analysis->build->circuits) as $circuit) {
            $faults = Faults::of(new Works($analysis, $circuit));
            $kinds = array_map(fn (string $c): string => (new $c())->key(), Faults::ALL);
            foreach ($faults as $key => $fault) {
                expect($key)
                    ->toStartWith("{$fault->kind}:")
                    ->and($kinds)
                    ->toContain($fault->kind);
                expect($fault->weight)->toBeGreaterThan(0.0)->and($fault->places)->not->toBe([]);
                expect($fault->says)->not->toMatch('/[a-z]_[a-z]/');
            }
        }
    })->with(['heron', 'coffee-trike', 'wherry', 'mineral-cabinet']);

    it('shows each by hand on a strip: what is dark, what is dim, where the volts stop', function (): void {
        $table = shelfFaults();
        $lit = 'shelf_light';
        $shows = fn (string $key): Seen => $table->row($key)[0];
        $pins = array_keys($table->right[0]->volts);
        $far = array_values(array_filter($pins, fn (string $p): bool => str_ends_with($p, 'u0.plus')))[0];
        expect($table->right[0]->looks)->toBe([$lit => 'right']);
        foreach (['open:shelf_light_feed.1.from', 'open:shelf_light_feed.2.to'] as $open) {
            expect($shows($open)->looks[$lit])->toBe('dark');
        }
        // Before the break there are volts, beyond it none; a broken return leaves them all up.
        expect($shows('open:shelf_light_feed.1.from')->volts[$far])->toBeLessThan(1.0);
        expect($shows('open:shelf_light_feed.2.to')->volts[$far])->toBeGreaterThan(10.0);
        expect($shows('resistance:shelf_light_feed.1.to@much')->looks[$lit])->toBe('dim');
        expect($shows('reversed:shelf_light')->looks[$lit])->toBe('dark');
        expect($shows('supply:bank@low')->looks[$lit])->toBeIn(['dim', 'ghost', 'dark']);
        $short = $shows('short:shelf_light_feed.1-2');
        expect($short->looks[$lit])->toBe('dark');
        // Its fuse went with it: behind it nothing.
        expect($short->volts[$far] ?? 0.0)->toBeLessThan(0.1);
    });

    it('shows a part of a strip dark, and what is behind a broken rail without volts', function (): void {
        $table = shelfFaults();
        $amps = fn (string $key): float => $table->row($key)[0]->amps['F1'];
        $whole = $table->right[0]->amps['F1'];
        foreach (['unit' => null, 'quarter' => 0.25, 'half' => 0.5, 'three_quarters' => 0.75] as $how => $share) {
            $seen = $table->row("segment:shelf_light@{$how}")[0];
            expect($seen->looks)->toBe(['shelf_light' => 'partly']);
            expect($seen->volts['shelf_light.end'] === null)->toBe($share !== null);
            if ($share !== null) {
                // What is left takes its share, and a little more as its rails drop less.
                expect($amps("segment:shelf_light@{$how}") / $whole)
                    ->toBeGreaterThan($share)
                    ->toBeLessThan($share * 1.35);
            }
        }
        // A meter's half volt makes no LED conduct: what is another strip reads as the right one does.
        $bare = new Instrument($table->works->with($table->faults['part:shelf_light@watts']->overlay));
        $own = $bare->ohms('F1.2', $table->minus(), $table->scene(null, $table->states[0])->closed, ['F1']);
        expect($table->ohmsBehind('part:shelf_light@watts', 'F1'))->toBe($own)->toBe($table->ohmsBehind(null, 'F1'));
        expect($amps('segment:shelf_light@unit'))
            ->toBeLessThan($whole)
            ->toBeGreaterThan(0.9 * $whole);
        expect(Observation::look('partly', 'dim'))->toBeGreaterThan(Observation::look('partly', 'right'));
    });

    it('shows another part, another resistor of a row, and a tap on its other leg', function (): void {
        $table = shelfFaults();
        expect($table->row('part:shelf_light@volts')[0]->looks)->toBe(['shelf_light' => 'dark']);
        expect($table->row('part:shelf_light@watts')[0]->amps['F1'])->toBeGreaterThan(
            1.4 * $table->right[0]->amps['F1'],
        );
        $row = faultsOf(Make::row(), 'row');
        [$ten, $quarter] = [$row->row('value:row_light@ten')[0], $row->row('value:row_light@quarter')[0]];
        // 180 Ω become 1,800: the rest of the volts over ten times as much.
        expect($ten->looks)
            ->toBe(['row_light' => 'dim'])
            ->and($quarter->looks)
            ->toBe(['row_light' => 'bright']);
        $trike = Make::file('coffee-trike.glow.json');
        foreach (Analysis::of($trike)->build->circuits as $id => $circuit) {
            $works = new Works(Analysis::of($trike), (string) $id);
            foreach ((new OtherLeg())->faults($works) as $fault) {
                $tap = $fault->overlay->build($works->build)->devices[$fault->places[0]];
                expect($tap)->toBeInstanceOf(FuseTapDevice::class)->and($tap->side())->toBe('load');
            }
        }
    });

    it('finds two at once where none alone explains what is seen', function (): void {
        $table = faultsOf(Make::file('wherry.glow.json'), 'boarding_step');
        $one = $table->faults['fuse:F2'];
        $two = $table->faults['fuse:F3'];
        $both = $table->rowOf(new Fault('both', 'pair', ['F2'], 'Both', 1.0, $one->overlay->and($two->overlay)));
        $seen = [];
        foreach ([['fore_door' => 'open'], ['aft_door' => 'open']] as $with) {
            $state = $table->state($with);
            $seen[] = new Observation(
                'look',
                $state,
                'boarding_step_light',
                null,
                $both[$state]->looks['boarding_step_light'],
            );
        }
        foreach (['F2', 'F3'] as $fuse) {
            $seen[] = new Observation('fuse', 0, $fuse, null, 'blown');
        }
        $finder = new Finder($table, StatesThatMatter::of($table), $seen);
        expect($finder->noneFits())->toBeTrue();
        $pairs = Pairs::of($table, $finder, $seen);
        expect(explode(' ', $pairs[0]->key()))->toEqualCanonicalizing(['fuse:F2', 'fuse:F3']);
        expect($pairs[0]->says())->toBe('Fuse F2 is blown or not in, and fuse F3 is blown or not in');
        // One alone is told by its own: no two are asked for.
        $alone = [new Observation('fuse', 0, 'F2', null, 'blown')];
        expect((new Finder($table, StatesThatMatter::of($table), $alone))->noneFits())->toBeFalse();
    });

    it('is the same laid over as compiled from a build that has it', function (string $name): void {
        $document = Make::file("{$name}.glow.json");
        $analysis = Analysis::of($document);
        $wiring = array_map(fn (LeadFigures $l): LeadWire => $l->wire, $analysis->leads);
        $bodies = Bodies::of($analysis->build);
        $compared = 0;
        foreach (array_keys($analysis->build->circuits) as $circuit) {
            $works = new Works($analysis, $circuit);
            $table = new FaultTable($works);
            foreach ($table->faults as $fault) {
                $planted = Planted::of($document, $works, $fault);
                if ($planted === null) {
                    continue;
                }
                $build = Build::of($planted);
                $wires = $wiring;
                foreach ($build->leads as $lead) {
                    $wires[$lead->id] ??= LeadWire::of($build, $lead, null);
                }
                $own = new Scenes(
                    $build,
                    Harness::of($build),
                    Bodies::of($build),
                    $wires,
                    fn (Compiled $c): Compiled => $c,
                );
                $in = $fault->overlay->isWritten() ? $fault->overlay->build($analysis->build) : $analysis->build;
                $laid = new Scenes(
                    $in,
                    $in === $analysis->build ? $analysis->harness : Harness::of($in),
                    $fault->overlay->bodies($bodies),
                    $wiring,
                    fn (Compiled $c): Compiled => $fault->overlay->over($c, $analysis->harness),
                );
                foreach (array_slice($table->states, 0, 2) as $inputs) {
                    [$a, $b] = [$own->one($inputs, 'nominal')->lit, $laid->one($inputs, 'nominal')->lit];
                    foreach ($works->pins() as $pin) {
                        [$v, $w] = [$a->between($pin, $table->minus()), $b->between($pin, $table->minus())];
                        expect($v === null)->toBe($w === null, "{$fault->key} at {$pin}");
                        expect(abs((float) $v - (float) $w))->toBeLessThan(1e-9, "{$fault->key} at {$pin}");
                        $compared++;
                    }
                }
            }
        }
        expect($compared)->toBeGreaterThan(300);
    })->with(['heron', 'wherry', 'j10-lid-and-master', 'j14-turn-repeater']);

    it('plants one as a file that the bench reads and finds wrong', function (): void {
        $faulting = new Faulting(Make::shelf(1.2));
        $planted = $faulting->plant('open:shelf_light_feed.1.to', null);
        expect($planted)->toMatchArray(['kind' => 'open', 'circuit' => 'shelf']);
        $build = Analysis::of(Document::fromJson((string) json_encode($planted['build'])));
        expect($build->litState('shelf_light', 'nominal')->lights['shelf_light']['w']->greatest())->toBeLessThan(0.001);
        expect($faulting->plant(null, 7)['fault'])->toBe($faulting->plant(null, 7)['fault']);
        expect(fn () => $faulting->plant('open:nowhere', null))->toThrow(BadBuild::class, 'there is no fault');
    });
});

describe('states and suspicions', function (): void {
    it('shows every fault that can be seen in a few states', function (string $name): void {
        $analysis = Analysis::of(Make::file("{$name}.glow.json"));
        foreach (array_keys($analysis->build->circuits) as $circuit) {
            $matter = StatesThatMatter::of(new FaultTable(new Works($analysis, $circuit)));
            expect(count($matter->states))->toBeLessThanOrEqual(6);
            expect(array_diff($matter->visible, $matter->seen))->toBe([]);
        }
    })->with(['heron', 'coffee-trike', 'wherry']);

    it('groups what no look and no reading parts, and nothing else', function (string $name): void {
        $analysis = Analysis::of(Make::file("{$name}.glow.json"));
        foreach (array_keys($analysis->build->circuits) as $circuit) {
            $table = new FaultTable(new Works($analysis, $circuit));
            $suspects = Suspects::of($table);
            foreach ($suspects as $suspect) {
                foreach ($suspect->faults as $fault) {
                    foreach ($table->row($fault->key) as $n => $seen) {
                        expect($seen->isLike($suspect->seen[$n], Suspects::WITHIN_V))->toBeTrue();
                    }
                }
            }
            $keys = array_merge([], ...array_map(fn (Suspect $s): array => array_column($s->faults, 'key'), $suspects));
            expect(array_unique($keys))->toHaveCount(count($keys));
        }
    })->with(['heron', 'wherry']);

    it('says what an eye says', function (): void {
        $settings = Make::shelf(1.2)->fields();
        $settings = Settings::of($settings->object('settings'));
        $light = fn (float ...$flux): EmitterState => new EmitterState(
            'w',
            'white',
            $flux,
            array_fill(0, count($flux), 3.0),
            1.0,
        );
        expect(Sight::lightness(1.0))->toEqualWithDelta(100.0, 1e-9);
        expect(Sight::lightness(0.184186))->toEqualWithDelta(50.0, 0.01);
        foreach ([[1.0, 'right'], [0.85, 'right'], [0.4, 'dim'], [0.0, 'dark'], [1.6, 'bright']] as [$flux, $word]) {
            expect(Sight::word($light($flux), $light(1.0), $settings))->toBe($word);
        }
        expect(Sight::word($light(0.5), $light(0.0), $settings))->toBe('bright');
        expect(Sight::word($light(0.0), $light(0.0), $settings))->toBe('right');
    });
});

describe('expected', function (): void {
    it('is what the report has, with a band that real builds keep', function (): void {
        $analysis = Analysis::of(Make::shelf(1.2));
        $works = new Works($analysis, 'shelf');
        $expected = new Expected($works);
        $lit = $analysis->litScene('shelf_light', 'nominal');
        [$red, $black] = ['shelf_light.u0.plus', 'shelf_light.u0.minus'];
        $volts = $expected->volts($lit->inputs, $red, $black);
        expect($volts->value)->toEqualWithDelta($lit->lit->between($red, $black), 1e-4);
        $inside = 0;
        for ($n = 0; $n < 500; $n++) {
            $real = RealBuild::of($analysis->build->document, $analysis->leads, 9000 + $n, $expected->supplyV);
            $scenes = new Scenes($real->build, Harness::of($real->build), Bodies::of($real->build), $real->wiring);
            $measured = (float) $scenes->one($lit->inputs, 'nominal')->lit->between($red, $black);
            $inside += (int) ($volts->judge($measured) === 'right');
        }
        expect($inside)->toBeGreaterThanOrEqual(475);
    });

    it('goes with the bank as it was measured, and says how far off a reading is', function (): void {
        $works = new Works(Analysis::of(Make::shelf(1.2)), 'shelf');
        $low = (new Expected($works, 11.5))->volts([], 'shelf_light.u0.plus', 'shelf_light.u0.minus');
        $full = (new Expected($works, 14.0))->volts([], 'shelf_light.u0.plus', 'shelf_light.u0.minus');
        expect($full->value - $low->value)->toBeGreaterThan(1.5);
        expect($low->value)->toBeLessThan(11.5);
        expect((new Expected($works, 12.0))->amps([], 'F1')->value)->toBeGreaterThan(0.0);
        $band = new Expectation('volts', value: 12.0, low: 11.8, high: 12.2);
        foreach ([[12.0, 'right'], [12.3, 'a little off'], [11.0, 'not as it should be']] as [$read, $says]) {
            expect($band->judge($read))->toBe($says);
        }
        expect($band->toArray())->toBe(['what' => 'volts', 'value' => 12.0, 'low' => 11.8, 'high' => 12.2]);
    });
});

describe('finder', function (): void {
    it('weighs by hand', function (): void {
        $fault = fn (string $key, float $weight): Fault => new Fault(
            $key,
            'open',
            ['p'],
            $key,
            $weight,
            new BenchGlow\Prove\Overlay(),
        );
        $one = new Suspect([$fault('a', 3.0)], [new Seen(['l.w' => 'dark'], ['p' => 12.0], true)]);
        $other = new Suspect([$fault('b', 1.0)], [new Seen(['l.w' => 'dim'], ['p' => null], true)]);
        $look = new Observation('look', 0, 'l.w', null, 'dark');
        expect($look->given($one))->toBe(0.95)->and($look->given($other))->toBe(0.012);
        $volts = new Observation('volts', 0, 'p', 12.0, null);
        $sd = sqrt(0.06 ** 2 + (0.012 * 12.0) ** 2);
        expect($volts->given($one))->toEqualWithDelta(0.12 * (0.988 / ($sd * sqrt(2 * M_PI)) + 0.012 / 15), 1e-12);
        // Where it floats, a meter shows next to nothing, or wanders.
        expect((new Observation('volts', 0, 'p', 0.02, null))->given($other))->toBe(0.45);
        expect((new Observation('volts', 0, 'p', null, null))->given($other))->toBe(0.35);
        expect((new Observation('volts', 0, 'p', null, null))->given($one))->toBe(0.006);
    });

    it('adds up to one, names what was planted, and asks for what parts the rest', function (): void {
        $table = shelfFaults();
        $matter = StatesThatMatter::of($table);
        $truth = 'open:shelf_light_feed.2.to';
        $row = $table->row($truth);
        $seen = [new Observation('look', 0, 'shelf_light', null, 'dark')];
        for ($asked = 0; $asked < 12; $asked++) {
            $finder = new Finder($table, $matter, $seen);
            expect(array_sum($finder->p) + $finder->else)->toEqualWithDelta(1.0, 1e-9);
            $next = $finder->next(1)[0] ?? null;
            if ($next === null) {
                break;
            }
            expect($next->gain)->toBeGreaterThan(0.0)->and($next->act)->not->toMatch('/[a-z]_[a-z]/');
            $seen[] = match ($next->kind) {
                'look' => new Observation('look', $next->state, $next->at, null, $row[$next->state]->looks[$next->at]),
                'fuse' => new Observation('fuse', $next->state, $next->at, null, 'whole'),
                default => new Observation(
                    'volts',
                    $next->state,
                    $next->at,
                    $row[$next->state]->volts[$next->at],
                    null,
                ),
            };
        }
        $best = $finder->ranked()[0][0];
        expect(array_column($best->faults, 'key'))->toContain($truth);
        expect($finder->noneFits())->toBeFalse()->and($asked)->toBeLessThanOrEqual(6);
    });

    it('says that nothing fits where nothing does', function (): void {
        $table = shelfFaults();
        // Right to the eye, and seven volts where there are twelve or none.
        $pins = array_keys($table->right[0]->volts);
        $seen = [new Observation('look', 0, 'shelf_light', null, 'right')];
        foreach (array_slice($pins, 0, 3) as $pin) {
            $seen[] = new Observation('volts', 0, $pin, 5.1, null);
        }
        expect((new Finder($table, StatesThatMatter::of($table), $seen))->noneFits())->toBeTrue();
    });
});

describe('command', function (): void {
    $hunt = fn (array $in): array => (new Faulting(Make::shelf(1.2)))->hunt((string) json_encode($in));

    it('answers what explains what was seen, and what to do next', function () use ($hunt): void {
        $dark = ['circuit' => 'shelf', 'saw' => [['with' => [], 'emitter' => 'shelf_light', 'look' => 'dark']]];
        $said = $hunt($dark);
        expect($said['none_fits'])->toBeFalse()->and($said['simulated'])->toBeGreaterThan(10);
        expect($said['suspects'][0]['p'])->toBeGreaterThanOrEqual($said['suspects'][1]['p']);
        expect($said['next'][0])->toHaveKeys(['act', 'kind', 'with', 'gain', 'expects']);
        $gone = $hunt([...$dark, 'readings' => [['kind' => 'fuse', 'subject' => 'F1', 'word' => 'blown']]]);
        expect($gone['suspects'][0]['keys'])->toContain('fuse:F1');
    });

    it('refuses in a sentence', function (array $in, string $says) use ($hunt): void {
        expect(fn () => $hunt(['circuit' => 'shelf', ...$in]))->toThrow(BadBuild::class, $says);
    })->with([
        [['circuit' => 'shlf'], 'there is no circuit `shlf`. Did you mean `shelf`?'],
        [['saw' => [['emitter' => 'moon', 'look' => 'dark']]], 'nothing here glows as `moon`.'],
        [['saw' => [['emitter' => 'shelf_light', 'look' => 'sad']]], 'expected one of dark'],
        [['readings' => [['red' => 'nowhere', 'value' => 1]]], 'there is no pin `nowhere`'],
        [['readings' => [['red' => 'bank.plus']]], 'neither a value nor the word wandering'],
        [['readings' => [['red' => 'bank.plus', 'kind' => 'ohms', 'value' => 3]]], 'expected a fuse of this circuit'],
        [['readings' => [['red' => 'F1', 'kind' => 'amps']]], 'neither a value nor the word open'],
        [['readings' => [['red' => 'F1.2', 'kind' => 'seconds', 'value' => 3]]], 'expected volts, amps, ohms or fuse'],
        [
            ['readings' => [['red' => 'bank.plus', 'value' => 1, 'with' => ['moon' => 'up']]]],
            'there is no input `moon`',
        ],
        [['readings' => array_fill(0, 10_000, ['red' => 'bank.plus', 'value' => 1])], '500 is the most'],
    ]);
});

describe('gates', function (): void {
    $gates = fn (Document $document, string $circuit): array => Gates::of(
        new Proving(new Works(Analysis::of($document), $circuit)),
    );

    it('stand in one chain, each named once, in words a builder reads', function (string $name): void {
        $analysis = Analysis::of(Make::file("{$name}.glow.json"));
        $kinds = array_map(fn (string $c): string => (new $c())->key(), Gates::ALL);
        foreach (array_keys($analysis->build->circuits) as $circuit) {
            $all = Gates::of(new Proving(new Works($analysis, (string) $circuit)));
            $places = array_map(fn (Gate $g): int => (int) array_search($g->kind, $kinds, true), $all);
            $sorted = $places;
            sort($sorted);
            expect($places)->toBe($sorted);
            foreach ($all as $gate) {
                expect($gate->key)
                    ->toStartWith("{$gate->kind}:")
                    ->and($gate->expected)
                    ->not->toBe([]);
                expect($gate->act.$gate->means.$gate->alone)->not->toMatch('/[a-z]_[a-z]/');
                expect(['bench', 'dead', 'fuse_out', 'live'])->toContain($gate->power);
                expect($gate->facts)->toMatch('/^[0-9a-f]{12}$/');
            }
        }
    })->with(['heron', 'mineral-cabinet']);

    it('are these of the Wherry, the trike and the cabinet, with these figures', function (string $name): void {
        $all = json_decode((string) file_get_contents(dirname(__DIR__).'/Fixtures/gates.json'), true);
        $gates = (new Gating(Make::file("{$name}.glow.json")))->toArray()['gates'];
        expect(array_column($gates, 'gate'))->toBe(array_column($all[$name], 'gate'));
        foreach ($gates as $n => $gate) {
            foreach ($gate['expected'] as $e => $expected) {
                $was = $all[$name][$n]['expected'][$e];
                expect([$expected['what'], $expected['pin'] ?? null, $expected['word'] ?? null])->toBe([
                    $was['what'],
                    $was['pin'] ?? null,
                    $was['word'] ?? null,
                ]);
                foreach (['value', 'low', 'high'] as $figure) {
                    expect(isset($expected[$figure]))->toBe(isset($was[$figure]), "{$gate['gate']} {$figure}");
                    expect($expected[$figure] ?? 0.0)->toEqualWithDelta($was[$figure] ?? 0.0, 2e-3, $gate['gate']);
                }
            }
        }
    })->with(['wherry', 'trike', 'mineral-cabinet']);

    it('expect what the report has, state by state', function () use ($gates): void {
        $document = Make::file('heron.glow.json');
        $analysis = Analysis::of($document);
        $states = array_values(
            array_filter($gates($document, 'boarding_step'), fn (Gate $g): bool => $g->kind === 'state'),
        );
        expect(array_column($states, 'key'))->toBe([
            'state:boarding_step',
            'state:boarding_step@step_rocker=on',
            'state:boarding_step@saloon_lamp=on',
        ]);
        expect(array_map(fn (Gate $g): ?string => $g->expected[0]->word, $states))->toBe(['dark', 'glows', 'glows']);
        foreach (array_slice($states, 1) as $gate) {
            $volts = $gate->expected[1];
            $report = $analysis
                ->scene($gate->with, 'nominal')
                ->lit->between((string) $volts->pin, (string) $volts->black);
            expect($volts->value)->toEqualWithDelta($report, 1e-4);
        }
    });

    it('have other facts exactly when their circuit is another', function () use ($gates): void {
        $facts = fn (Document $d): array => array_column($gates($d, 'galley_shelf'), 'facts', 'key');
        $heron = Make::file('heron.glow.json');
        $was = $facts($heron);
        // A name, a place and another circuit are nothing to it.
        $others = Make::edited(
            $heron,
            new SetField('galley_shelf', 'label', 'Shelf over the stove'),
            new SetField('cabin_steps_light_feed', 'length_m', 7.0),
            new SetField('nameboard_light', 'count', 21),
        );
        // What stands at rest is what all circuits draw.
        expect(array_keys(array_diff_assoc($facts($others), $was)))->toBe(['standing:house_bank']);
        // What each kind is made from: a lamp by itself on the bench, a core by its lead, the rest by all of the circuit.
        $changes = [
            ['galley_shelf_light', 'wanted_m', 2.0, ['contact', 'core']],
            ['galley_shelf_light_feed', 'length_m', 4.0, ['contact', 'part']],
            ['house_bank', 'nominal_v', 12.4, ['contact', 'core', 'part']],
        ];
        foreach ($changes as [$id, $field, $value, $kinds]) {
            $same = array_keys(
                array_intersect_assoc($facts(Make::edited($heron, new SetField($id, $field, $value))), $was),
            );
            $stay = array_filter(
                array_keys($was),
                fn (string $key): bool => in_array(explode(':', $key)[0], $kinds, true),
            );
            expect(array_diff($same, $stay))->toBe([])->and($same)->not->toBe(array_keys($was));
        }
        // A fuse of another value asks again only for what is proven at the fuse.
        $fused = $facts(Make::edited($heron, new SetField('F1', 'fuse_a', 7.5)));
        expect(array_keys(array_diff_assoc($fused, $was)))->toBe(['short:F1', 'power:F1']);
    });

    it('are written as a table, and refuse what they can’t be asked', function (): void {
        $gating = new Gating(Make::shelf(1.2), 'shelf', 12.4);
        $out = $gating->toArray();
        expect($out['gates'][0])->toHaveKeys(['gate', 'kind', 'power', 'act', 'expected', 'supply_v', 'facts']);
        expect($out['gates'][0]['supply_v'])->toBe(12.4);
        expect(array_column($out['faults'], 'seen'))->toContain(true);
        $lines = explode("\n", trim($gating->csv()));
        expect($lines[0])->toStartWith('gate,kind,circuit')->and(count($lines))->toBeGreaterThan(8);
        expect(fn () => new Gating(Make::shelf(1.2), 'moon'))->toThrow(BadBuild::class, 'there is no circuit `moon`');
        expect(fn () => new Gating(Make::shelf(1.2), null, 400.0))->toThrow(BadBuild::class, 'over 0 to 60');
    });
});
