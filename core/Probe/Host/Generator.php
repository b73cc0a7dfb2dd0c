<?php

declare(strict_types=1);

namespace BenchGlow\Probe\Host;

use BenchGlow\Build\Document;
use BenchGlow\Probe\Hypothesis;
use BenchGlow\Probe\Tables;
use BenchGlow\Probe\WireFunction;

/** Draws a host to practise on: a bundle of wires nobody has named, made as such hosts are. The same seed draws the same host. */
final class Generator
{
    public const DIFFICULTIES = ['plain', 'worn', 'mean'];

    public const SPOTS = ['lamp', 'loom', 'panel', 'relay', 'driver'];

    /** Wires by spot, at least and at most. */
    private const COUNTS = [
        'lamp' => [6, 8],
        'loom' => [8, 14],
        'panel' => [7, 12],
        'relay' => [5, 6],
        'driver' => [4, 8],
    ];

    private const BANK_V = 12.6;

    /** How often something of a worn host is so. */
    private const LOSSY = 0.03;

    private const DIRTY = 0.04;

    private const BLOWN = 0.02;

    private const STUCK = 0.01;

    /** A restraint wire runs along. */
    private const RESTRAINT = 0.05;

    private const COLOURS = [
        'black',
        'red',
        'yellow',
        'green',
        'brown',
        'white',
        'blue',
        'grey',
        'violet',
        'orange',
        'pink',
    ];

    private readonly Dice $dice;

    private readonly float $worn;

    /** @var list<string> inputs by kind */
    private array $inputs = [];

    private function __construct(
        private readonly int $seed,
        private readonly string $place,
        private readonly string $spot,
        private readonly string $difficulty,
    ) {
        $this->dice = new Dice((string) $seed);
        $this->worn = ['plain' => 0.0, 'worn' => 1.0, 'mean' => 3.0][$difficulty] ?? 0.0;
    }

    public static function draw(int $seed, string $place, string $spot, string $difficulty = 'plain'): Host
    {
        return (new self($seed, $place, $spot, $difficulty))->host();
    }

    private function host(): Host
    {
        $truths = $this->truths();
        $inputs = [];
        foreach ($this->inputs as $kind) {
            [$label, $positions] = Tables::input($kind);
            $inputs[] = [
                'id' => $kind,
                'label' => $label,
                'kind' => ['charger' => 'load', 'dimmer' => 'other'][$kind] ?? $kind,
                'positions' => $positions,
            ];
        }
        $wanted = $this->wanted($truths);
        $document = [
            'format' => 'bench-glow/build',
            'version' => 1,
            'title' => $this->title(),
            'place' => $this->place,
            'supplies' => [
                [
                    'id' => 'bank',
                    'label' => 'Bank',
                    'kind' => 'lead_acid_12v',
                    'min_v' => 11.8,
                    'nominal_v' => self::BANK_V,
                    'max_v' => 14.4,
                ],
            ],
            'inputs' => $inputs,
            'host' => ['grounds' => [['id' => 'stud', 'label' => 'stud', 'kind' => 'stud', 'of' => 'bank']]],
            'parts' => [
                [
                    'id' => 'accent_led',
                    'kind' => 'led',
                    'label' => 'Warm white, 5 mm',
                    'vf_v' => 3.0,
                    'if_a' => 0.02,
                    'imax_a' => 0.03,
                    'colour' => 'warm_white',
                ],
            ],
            'circuits' => [['id' => 'accent', 'label' => 'Accent', 'wants' => $wanted]],
            'lights' => [
                [
                    'id' => 'accent_row',
                    'kind' => 'leds',
                    'circuit' => 'accent',
                    'part' => 'accent_led',
                    'label' => 'Accent row',
                    'count' => 6,
                    'per_string' => 3,
                    'ohm' => 180,
                ],
            ],
            'probe' => [
                'connectors' => [
                    [
                        'id' => 'plug',
                        'label' => $this->spot === 'loom' ? 'the loom' : "plug of the {$this->spot}",
                        'ways' => count($truths),
                        'rows' => count($truths) > 5 ? 2 : 1,
                        'spot' => $this->spot,
                        'reference' => 'stud',
                    ],
                ],
                'wires' => array_map($this->wire(...), $truths, array_keys($truths)),
            ],
        ];

        return new Host(
            Document::fromJson(json_encode($document, JSON_THROW_ON_ERROR)),
            $truths,
            $this->seed,
            $this->difficulty,
            self::BANK_V,
        );
    }

    private function title(): string
    {
        $words = ['boat' => 'A boat', 'cycle' => 'A cycle', 'stall' => 'A stall', 'cabinet' => 'A cabinet'];

        return ($words[$this->place] ?? 'A host')." to practise on, {$this->seed}";
    }

    /** @return list<Truth> */
    private function truths(): array
    {
        [$least, $most] = self::COUNTS[$this->spot] ?? [6, 8];
        $count = $this->dice->int($least, $most);
        $left = [];
        foreach (Tables::functions() as $function) {
            $prior = Tables::prior($this->spot, $function->id);
            if (
                ! $function->byHint &&
                $function->id !== 'dead' &&
                Tables::isThere($function->id, $this->place) &&
                $prior > 0.05
            ) {
                $left[$function->id] = $prior;
            }
        }
        $functions = [];
        // A bundle without a ground is rare where a lamp hangs on it.
        if (isset($left['ground']) && $this->spot === 'lamp') {
            $functions[] = 'ground';
        }
        while (count($functions) < $count && $left !== []) {
            $id = $this->dice->weighted($left);
            $functions[] = $id;
            $function = Tables::function($id);
            // What occurs once is gone; of the others a second one is rarer.
            $once = $function->once ?? 1.0;
            $left[$id] *= $once > 0.5 ? 0.0 : 1.0 - $once;
            $left = array_filter($left, fn (float $w): bool => $w > 0.0);
        }
        if (in_array($this->spot, ['loom', 'panel'], true) && $this->dice->chance(self::RESTRAINT)) {
            $functions[0] = 'restraint';
        }
        $this->inputs = $this->kinds($functions);

        return array_map($this->truth(...), $this->dice->shuffled($functions));
    }

    /**
     * @param  list<string>  $functions
     * @return list<string>
     */
    private function kinds(array $functions): array
    {
        $kinds = Tables::hostInputs($this->place);
        foreach ($functions as $id) {
            array_push($kinds, ...Tables::function($id)->inputs ?? []);
        }

        return array_values(array_unique($kinds));
    }

    private function truth(string $id): Truth
    {
        $function = Tables::function($id) ?? Tables::functions()[0];
        $shares = array_map(fn (Hypothesis $h): float => $h->share, $function->hypotheses);
        $chosen = $function->hypotheses[(int) $this->dice->weighted($shares)];
        $switched = $function->isSwitched() && $function->polarity === 'positive';

        return new Truth(
            $function,
            $chosen,
            $this->faults($function, $switched),
            $this->dice->share(),
            $this->dice->share(),
        );
    }

    /** @return list<string> lossy · dirty · blown · stuck */
    private function faults(WireFunction $function, bool $switched): array
    {
        $faults = [];
        foreach (
            [
                'lossy' => $switched ? self::LOSSY : 0.0,
                'dirty' => $function->id === 'ground' ? self::DIRTY : 0.0,
                'blown' => $switched || $function->feeds ? self::BLOWN : 0.0,
                'stuck' => $switched ? self::STUCK : 0.0,
            ] as $fault => $rate
        ) {
            if ($this->dice->chance($rate * $this->worn)) {
                $faults[] = $fault;
            }
        }

        return $faults;
    }

    /**
     * @param  list<Truth>  $truths
     * @return list<array<string, mixed>>
     */
    private function wanted(array $truths): array
    {
        $wants = [];
        foreach ($this->dice->shuffled($truths) as $truth) {
            $when = self::wish($truth->function->id);
            if ($when !== null && count($wants) < 3 && ! in_array($when, array_column($wants, 'when'), true)) {
                $wants[] = ['id' => 'want_'.(count($wants) + 1), 'glow' => ['accent_row'], 'when' => $when];
            }
        }

        return $wants === [] ? [['id' => 'want_1', 'glow' => ['accent_row'], 'when' => ['all' => []]]] : $wants;
    }

    /** @return array<string, mixed>|null */
    private static function wish(string $function): ?array
    {
        return match ($function) {
            'turn_left', 'brake_turn_left' => ['input' => 'turn', 'is' => 'left'],
            'turn_right', 'brake_turn_right' => ['input' => 'turn', 'is' => 'right'],
            'brake', 'running', 'reverse' => ['input' => $function],
            'auxiliary' => ['input' => 'fog'],
            'courtesy_plus', 'courtesy_ground' => ['input' => 'courtesy'],
            'door_switch' => ['input' => 'door'],
            'load_out', 'load_control_plus', 'load_control_ground' => ['input' => 'load'],
            'accessory', 'ignition' => ['input' => 'key'],
            default => null,
        };
    }

    /** @return array<string, mixed> as a builder sees it */
    private function wire(Truth $truth, int $n): array
    {
        $colour = $this->dice->one(self::COLOURS);
        if ($truth->function->id === 'ground' && $this->dice->chance(0.6)) {
            $colour = 'black';
        }
        $tracer = $this->dice->one(self::COLOURS);
        $hints = $truth->function->id === 'restraint' ? ['sheath_yellow', 'at_restraint'] : [];
        if ($truth->function->isElectronics() && $this->dice->chance(0.5)) {
            $hints[] = $truth->function->id === 'data' ? 'twisted' : 'shielded';
        }

        return [
            'id' => 'p'.($n + 1),
            'colour' => $colour,
            'tracer' => $tracer === $colour || $this->dice->chance(0.5) ? null : $tracer,
            'connector' => 'plug',
            'way' => $n + 1,
            'hints' => $hints,
            'claims' => $this->claims($truth),
        ];
    }

    /** @return list<array{says: string, from: string}> none on a plain host; on a mean one every fourth is wrong */
    private function claims(Truth $truth): array
    {
        if ($this->worn === 0.0 || $truth->function->byHint || ! $this->dice->chance(0.25)) {
            return [];
        }
        $says = $truth->function->id;
        if ($this->difficulty === 'mean' && $this->dice->chance(0.25)) {
            $all = array_values(array_filter(Tables::functions(), fn (WireFunction $f): bool => ! $f->byHint));
            $says = $all === [] ? $says : $this->dice->one($all)->id;
        }

        return [['says' => $says, 'from' => $this->dice->one(['diagram', 'label', 'owner'])]];
    }
}
