<?php

declare(strict_types=1);

use BenchGlow\Analysis\Analysis;
use BenchGlow\Analysis\Mismatch;
use BenchGlow\Build\Document;
use BenchGlow\Check\Review;
use BenchGlow\Command\Report;
use BenchGlow\Scene\Scene;
use Tests\Support\Make;
use Tests\Support\Scenery;

/** @return array<string, Scene> "hand=on nominal" => scene */
function scenes(Document $document): array
{
    $all = [];
    foreach (Analysis::of($document)->scenes() as $scene) {
        $inputs = implode(
            ' ',
            array_map(fn (string $i, string $p): string => "{$i}={$p}", array_keys($scene->inputs), $scene->inputs),
        );
        $all[trim("{$inputs} {$scene->supply}")] = $scene;
    }

    return $all;
}

function glowing(Scene $scene, string $light = 'shelf_light', string $emitter = 'r'): bool
{
    return $scene->lit->lights[$light][$emitter]->greatest() > 0.05;
}

function trike(?callable $spoil = null): Analysis
{
    $trike = json_decode((string) file_get_contents(__DIR__.'/../../examples/trike.glow.json'));
    if ($spoil !== null) {
        $spoil($trike);
    }

    return Analysis::of(Document::fromDecoded($trike));
}

it('solves the trike in its 36 states and proves its intent', function (): void {
    $a = trike();
    $flux = [];
    foreach ($a->scenes() as $scene) {
        if ($scene->inputs === ['lights' => 'on', 'brake' => 'off', 'turn' => 'off']) {
            $flux['tail'][$scene->supply] = round($scene->lit->lights['lamp_l']['red']->least(), 3);
        }
        if ($scene->inputs === ['lights' => 'off', 'brake' => 'on', 'turn' => 'off']) {
            $flux['stop'][$scene->supply] = round($scene->lit->lights['lamp_l']['red']->least(), 3);
        }
        if ($scene->inputs === ['lights' => 'off', 'brake' => 'off', 'turn' => 'left']) {
            $flux['turn'][$scene->supply] = round($scene->lit->lights['lamp_l']['amber']->least(), 3);
            expect($scene->dark?->lights['lamp_l']['amber']->greatest())->toBeLessThan(0.002);
        }
        expect($scene->solved())->toBeTrue()->and($scene->lit->residualA)->toBeLessThan(1e-8);
    }
    expect($flux)
        ->toBe([
            'turn' => ['min' => 0.846, 'nominal' => 1.003, 'max' => 1.186],
            'stop' => ['min' => 0.829, 'nominal' => 0.992, 'max' => 1.183],
            'tail' => ['min' => 0.181, 'nominal' => 0.215, 'max' => 0.255],
        ])
        ->and($a->stateCount())
        ->toBe(36)
        ->and($a->intents['rear']->verdict)
        ->toBe('met')
        ->and($a->intents['turns']->verdict)
        ->toBe('met');
});

it('refutes it with the number of mismatches each fault makes', function (
    callable $spoil,
    int $mismatches,
    string $because,
): void {
    $all = array_merge(...array_values(array_map(fn ($i): array => $i->mismatches, trike($spoil)->intents)));
    expect(count($all))
        ->toBe($mismatches)
        ->and(array_map(fn (Mismatch $m): string => $m->because, $all))
        ->toContain($because);
})->with([
    'the lever contact the wrong way' => [
        fn (stdClass $t) => ($t->devices[2]->at->pressed = (object) ['input' => 'brake']),
        72,
        'contact `sw_brake.c` is made',
    ],
    'tail and stop cores crossed at the left lamp' => [
        function (stdClass $t): void {
            [$t->leads[6]->cores[0][1], $t->leads[6]->cores[1][1]] = [
                $t->leads[6]->cores[1][1],
                $t->leads[6]->cores[0][1],
            ];
        },
        18,
        '18 % of its light is less than high, 60 % to 200 %',
    ],
    'the minus core open at the right lamp' => [
        fn (stdClass $t) => ($t->leads[7]->cores[3][1] = null),
        39,
        '`lamp_r.minus` is joined to nothing',
    ],
]);

it('pulls a relay in, and its resting contact is live the other way', function (): void {
    $s = scenes(Scenery::relay());
    expect(glowing($s['hand=on nominal']))
        ->toBeTrue()
        ->and(glowing($s['hand=off nominal']))
        ->toBeFalse()
        ->and(array_keys($s['hand=on nominal']->pulled))
        ->toBe(['k.coil'])
        ->and((float) $s['hand=off nominal']->lit->between('k.87a', 'bank.minus'))
        ->toEqualWithDelta(12.6, 0.01)
        // 85 ohm at 12.6 V behind a few milliohms
        ->and(abs($s['hand=on nominal']->lit->amps['k.coil']))
        ->toEqualWithDelta(12.6 / 85, 2e-3);
});

it('says that a relay on its own resting contact oscillates, and gives no level for it', function (): void {
    $s = scenes(Scenery::buzzer());
    expect($s['hand=on nominal']->solved())
        ->toBeFalse()
        ->and((string) $s['hand=on nominal']->reason)
        ->toBe('oscillates: k.coil, period 2')
        ->and($s['hand=off nominal']->solved())
        ->toBeTrue();
    $report = Report::of(Review::of(Scenery::buzzer()), 'all');
    // Its lamp hangs on the switch, not on the relay: whichever way the relay stands, the lamp is as wanted.
    expect($report['circuits'][0]['intent'])->toBe('met');
    foreach ($report['circuits'][0]['states'] as $state) {
        expect($state['solved'])
            ->toBe($state['inputs']->hand === 'off')
            ->and($state['solved'] || $state['emitters'] === [])
            ->toBeTrue();
    }
});

it('notices a relay that holds once pulled', function (): void {
    $push = Scenery::ROCKER;
    $s = scenes(
        Scenery::build(
            [Scenery::RELAY, $push],
            [
                ['id' => 'k', 'kind' => 'relay', 'part' => 'relay12'],
                ['id' => 's', 'kind' => 'switch', 'part' => 'rocker', 'at' => ['on' => ['input' => 'hand']]],
                ['id' => 'j', 'kind' => 'joint'],
                ['id' => 'c', 'kind' => 'joint'],
            ],
            [
                ['bank.plus', 'j'],
                ['j', 's.1'],
                ['s.2', 'c'],
                ['c', 'k.86'],
                ['j', 'k.30'],
                ['k.87', 'c'],
                ['k.85', 'bank.minus'],
                ['c', 'shelf_light.start.plus'],
                ['shelf_light.start.minus', 'bank.minus'],
            ],
        ),
    );
    expect(array_map(strval(...), $s['hand=off nominal']->remarks))
        ->toBe(['holds once pulled: k.coil'])
        ->and(glowing($s['hand=off nominal']))
        ->toBeFalse()
        ->and(glowing($s['hand=on nominal']))
        ->toBeTrue();
});

it('notices an under-driven coil, with its volts', function (): void {
    $weak = Scenery::build(
        [Scenery::RELAY, Scenery::ROCKER],
        [
            ['id' => 'k', 'kind' => 'relay', 'part' => 'relay12'],
            ['id' => 's', 'kind' => 'switch', 'part' => 'rocker', 'at' => ['on' => ['input' => 'hand']]],
            ['id' => 'j', 'kind' => 'joint'],
        ],
        [
            ['bank.plus', 'j'],
            ['j', 'k.30'],
            ['j', 's.1'],
            ['s.2', 'k.86'],
            ['k.85', 'bank.minus'],
            ['k.87', 'shelf_light.start.plus'],
            ['shelf_light.start.minus', 'bank.minus'],
        ],
    );
    $raw = json_decode($weak->json);
    $raw->leads[3]->inline = [(object) ['id' => 'R9', 'kind' => 'resistor', 'at_m' => 0.1, 'ohm' => 85]];
    $s = scenes(Document::fromDecoded($raw));
    expect(array_map(strval(...), $s['hand=on nominal']->remarks))
        ->toBe(['coil under-driven: k.coil at 6.3 V', 'holds once pulled: k.coil'])
        ->and(glowing($s['hand=on nominal']))
        ->toBeFalse();
});

it('follows a ground-switched courtesy wire with a relay', function (): void {
    $host = [
        'host' => [
            'wires' => [
                [
                    'id' => 'court',
                    'polarity' => 'ground',
                    'live_when' => ['input' => 'hand'],
                    'fed_by' => 'bank',
                    'source_ohm' => 0.05,
                    'loads' => [['id' => 'dome', 'kind' => 'filament', 'w' => 10, 'at_v' => 12]],
                ],
            ],
        ],
    ];
    $s = scenes(
        Scenery::build(
            [Scenery::RELAY],
            [['id' => 'k', 'kind' => 'relay', 'part' => 'relay12'], ['id' => 'j', 'kind' => 'joint']],
            [
                ['bank.plus', 'j'],
                ['j', 'k.86'],
                ['k.85', 'court'],
                ['j', 'k.30'],
                ['k.87', 'shelf_light.start.plus'],
                ['shelf_light.start.minus', 'bank.minus'],
            ],
            $host,
        ),
    );
    $live = (float) $s['hand=on nominal']->lit->between('court', 'bank.minus');
    $idle = (float) $s['hand=off nominal']->lit->between('court', 'bank.minus');
    // Near nothing while its switch is made, the full supply while it rests: that is no back-feed.
    expect($live)
        ->toBeLessThan(0.08)
        ->and($idle)
        ->toEqualWithDelta(12.6, 0.05)
        ->and(glowing($s['hand=on nominal']))
        ->toBeTrue()
        ->and(glowing($s['hand=off nominal']))
        ->toBeFalse();
});

it('sees two sources feed each other, and a diode each end it', function (bool $diodes): void {
    $wire = fn (string $id, string $input): array => [
        'id' => $id,
        'polarity' => 'positive',
        'live_when' => ['input' => $input],
        'fed_by' => 'bank',
        'loads' => [['id' => 'lamp', 'kind' => 'filament', 'w' => 5, 'at_v' => 12]],
    ];
    $raw = json_decode(
        Scenery::build(
            [['id' => 'd', 'kind' => 'diode', 'technology' => 'schottky']],
            [['id' => 'j', 'kind' => 'joint']],
            [
                ['door_wire', 'j'],
                ['lid_wire', 'j'],
                ['j', 'shelf_light.start.plus'],
                ['shelf_light.start.minus', 'bank.minus'],
            ],
            [
                'inputs' => [['id' => 'door', 'kind' => 'door'], ['id' => 'hatch', 'kind' => 'lid']],
                'host' => ['wires' => [$wire('door_wire', 'door'), $wire('lid_wire', 'hatch')]],
            ],
            ['any' => [['input' => 'door'], ['input' => 'hatch']]],
        )->json,
    );
    if ($diodes) {
        $raw->leads[0]->inline[] = (object) [
            'id' => 'D1',
            'kind' => 'diode',
            'at_m' => 0.2,
            'part' => 'd',
            'points' => 'to',
        ];
        $raw->leads[1]->inline = [
            (object) ['id' => 'D2', 'kind' => 'diode', 'at_m' => 0.2, 'part' => 'd', 'points' => 'to'],
        ];
    }
    $report = Report::of(Review::of(Document::fromDecoded($raw)), 'all');
    expect($report['circuits'][0]['intent'])->toBe('met')->and($report['states_total'])->toBe(12);
    foreach ($report['circuits'][0]['states'] as $state) {
        $lid = array_values(array_filter($state['host'], fn (array $h): bool => $h['wire'] === 'lid_wire'))[0];
        $fedFromDoor = $state['inputs']->door === 'on' && $state['inputs']->hatch === 'off';
        expect($lid['back_fed'])->toBe($fedFromDoor && ! $diodes);
        if ($fedFromDoor && $diodes) {
            expect(abs($lid['volts']))->toBeLessThan(0.01);
        }
    }
})->with([false, true]);

it('dims by duty: flux is proportional, drop stays that of the on phase', function (float $duty): void {
    $dimmer = [
        'id' => 'dim',
        'kind' => 'controller',
        'style' => 'dimmer',
        'pins' => ['in_plus', 'in_minus', 'out_plus', 'out_minus'],
        'inside' => [['id' => 'through', 'kind' => 'link', 'from' => 'in_plus', 'to' => 'out_plus']],
        'contacts' => [
            [
                'id' => 'low',
                'from' => 'out_minus',
                'to' => 'in_minus',
                'closed_when' => ['all' => []],
                'duty' => 'set',
                'pwm_hz' => 1000,
            ],
        ],
    ];
    $make = fn (float $d): Scene => scenes(
        Scenery::build(
            [$dimmer],
            [['id' => 'c', 'kind' => 'controller', 'part' => 'dim', 'set' => ['low' => $d]]],
            [
                ['bank.plus', 'c.in_plus'],
                ['c.out_plus', 'shelf_light.start.plus'],
                ['shelf_light.start.minus', 'c.out_minus'],
                ['c.in_minus', 'bank.minus'],
            ],
            ['inputs' => []],
            ['all' => []],
        ),
    )['nominal'];
    $full = $make(1.0);
    $dimmed = $make($duty);
    foreach ($full->lit->lights['shelf_light']['r']->flux as $k => $flux) {
        expect($dimmed->lit->lights['shelf_light']['r']->flux[$k])->toEqualWithDelta($duty * $flux, 1e-6);
    }
    expect($dimmed->lit->totalA())
        ->toEqualWithDelta($duty * $full->lit->totalA(), 1e-6)
        ->and($dimmed->lit->lights['shelf_light']['r']->volts)
        ->toEqualWithDelta($full->lit->lights['shelf_light']['r']->volts, 1e-9);
})->with([0.25, 0.8]);

it(
    'carries a radio link: the receiver does what the sender senses, and nothing when the link is lost',
    function (): void {
        $sender = [
            'id' => 'tx',
            'kind' => 'controller',
            'style' => 'sender',
            'pins' => ['in', 'minus'],
            'inside' => [
                [
                    'id' => 'left',
                    'kind' => 'sense',
                    'from' => 'in',
                    'to' => 'minus',
                    'ohm' => 10000,
                    'pull_in_v' => 6,
                    'drop_out_v' => 3,
                ],
            ],
        ];
        $receiver = [
            'id' => 'rx',
            'kind' => 'controller',
            'style' => 'receiver',
            'pins' => ['plus', 'out'],
            'contacts' => [['id' => 'o', 'from' => 'plus', 'to' => 'out', 'closed_when' => ['hear' => 'ch']]],
        ];
        $s = scenes(
            Scenery::build(
                [$sender, $receiver, Scenery::ROCKER],
                [
                    ['id' => 't', 'kind' => 'controller', 'part' => 'tx'],
                    [
                        'id' => 'r',
                        'kind' => 'controller',
                        'part' => 'rx',
                        'hears' => ['ch' => 't.left'],
                        'link_when' => ['input' => 'range'],
                    ],
                    ['id' => 's', 'kind' => 'switch', 'part' => 'rocker', 'at' => ['on' => ['input' => 'hand']]],
                    ['id' => 'j', 'kind' => 'joint'],
                ],
                [
                    ['bank.plus', 'j'],
                    ['j', 's.1'],
                    ['s.2', 't.in'],
                    ['t.minus', 'bank.minus'],
                    ['j', 'r.plus'],
                    ['r.out', 'shelf_light.start.plus'],
                    ['shelf_light.start.minus', 'bank.minus'],
                ],
                [
                    'inputs' => [
                        ['id' => 'hand', 'kind' => 'hand'],
                        ['id' => 'range', 'kind' => 'other', 'positions' => ['lost', 'near']],
                    ],
                ],
                ['all' => [['input' => 'hand'], ['input' => 'range']]],
            ),
        );
        expect(glowing($s['hand=on range=near nominal']))
            ->toBeTrue()
            ->and(glowing($s['hand=on range=lost nominal']))
            ->toBeFalse()
            ->and(glowing($s['hand=off range=near nominal']))
            ->toBeFalse();
    },
);

it('takes a fuse tap the right way round, and shows both loads in the donor\'s fuse the other way', function (
    string $leg,
    bool $both,
): void {
    $s = scenes(Scenery::tap($leg))['nominal'];
    $strip = abs($s->lit->amps['tap.fuse']);
    expect($strip)
        ->toBeGreaterThan(0.3)
        ->and(abs($s->lit->amps['w4.fuse']))
        ->toEqualWithDelta(4.0 + ($both ? $strip : 0.0), 0.05);
})->with([['common', false], ['other', true], ['unknown', true]]);

it('names the fuse a short runs through, else the lead', function (): void {
    $raw = json_decode(Scenery::relay()->json);
    $raw->leads[] = (object) ['id' => 'slip', 'cores' => [['j', 'bank.minus']], 'length_m' => 0.2, 'wire' => 'w15'];
    expect(scenes(Document::fromDecoded($raw))['hand=off nominal']->lit->reason)->toBe('short through F1 from bank');
    $raw->leads[count($raw->leads) - 1]->cores = [['bank.plus', 'bank.minus']];
    $s = scenes(Document::fromDecoded($raw));
    expect($s['hand=on nominal']->lit->reason)
        ->toBe('short through slip from bank')
        ->and($s['hand=on nominal']->solved())
        ->toBeTrue();
});

it('solves a tap of unknown leg both ways and shows the worse', function (): void {
    $a = Analysis::of(Scenery::tap('unknown'));
    $strip = abs($a->scenes()[1]->lit->amps['tap.fuse']);
    // The donor's own 4 A at 12.6 V is 3.15 ohm; at the highest supply it draws in proportion.
    expect($a->unprobed['tap']['line'])
        ->toEqualWithDelta((4.0 * 14.4) / 12.6, 0.05)
        ->and($a->unprobed['tap']['load'] - $a->unprobed['tap']['line'])
        ->toBeGreaterThan($strip)
        ->and(Review::reviewed($a)->open()[0]->message)
        ->toContain('4.52 A if the common leg is')
        ->and(Analysis::of(Scenery::tap('common'))->unprobed)
        ->toBe([]);
});

it('hears nothing of a sender without power', function (): void {
    $raw = json_decode((string) file_get_contents(__DIR__.'/../../examples/j11-signal-sash.glow.json'));
    foreach ($raw->leads as $lead) {
        if ($lead->cores[0][1] === 't.in_plus') {
            $lead->cores[0][1] = null;
        }
    }
    $a = Analysis::of(Document::fromDecoded($raw));
    foreach ($a->scenes() as $scene) {
        expect($scene->lit->lights['left']['leds']->greatest())->toBeLessThan(0.002);
    }
    expect($a->intents['main']->verdict)->toBe('not_met');
});

it('looks for what holds once pulled in every state and at every supply', function (): void {
    // With the master off nothing can hold; with it on the relay keeps itself once the push has been.
    $s = scenes(
        Scenery::build(
            [Scenery::RELAY, Scenery::ROCKER],
            [
                ['id' => 'k', 'kind' => 'relay', 'part' => 'relay12'],
                ['id' => 'm', 'kind' => 'switch', 'part' => 'rocker', 'at' => ['on' => ['input' => 'master']]],
                ['id' => 's', 'kind' => 'switch', 'part' => 'rocker', 'at' => ['on' => ['input' => 'hand']]],
                ['id' => 'j', 'kind' => 'joint'],
                ['id' => 'c', 'kind' => 'joint'],
            ],
            [
                ['bank.plus', 'm.1'],
                ['m.2', 'j'],
                ['j', 's.1'],
                ['s.2', 'c'],
                ['c', 'k.86'],
                ['j', 'k.30'],
                ['k.87', 'c'],
                ['k.85', 'bank.minus'],
                ['c', 'shelf_light.start.plus'],
                ['shelf_light.start.minus', 'bank.minus'],
            ],
            ['inputs' => [['id' => 'hand', 'kind' => 'hand'], ['id' => 'master', 'kind' => 'hand']]],
            ['all' => [['input' => 'hand'], ['input' => 'master']]],
        ),
    );
    foreach ($s as $name => $scene) {
        expect(array_map(strval(...), $scene->remarks))->toBe(
            str_starts_with($name, 'hand=off master=on') ? ['holds once pulled: k.coil'] : [],
            $name,
        );
    }
});

it('gives no volts to a pin that only dark junctions tie to the rest', function (): void {
    // Ground-switched: the lamp hangs on its plus; what a meter reads at its open minus is the meter's own doing.
    $s = scenes(
        Scenery::build(
            [Scenery::ROCKER],
            [['id' => 's', 'kind' => 'switch', 'part' => 'rocker', 'at' => ['on' => ['input' => 'hand']]]],
            [['bank.plus', 'shelf_light.start.plus'], ['shelf_light.start.minus', 's.1'], ['s.2', 'bank.minus']],
        ),
    );
    $off = $s['hand=off nominal']->lit;
    expect($off->volts['s.1'])
        ->toBeNull()
        ->and($off->why('s.1'))
        ->toBe('floating behind shelf_light.u0.plus')
        ->and($off->why('shelf_light.u0.plus'))
        ->toBeNull()
        ->and($s['hand=on nominal']->lit->between('s.1', 'bank.minus'))
        ->toEqualWithDelta(0.02, 0.02);
    $raw = json_decode(Scenery::relay()->json);
    $raw->leads[5]->cores[0][0] = 'k.87a';
    $raw->leads[5]->cores[0] = [$raw->leads[5]->cores[0][1], null];
    $alone = scenes(Document::fromDecoded($raw))['hand=off nominal']->lit;
    expect($alone->why('k.87'))->toBe('fed by nothing');
});

it(
    'counts states that can\'t happen, solves each pattern of contacts once, and gives the same network without its wants',
    function (): void {
        $raw = json_decode(Scenery::relay()->json);
        $with = Analysis::of(Document::fromDecoded($raw));
        $raw->circuits[0]->wants = [];
        $without = Analysis::of(Document::fromDecoded($raw));
        foreach ($with->scenes() as $n => $scene) {
            expect($without->scenes()[$n]->lit->volts)->toEqual($scene->lit->volts);
        }
        expect($with->solves)->toBeLessThanOrEqual(5 * 4);
    },
);

it('finds any single core of the trike that is taken off', function (): void {
    $raw = json_decode((string) file_get_contents(__DIR__.'/../../examples/trike.glow.json'));
    $sound = array_map(fn ($f): string => "{$f->rule} {$f->subject}", Review::reviewed(trike())->open());
    foreach ($raw->leads as $l => $lead) {
        foreach (array_keys($lead->cores) as $c) {
            $a = trike(function (stdClass $t) use ($l, $c): void {
                $t->leads[$l]->cores[$c][1] = null;
            });
            $missed =
                array_filter($a->intents, fn ($i): bool => $i->verdict !== 'met') === [] &&
                array_map(fn ($f): string => "{$f->rule} {$f->subject}", Review::reviewed($a)->open()) === $sound;
            expect($missed)->toBeFalse("core {$c} of {$lead->id} taken off, and nothing says so");
        }
    }
});

it('bears a lamp that hangs on one side only, and a return that is open', function (string $end): void {
    $raw = json_decode(Scenery::relay()->json);
    $raw->leads = array_values(array_filter($raw->leads, fn (stdClass $l): bool => ! in_array($end, $l->cores[0], true)));
    $a = Analysis::of(Document::fromDecoded($raw));
    foreach ($a->scenes() as $scene) {
        expect($scene->solved())->toBeTrue()->and(glowing($scene))->toBeFalse();
    }
    expect($a->intents['shelf']->verdict)
        ->toBe('unknown')
        ->and($a->intents['shelf']->reason)
        ->toBe('`shelf_light` has no way to a supply')
        ->and($a->intents['shelf']->mismatches)
        ->toBe([])
        ->and(Make::findings(Document::fromDecoded($raw)))
        ->toContain('warning light.unfed shelf_light');
})->with(['shelf_light.start.plus', 'shelf_light.start.minus']);

it('notices a race: two relays that break each other', function (): void {
    $second = [...Scenery::RELAY, 'id' => 'relay12'];
    $s = scenes(
        Scenery::build(
            [$second, Scenery::ROCKER],
            [
                ['id' => 'k1', 'kind' => 'relay', 'part' => 'relay12'],
                ['id' => 'k2', 'kind' => 'relay', 'part' => 'relay12'],
                ['id' => 's', 'kind' => 'switch', 'part' => 'rocker', 'at' => ['on' => ['input' => 'hand']]],
                ['id' => 'j', 'kind' => 'joint'],
                ['id' => 'c', 'kind' => 'joint'],
            ],
            [
                ['bank.plus', 'j'],
                ['j', 's.1'],
                ['s.2', 'c'],
                ['c', 'k1.30'],
                ['k1.87a', 'k2.86'],
                ['k2.85', 'bank.minus'],
                ['c', 'k2.30'],
                ['k2.87a', 'k1.86'],
                ['k1.85', 'bank.minus'],
                ['j', 'shelf_light.start.plus'],
                ['shelf_light.start.minus', 'bank.minus'],
            ],
            [],
            ['all' => []],
        ),
    );
    // All at once they chatter; one after the other the first to pull wins, so there is a state, and it depends on the order.
    expect($s['hand=on nominal']->solved())
        ->toBeTrue()
        ->and(array_keys($s['hand=on nominal']->pulled))
        ->toBe(['k1.coil'])
        ->and(array_map(strval(...), $s['hand=on nominal']->remarks))
        ->toContain('race: k2.coil, k1.coil')
        ->and($s['hand=off nominal']->pulled)
        ->toBe([]);
});

it('lets an amplifier follow its signal through the PWM period', function (): void {
    $dimmer = BenchGlow\Parts\Catalogue::part('colour_common_plus')?->data;
    $amplifier = BenchGlow\Parts\Catalogue::part('amplifier_three')?->data;
    $s = scenes(
        Scenery::build(
            [$dimmer, $amplifier],
            [
                ['id' => 'c', 'kind' => 'controller', 'part' => 'colour_common_plus', 'set' => ['r' => 0.4]],
                ['id' => 'a', 'kind' => 'controller', 'part' => 'amplifier_three'],
                ['id' => 'j', 'kind' => 'joint'],
            ],
            [
                ['bank.plus', 'j'],
                ['j', 'c.in_plus'],
                ['c.in_minus', 'bank.minus'],
                ['j', 'a.in_plus'],
                ['a.in_minus', 'bank.minus'],
                ['c.common', 'a.sig_common'],
                ['c.r', 'a.sig_r'],
                ['a.common', 'shelf_light.start.plus'],
                ['a.r', 'shelf_light.start.minus'],
            ],
            ['inputs' => []],
            ['all' => []],
        ),
    )['nominal'];
    $full = $s->lit->lights['shelf_light']['r'];
    expect($full->greatest())
        ->toEqualWithDelta(0.4 * 1.05, 0.06)
        ->and($s->solved())
        ->toBeTrue();
});

it('pulls every relay of the catalogue in at its lowest supply and lets it go at rest', function (string $key): void {
    $part = BenchGlow\Parts\Catalogue::part($key)?->data;
    $coil = array_values(array_filter($part['inside'], fn (array $b): bool => $b['kind'] === 'sense'))[0];
    $raw = json_decode(
        Scenery::build(
            [[...$part, 'id' => 'relay'], Scenery::ROCKER],
            [
                ['id' => 'k', 'kind' => 'relay', 'part' => 'relay'],
                ['id' => 's', 'kind' => 'switch', 'part' => 'rocker', 'at' => ['on' => ['input' => 'hand']]],
                ['id' => 'j', 'kind' => 'joint'],
            ],
            [
                ['bank.plus', 'j'],
                ['j', 'k.30'],
                ['j', 's.1'],
                ['s.2', 'k.86'],
                ['k.85', 'bank.minus'],
                ['k.87', 'shelf_light.start.plus'],
                ['shelf_light.start.minus', 'bank.minus'],
            ],
        )->json,
    );
    if ($coil['pull_in_v'] > 12) {
        [$raw->supplies[0]->min_v, $raw->supplies[0]->nominal_v, $raw->supplies[0]->max_v] = [23.6, 25.2, 28.8];
    }
    $s = scenes(Document::fromDecoded($raw));
    expect(glowing($s['hand=on min']))
        ->toBeTrue()
        ->and(glowing($s['hand=off max']))
        ->toBeFalse()
        ->and(array_map(strval(...), $s['hand=off max']->remarks))
        ->toBe([]);
})->with(array_map(fn ($e): array => [$e->object('part')->text('id')], BenchGlow\Parts\Catalogue::shelf('relays')));

it('gives every switch of the catalogue the contacts its positions promise', function (string $key): void {
    $part = BenchGlow\Parts\Catalogue::part($key)?->data;
    foreach ($part['contacts'] as $contact) {
        if (! isset($contact['closed_when']['at'])) {
            continue;
        }
        // The continuity test: a lamp through this contact glows in exactly the position that closes it.
        $positions = $part['positions'];
        $at = [];
        foreach (array_slice($positions, 1) as $position) {
            $at[$position] = ['input' => 'hand', 'is' => $position];
        }
        $s = scenes(
            Scenery::build(
                [[...$part, 'id' => 'switch']],
                [['id' => 's', 'kind' => 'switch', 'part' => 'switch', 'at' => $at]],
                [
                    ['bank.plus', "s.{$contact['from']}"],
                    ["s.{$contact['to']}", 'shelf_light.start.plus'],
                    ['shelf_light.start.minus', 'bank.minus'],
                ],
                [
                    'inputs' => [
                        [
                            'id' => 'hand',
                            'kind' => 'hand',
                            'positions' => count($positions) > 1 ? $positions : ['only', 'other'],
                        ],
                    ],
                ],
            ),
        );
        foreach ($positions as $position) {
            expect(glowing($s["hand={$position} nominal"]))->toBe(
                $position === $contact['closed_when']['at'],
                "{$key}: {$contact['id']} in {$position}",
            );
        }
    }
    expect($part['contacts'])->not->toBe([]);
})->with(array_map(fn ($e): array => [$e->object('part')->text('id')], BenchGlow\Parts\Catalogue::shelf('switches')));
