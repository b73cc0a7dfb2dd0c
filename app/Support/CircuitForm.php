<?php

declare(strict_types=1);

namespace App\Support;

use BenchGlow\Build\Build;
use BenchGlow\Build\Document;
use BenchGlow\Build\Index;
use BenchGlow\Build\WhenText;
use BenchGlow\Format\BadBuild;
use BenchGlow\Format\Fields;
use BenchGlow\Quantity\NotUnderstood;
use BenchGlow\Quantity\Typed;
use BenchGlow\Quantity\Unit;
use BenchGlow\Trial\Trial;

/** Forms of the Circuit station that say what acts on a circuit: wants, inputs, host wires and ways, positions, scenes, trials. */
final readonly class CircuitForm
{
    public const OPS = [
        'set_when',
        'add_want',
        'set_glow',
        'add_input',
        'set_positions',
        'add_host_wire',
        'add_host_way',
        'add_ground',
        'add_load',
        'add_never',
        'drop_never',
        'trial',
        'add_scene',
        'set_duty',
        'add_plug',
    ];

    public function __construct(private Document $document)
    {
    }

    /**
     * @return array<string, mixed>
     *
     * @throws NotUnderstood|BadBuild
     */
    public function edit(Fields $in): array
    {
        return match ($in->text('op')) {
            'set_when' => [
                'op' => 'set',
                'id' => $in->text('id'),
                'field' => $in->text('field'),
                'value' => $this->when($in->text('text'), 'When'),
            ],
            'add_want' => $this->want($in),
            'set_glow' => [
                'op' => 'set',
                'id' => $in->text('id'),
                'field' => 'glow',
                'value' => self::words($in->text('text'), 'What glows', 'one lamp or several, as "shelf, step"'),
            ],
            'add_input' => $this->input($in),
            'set_positions' => [
                'op' => 'set',
                'id' => $in->text('id'),
                'field' => 'positions',
                'value' => $this->positions($in->text('text')),
            ],
            'add_host_wire' => $this->hostWire($in),
            'add_host_way' => $this->hostWay($in),
            'add_ground' => $this->ground($in),
            'add_load' => $this->load($in),
            'add_never' => ['op' => 'add', 'section' => 'never', 'value' => $this->when($in->text('text'), 'Never')],
            'drop_never' => [
                'op' => 'set',
                'id' => 'build',
                'field' => 'never',
                'value' => array_values(
                    array_diff_key($this->document->fields()->items('never'), [(int) $in->text('text') => true]),
                ),
            ],
            'trial' => $this->trial($in),
            'add_scene' => $this->scene($in),
            'set_duty' => [
                'op' => 'set',
                'id' => $in->text('id'),
                'field' => 'set.'.$in->text('field'),
                'value' => round(min(1.0, max(0.0, self::percent($in->text('text')))), 4),
            ],
            default => $this->plug($in),
        };
    }

    private static function percent(string $text): float
    {
        try {
            return Typed::read(Unit::Percent, str_contains($text, '%') ? $text : "{$text} %");
        } catch (NotUnderstood) {
            throw new NotUnderstood("Brightness: a share from 0 to 100 %, not '{$text}'.");
        }
    }

    /** @return array<array-key, mixed> */
    private function when(string $text, string $field): array
    {
        try {
            return WhenText::read($text, $this->document);
        } catch (NotUnderstood $e) {
            throw new NotUnderstood("{$field}: {$e->getMessage()}");
        }
    }

    /** @return list<string> */
    private static function words(string $text, string $field, string $expected): array
    {
        $words = array_values(
            array_filter(array_map(trim(...), explode(',', $text)), fn (string $w): bool => $w !== ''),
        );

        return $words === [] ? throw new NotUnderstood("{$field}: expected {$expected}.") : $words;
    }

    private function free(string $wish): string
    {
        $index = Index::of($this->document);
        $base = Index::slug($wish);
        for ($id = $base, $n = 2; $index->has($id); $n++) {
            $id = "{$base}_{$n}";
        }

        return $id;
    }

    private static function label(Fields $in, string $field, string $example): string
    {
        $label = trim($in->text('label'));

        return $label === '' ? throw new NotUnderstood("{$field}: it needs a name, as \"{$example}\".") : $label;
    }

    private static function amount(Unit $unit, Fields $in, string $field, string $name): ?float
    {
        if (trim($in->text($field)) === '') {
            return null;
        }
        try {
            return Typed::read($unit, $in->text($field));
        } catch (NotUnderstood $e) {
            throw new NotUnderstood("{$name}: {$e->getMessage()}");
        }
    }

    /** @return array<string, mixed> */
    private function want(Fields $in): array
    {
        $circuit = $in->text('circuit');
        $glow =
            trim($in->text('glow')) === ''
                ? array_map(fn ($l): string => $l->id, Build::of($this->document)->lightsOf($circuit))
                : self::words($in->text('glow'), 'What glows', 'a lamp');
        if ($glow === []) {
            throw new NotUnderstood('What glows: the circuit has no light yet.');
        }

        return [
            'op' => 'add',
            'section' => "circuits.{$circuit}.wants",
            'value' => [
                'id' => $this->free("{$circuit}_want"),
                'glow' => $glow,
                'when' => $this->when($in->text('text'), 'When'),
                'level' => $in->text('level', 'on'),
                ...$in->text('flash') !== '' ? ['flash' => true] : [],
            ],
        ];
    }

    /** @return array<string, mixed> */
    private function input(Fields $in): array
    {
        $label = self::label($in, 'Input', 'Hatch lid');

        return [
            'op' => 'add',
            'section' => 'inputs',
            'value' => [
                'id' => $this->free($label),
                'label' => $label,
                'kind' => $in->text('kind', 'hand'),
                'positions' => $this->positions($in->text('positions')),
            ],
        ];
    }

    /** @return list<string> */
    private function positions(string $text): array
    {
        $words =
            trim($text) === ''
                ? ['off', 'on']
                : self::words($text, 'Positions', 'two or more words, the resting one first, as "down, up"');
        foreach ($words as $word) {
            if (preg_match('/^[A-Za-z][A-Za-z0-9_]*$/', $word) !== 1) {
                throw new NotUnderstood("Positions: '{$word}' should be one word of letters and digits.");
            }
        }

        return count($words) < 2
            ? throw new NotUnderstood('Positions: expected two or more, the resting one first, as "down, up".')
            : $words;
    }

    private function supply(): string
    {
        return (
            $this->document->fields()->objects('supplies')[0] ?? throw new NotUnderstood('Host: add a supply first.')
        )->text('id');
    }

    /** @return array<string, mixed> */
    private function hostWire(Fields $in): array
    {
        $label = self::label($in, 'Host wire', 'Courtesy wire');
        $fuse = self::amount(Unit::Amps, $in, 'fuse', 'Its fuse');

        return [
            'op' => 'add',
            'section' => 'host.wires',
            'value' => [
                'id' => $this->free($label),
                'label' => $label,
                'kind' => $in->text('kind', 'courtesy'),
                'polarity' => $in->text('polarity', 'positive'),
                'live_when' => $this->when($in->text('text'), 'Live when'),
                ...$in->text('behaviour', 'steady') === 'steady'
                    ? []
                    : ['behaviour' => ['kind' => $in->text('behaviour')]],
                'fed_by' => $this->supply(),
                'fuse_a' => $fuse,
                'loads' => [],
            ],
        ];
    }

    /** @return array<string, mixed> */
    private function hostWay(Fields $in): array
    {
        $label = self::label($in, 'Way', 'Way 4, radio');
        $fuse = self::amount(Unit::Amps, $in, 'fuse', 'Its fuse');
        $load = self::amount(Unit::Amps, $in, 'load', 'Its own load');

        return [
            'op' => 'add',
            'section' => 'host.ways',
            'value' => [
                'id' => $this->free($label),
                'label' => $label,
                'kind' => $in->text('kind', 'fuse_way'),
                'comfort' => $in->text('comfort') !== '',
                'fuse_a' => $fuse,
                ...$load === null ? [] : ['load_a' => $load],
                ...trim($in->text('text')) === '' ? [] : ['live_when' => $this->when($in->text('text'), 'Live when')],
                'fed_by' => $this->supply(),
            ],
        ];
    }

    /** @return array<string, mixed> */
    private function ground(Fields $in): array
    {
        $label = self::label($in, 'Ground', 'Stud behind the panel');

        return [
            'op' => 'add',
            'section' => 'host.grounds',
            'value' => [
                'id' => $this->free($label),
                'label' => $label,
                'kind' => $in->text('kind', 'body'),
                'of' => $this->supply(),
                'ohm' => 0.01,
                'surface' => $in->text('surface', 'unknown'),
            ],
        ];
    }

    /** @return array<string, mixed> */
    private function load(Fields $in): array
    {
        $label = self::label($in, 'Load', 'dome lamp');
        $watts =
            self::amount(Unit::Watts, $in, 'watts', 'Its watts') ??
            throw new NotUnderstood('Its watts: expected watts, as 5 W.');
        $wire = $in->text('id');

        // A load's name is only its wire's.
        return [
            'op' => 'add',
            'section' => "host.wires.{$wire}.loads",
            'value' => [
                'id' => Index::slug($label),
                'kind' => $in->text('kind', 'filament'),
                'w' => $watts,
                'at_v' => (float) ($in->text('at_v') === '' ? 12 : $in->text('at_v')),
            ],
        ];
    }

    /** @return array<string, mixed> */
    private function trial(Fields $in): array
    {
        $pot =
            self::amount(Unit::Ohms, $in, 'pot', 'Reading of the potentiometer') ??
            throw new NotUnderstood('Reading of the potentiometer: expected ohms, as 330R.');
        $fixed = self::amount(Unit::Ohms, $in, 'fixed', 'Resistor beside it') ?? 0.0;
        $ohm =
            Trial::fit($pot, $fixed, Build::of($this->document)->settings->resistorSeries) ??
            throw new NotUnderstood('Reading of the potentiometer: no preferred value is that large.');
        $index = Index::of($this->document);
        $id = $in->text('id');
        $record = ['pot_ohm' => $pot, 'fixed_ohm' => $fixed];
        if (($index->sections[$id] ?? '') === 'leads.inline') {
            return [
                'op' => 'batch',
                'what' => "{$id}: found by trial",
                'edits' => [
                    ['op' => 'set', 'id' => $id, 'field' => 'ohm', 'value' => $ohm],
                    ['op' => 'set', 'id' => $id, 'field' => 'trial', 'value' => $record],
                ],
            ];
        }
        for ($n = 1; $index->has("R{$n}"); $n++);
        $length = $index->item($id)->number('length_m');

        return [
            'op' => 'add',
            'section' => "leads.{$id}.inline",
            'value' => ['id' => "R{$n}", 'kind' => 'resistor', 'at_m' => $length, 'ohm' => $ohm, 'trial' => $record],
        ];
    }

    /** @return array<string, mixed> */
    private function scene(Fields $in): array
    {
        $label = self::label($in, 'Scene', 'Evening warm');
        $steps = json_decode($in->text('steps'), true);
        if (! is_array($steps) || $steps === []) {
            throw new NotUnderstood('Scene: expected at least one step; set the channels and keep them.');
        }

        return [
            'op' => 'add',
            'section' => 'scenes',
            'value' => [
                'id' => $this->free($label),
                'label' => $label,
                'starts' => 'hand',
                'repeat' => $in->text('repeat') !== '',
                'steps' => array_values($steps),
            ],
        ];
    }

    /** @return array<string, mixed> a plug in a lead, with joints on the half that leaves */
    private function plug(Fields $in): array
    {
        $index = Index::of($this->document);
        $lead = $in->text('id');
        $cores = count($index->item($lead)->items('cores'));
        $part = null;
        foreach (\BenchGlow\Parts\Catalogue::shelf('plugs') as $entry) {
            $ways = $entry->object('part')->integer('ways');
            $sealed = $entry->object('part')->flag('sealed') === ($in->text('sealed') !== '');
            $part =
                $part === null && $ways >= $cores && $sealed
                    ? \BenchGlow\Parts\Catalogue::part($entry->object('part')->text('id'))
                    : $part;
        }
        $part ?? throw new NotUnderstood("Plug: no plug of the shelf has {$cores} ways.");
        $own =
            array_values(
                array_filter(
                    $this->document->fields()->objects('parts'),
                    fn (Fields $p): bool => $p->text('catalogue') === $part->text('catalogue'),
                ),
            )[0] ?? null;
        $partId = $own?->text('id') ?? $this->free($part->text('id'));
        $device = $this->free("{$lead}_plug");
        $inline = $this->free("{$lead}_plug_half");
        $length = $index->item($lead)->number('length_m');

        return [
            'op' => 'batch',
            'what' => 'A plug in '.lcfirst($index->item($lead)->text('label', $lead)),
            'edits' => [
                ...$own === null
                    ? [['op' => 'add', 'section' => 'parts', 'value' => [...$part->data, 'id' => $partId]]]
                    : [],
                [
                    'op' => 'add',
                    'section' => 'devices',
                    'value' => [
                        'id' => $device,
                        'circuit' => $index->item($lead)->textOrNull('circuit'),
                        'kind' => 'plug',
                        'part' => $partId,
                        'label' => 'Plug of '.lcfirst($index->item($lead)->text('label', $lead)),
                    ],
                ],
                [
                    'op' => 'add',
                    'section' => "leads.{$lead}.inline",
                    'value' => [
                        'id' => $inline,
                        'kind' => 'plug',
                        'at_m' => $length,
                        'plug' => $device,
                        'ways' => range(1, $cores),
                    ],
                ],
            ],
        ];
    }
}
